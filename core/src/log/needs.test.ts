import { sampleContext } from '../examples';
import type { Logged } from '../strength';
import { daysAfter } from '../units';
import { needsFromLog } from './needs';

const today = '2026-11-24';
/** One set of bench a day, four days apart, up to yesterday. */
const log = (loads: readonly number[], said: (i: number) => Partial<Logged> = () => ({})): Logged[] =>
  loads.map((loadKg, i) => ({
    movement: 'barbell-press',
    rig: {},
    date: daysAfter(today, -1 - 4 * (loads.length - 1 - i)),
    loadKg,
    reps: 5,
    reserve: 2,
    kind: 'set',
    ...said(i),
  }));
const says = (logged: Logged[]): string[] =>
  needsFromLog({
    ...sampleContext,
    client: { ...sampleContext.client, tests: [] },
    logged,
    todayIso: today,
  }).map((n) => `${n.loud ? 'loud ' : ''}${n.says.split(':')[0]}`);

test('nothing is asked for without a log, nor while a lift rises', () => {
  expect(says([])).toEqual([]);
  expect(says(log([70, 72, 74, 76, 78, 80, 82, 84]))).toEqual([]);
});

test('at most one thing is asked for: who falls behind loudly, what stands still quietly, chance not at all', () => {
  const behind = log(
    Array.from({ length: 15 }, () => 80),
    (i) => ({ reps: i < 12 ? 8 : 18 - i, reserve: i < 12 ? 2 : 0 }),
  );
  expect(says(behind)).toEqual(['loud Falls behind what was expected']);
  const still = log(
    Array.from({ length: 22 }, (_, i) => 80 * 0.9985 ** i),
    () => ({ reps: 6, reserve: 1 }),
  );
  expect(says(still)).toEqual(['Standing still']);
  expect(says(log([80, 80.5, 80, 79.5, 80, 80, 80.5, 80]))).toEqual([]);
});

test('a movement that gets uncomfortable is told, whatever its load does', () => {
  const worse = log([70, 72, 74, 76], (i) => ({ comfort: 9 - 2 * i }));
  expect(says(worse)).toContain('loud Less comfortable');
  expect(says(log([70, 72, 74, 76], () => ({ comfort: 8 })))).toEqual([]);
});
