import { findEntry, movementOf, type Rig } from '../movements';
import { type LiftRecord, references } from '../strength';
import { line, sampleClient, sampleContext, sampleKit } from '../examples';
import { clientMax, clientTrend } from './client-max';
import type { Context } from './context';
import { dressLine } from './dress';

const bench = findEntry('barbell-bench-press')!;
const chained = findEntry('bench-press-with-chains')!;
const known = (context: Context, entry = bench, rig: Rig = entry.rig) => {
  const max = clientMax(entry.movement, rig, context);
  if (max.basis === 'calibrate') throw new Error('expected a max');
  return max;
};
const set = (patch: Partial<LiftRecord> = {}): LiftRecord => ({
  movement: 'barbell-press',
  rig: {},
  date: '2026-11-22',
  loadKg: 95,
  reps: 6,
  reserve: 1,
  kind: 'set',
  ...patch,
});
const daysLater = (days: number): string =>
  new Date(Date.parse(sampleContext.todayIso) + days * 86_400_000).toISOString().slice(0, 10);

test('the same evidence gives the very same answer, other evidence another', () => {
  expect(known(sampleContext)).toBe(known(sampleContext));
  expect(known({ ...sampleContext, logged: [set()] })).not.toBe(known(sampleContext));
  expect(known({ ...sampleContext, todayIso: daysLater(1) })).not.toBe(known(sampleContext));
});

test('what is not lifted has no max, and takes none from the lift it stands beside', () => {
  const asNew: Context = { ...sampleContext, logged: [] };
  const cardio = dressLine(line('easy-cardio'), 'one', asNew);
  expect(cardio.max).toEqual({ basis: 'calibrate' });
  const { bench: lift } = references;
  expect(clientMax(movementOf(lift.movement), cardio.rig, asNew).basis).toBe('tested');
});

test('logged sets beside a test make it surer; months make it less sure', () => {
  const spread = (context: Context): number => known(context).spread;
  expect(spread({ ...sampleContext, logged: [set()] })).toBeLessThan(spread(sampleContext));
  const aged = [0, 30, 90, 180].map((days) => spread({ ...sampleContext, todayIso: daysLater(days) }));
  expect(aged).toEqual([...aged].sort((a, b) => a - b));
});

test('a formula of the coach’s choice counts, and another client is another answer', () => {
  const by = (formula: typeof sampleClient.formula): number =>
    known({ ...sampleContext, client: { ...sampleClient, formula } }).kg;
  // Five to failure were five and a half: Epley 118.3, Brzycki 114.3 (Epley 1985; Brzycki 1993), but for what was thought before.
  expect(Math.abs(by('epley') - 100 * (1 + 5.5 / 30))).toBeLessThan(0.3);
  expect(Math.abs(by('brzycki') - 3600 / 31.5)).toBeLessThan(0.3);
});

test('with chains the bar holds less, and the heavier they hang the less', () => {
  const withChains = (kgPerMetre: number): number =>
    known(
      {
        ...sampleContext,
        kit: { ...sampleKit, chains: [{ id: 'c', name: 'Chains', kgPerMetre, metres: 2, aSide: 1 }] },
      },
      chained,
    ).kg;
  expect(withChains(3)).toBeLessThan(known(sampleContext).kg);
  expect(withChains(12)).toBeLessThan(withChains(3));
});

test('the trend ends at today’s max and has nothing to tell without evidence', () => {
  const context = {
    ...sampleContext,
    logged: [70, 50, 30, 10].map((days) => set({ date: daysLater(-days), loadKg: 105 - days / 5 })),
  };
  const trend = clientTrend(bench.movement, bench.rig, context);
  expect(trend.length).toBeGreaterThan(4);
  expect(trend.at(-1)!.kg).toBeCloseTo(known(context).kg, 6);
  expect(trend.at(-1)!.kg).toBeGreaterThan(trend[0]!.kg);
  expect(
    clientTrend(bench.movement, bench.rig, {
      ...sampleContext,
      client: { ...sampleClient, tests: [] },
    }).length,
  ).toBeLessThan(2);
});
