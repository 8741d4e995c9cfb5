import { sampleClient, sampleContext } from '../examples';
import type { LiftRecord } from '../strength';
import { daysAfter } from '../units';
import { progress } from './progress';

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

test('a lift that gains two per cent a week rises, one that loses them falls, one that stays is stuck', () => {
  expect(of(weekly((w) => 80 * 1.02 ** w))[0]).toMatchObject({
    standing: 'rising',
    name: 'Barbell bench press',
  });
  expect(of(weekly((w) => 100 * 0.98 ** w))[0]!.standing).toBe('falling');
  expect(of(weekly(() => 90))[0]!.standing).toBe('stuck');
});

test('the band holds the level, the level lies near what each day said, and three days are the least', () => {
  const [lift] = of(weekly((w) => 80 + w));
  for (const p of lift!.points) {
    expect(p.low).toBeLessThan(p.kg);
    expect(p.high).toBeGreaterThan(p.kg);
    expect(Math.abs(Math.log(p.kg / p.readKg))).toBeLessThan(0.03);
  }
  expect(of([set(-9, 80, 6), set(-2, 80, 6)])).toEqual([]);
  expect(of([set(-12, 80, 6), set(-9, 80, 6), set(-2, 80, 6)])[0]!.standing).toBe('too early');
});

test('down twice running by more than chance is said, once is not', () => {
  const days = (last: number, before: number) => [
    ...[-28, -21, -14].map((d) => set(d, 90, 8)),
    set(-7, 90, before),
    set(-1, 90, last),
  ];
  expect(of(days(3, 5))[0]!.downTwice).toEqual([daysAfter(TODAY, -7), daysAfter(TODAY, -1)]);
  expect(of(days(5, 8))[0]!.downTwice).toBe(null);
});
