import { sampleClient, sampleContext } from '../examples';
import type { Logged } from '../strength';
import { daysAfter } from '../units';
import { clientNature } from './nature';

/** Twelve days of three sets of the bench, of which the later ones bring `fewer` than the first. */
const days = (fewer: number): Logged[] =>
  Array.from({ length: 12 }, (_, d) =>
    [0, 1, 2].map((index): Logged => ({
      movement: 'barbell-press',
      rig: {},
      date: daysAfter('2026-11-24', 4 * (d - 12)),
      loadKg: 85,
      reps: Math.max(1, 10 - fewer * index),
      reserve: 1,
      kind: 'set',
      session: `s${d}`,
      line: 'a',
      index,
      at: index,
      repS: 3,
      asked: { lo: 8, hi: 10, reserve: 1, restS: 120 },
    })),
  ).flat();

const nature = (logged: Logged[], patch: Partial<typeof sampleClient> = {}) =>
  Object.fromEntries(
    clientNature({ ...sampleContext, logged, client: { ...sampleClient, ...patch } }).map((t) => [t.is, t]),
  );

test('without a log a client is as most are, and nothing of it is known', () => {
  const of = nature([]);
  expect(of.tires).toMatchObject({
    says: 'Loses reps from set to set as the published tables say.',
    surety: 'not known yet',
  });
  expect(of.judges!.says).toMatch(/^Leaves about 0\.5 of a rep more than they say/);
  expect(of.bends!.surety).toBe('not known yet');
});

test('who loses many reps from set to set tires more than most, who loses none less; it grows surer', () => {
  expect(nature(days(3)).tires!.says).toMatch(/^Loses more reps/);
  expect(nature(days(0)).tires!.says).toMatch(/^Loses fewer reps/);
  expect(nature(days(3)).tires!.surety).not.toBe('not known yet');
});

test('the coach may say how a client judges, and have what was learnt forgotten', () => {
  expect(nature([], { judging: 2 }).judges).toMatchObject({ surety: 'fairly sure' });
  expect(nature([], { judging: -1 }).judges!.says).toMatch(/^Says more is left than there is/);
  const again = nature(days(3), { learntSince: '2026-11-24' });
  expect(again.tires).toMatchObject({
    says: 'Loses reps from set to set as the published tables say.',
    surety: 'not known yet',
  });
});
