import { clientSchema } from './client';
import { lastRatings, withEntry, type BodyEntry } from './body-log';
import { sampleClient } from '../examples';

const weight = (on: string, value: number): BodyEntry => ({ on, what: 'bodyweight', value });

test('one figure a day of each measure, in the order of their days', () => {
  const first = withEntry([], weight('2026-11-02', 80));
  const both = withEntry(withEntry(first, weight('2026-10-01', 82)), {
    on: '2026-11-02',
    what: 'chest',
    value: 101,
  });
  expect(both.map((e) => [e.on, e.what])).toEqual([
    ['2026-10-01', 'bodyweight'],
    ['2026-11-02', 'bodyweight'],
    ['2026-11-02', 'chest'],
  ]);
  expect(withEntry(both, weight('2026-11-02', 79.5)).filter((e) => e.what === 'bodyweight')).toEqual([
    weight('2026-10-01', 82),
    weight('2026-11-02', 79.5),
  ]);
});

test('a region tells its last rating and the one before, whatever the order they lie in', () => {
  const rated = lastRatings([
    { on: '2026-11-01', region: 'pecUpper', rating: 3 },
    { on: '2026-09-01', region: 'pecUpper', rating: 2 },
    { on: '2026-10-01', region: 'triLong', rating: 4 },
  ]);
  expect(rated.map((r) => [r.region, r.now.rating, r.before?.rating ?? null])).toEqual([
    ['pecUpper', 3, 2],
    ['triLong', 4, null],
  ]);
});

test.each([
  ['bodyweight', 20],
  ['upper arm', 120],
  ['chest', 40],
] as const)('a %s of %p is refused with its place', (what, value) => {
  const { error } = clientSchema.safeParse({ ...sampleClient, body: [{ on: '2026-11-01', what, value }] });
  expect(error!.issues[0]!.path).toEqual(['body', 0, 'value']);
});
