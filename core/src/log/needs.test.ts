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

test('who is down twice running is told loudly, who is stuck quietly', () => {
  expect(says(log([80, 80, 80, 80, 72, 64]))).toContain('loud Down twice running');
  expect(says(log([80, 80.5, 80, 79.5, 80, 80, 80.5, 80]))).toEqual(['Stuck']);
});

test('a movement that gets uncomfortable is told, whatever its load does', () => {
  const worse = log([70, 72, 74, 76], (i) => ({ comfort: 9 - 2 * i }));
  expect(says(worse)).toContain('loud Less comfortable');
  expect(says(log([70, 72, 74, 76], () => ({ comfort: 8 })))).toEqual([]);
});
