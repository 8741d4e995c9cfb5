import { sampleClient, sampleContext } from '../examples';
import type { LiftRecord } from '../strength';
import { daysAfter } from '../units';
import { progress, recoveryAlarm } from './progress';

const TODAY = '2026-11-24';
const set = (day: number, loadKg: number, reps: number): LiftRecord => ({
  movement: 'barbell-press',
  rig: {},
  date: daysAfter(TODAY, day),
  loadKg,
  reps,
  reserve: 1,
  kind: 'set',
});
const of = (logged: LiftRecord[]) =>
  progress({ ...sampleContext, client: { ...sampleClient, tests: [] }, logged, todayIso: TODAY });
const weekly = (kg: (week: number) => number): LiftRecord[] =>
  Array.from({ length: 10 }, (_, w) => [0, 1, 2].map(() => set(7 * (w - 10), kg(w), 6))).flat();

test('a lift that gains two per cent a week rises, one that loses them falls; one that stays is not called rising', () => {
  expect(of(weekly((w) => 80 * 1.02 ** w))[0]).toMatchObject({
    standing: 'rising',
    name: 'Barbell bench press',
  });
  expect(of(weekly((w) => 100 * 0.98 ** w))[0]!.standing).toBe('falling');
  // Flat alone says little in ten weeks: a gain of half a per cent a week would look alike now and then.
  expect(of(weekly(() => 90))[0]!.standing).toBe('cannot tell yet');
  const twice = weekly((w) => 90 * 0.997 ** w).flatMap((s) => [s, { ...s, date: daysAfter(s.date, 3) }]);
  const still = of(twice)[0]!;
  expect(still.standing).toBe('holding');
  expect(still.slope.high).toBeLessThan(0.3);
});

test('presses at other angles are lifts of their own, told apart by their settings where they share a name', () => {
  const lifts = of([
    ...weekly(() => 90),
    ...weekly(() => 70).map((s) => ({ ...s, movement: 'dumbbell-press', rig: { benchDeg: 30 }, loadKg: 28 })),
    ...weekly(() => 70).map((s) => ({ ...s, movement: 'dumbbell-press', rig: { benchDeg: 45 }, loadKg: 26 })),
  ]);
  expect(lifts).toHaveLength(3);
  expect(new Set(lifts.map((l) => l.name)).size).toBe(3);
});

test('the band holds the level, the level lies near what each day said, and three days are the least', () => {
  const [lift] = of(weekly((w) => 80 + w));
  for (const p of lift!.points.slice(2)) {
    expect(p.low).toBeLessThan(p.kg);
    expect(p.high).toBeGreaterThan(p.kg);
    expect(Math.abs(Math.log(p.kg / p.readKg))).toBeLessThan(0.05);
  }
  expect(of([set(-9, 80, 6), set(-2, 80, 6)])).toEqual([]);
  const early = of([set(-12, 80, 6), set(-9, 80, 6), set(-2, 80, 6)])[0]!;
  expect([early.standing, early.holdingFor]).toEqual(['cannot tell yet', 0]);
});

test('first sets that fall behind session after session are told, chance is not', () => {
  const days = (reps: (i: number) => number): LiftRecord[] =>
    Array.from({ length: 14 }, (_, i) => set(4 * (i - 14) + 3, 90, reps(i)));
  const asked = (logged: LiftRecord[]) =>
    recoveryAlarm({ ...sampleContext, client: { ...sampleClient, tests: [] }, logged, todayIso: TODAY });
  expect(asked(days((i) => (i % 2 ? 9 : 8)))).toBe(null);
  expect(asked(days((i) => (i < 11 ? 8 : 18 - i)))).not.toBe(null);
});
