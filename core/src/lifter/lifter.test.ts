import { clientMax, measure } from '../measure';
import { line, sampleClient, sampleContext, session } from '../examples';
import { movementOf } from '../movements';
import { usualCurve } from '../set-model';
import type { LiftRecord } from '../strength';
import { daysAfter } from '../units';
import { Chance } from './chance';
import { Life, type Lifter } from './lifter';

const lifter: Lifter = {
  seed: 'somebody',
  benchKg: 110,
  begins: '2026-08-31',
  gain: 0.004,
  form: 0.015,
  judging: 0.5,
  massKg: 80,
};
const push = session([
  line('barbell-bench-press', { scheme: { kind: 'straight', sets: 3, reps: { lo: 6, hi: 8 } } }),
  line('cable-fly-shoulder-height'),
]);

/** Twelve weeks, twice a week, each session measured by what was logged before it. */
function twelveWeeks(who: Lifter) {
  const life = new Life(who);
  const logged: LiftRecord[] = [];
  for (let day = 0; day < 84; day += 3.5) {
    const date = daysAfter(who.begins, Math.floor(day));
    const measured = measure(push, {
      ...sampleContext,
      client: { ...sampleClient, tests: [] },
      logged: [...logged],
      todayIso: date,
    });
    for (const l of life.lift(measured, date)) {
      const m = measured.lines.find((x) => x.id === l.lineId)!;
      if (l.reps > 0)
        logged.push({
          movement: m.movement.id,
          rig: m.rig,
          date,
          loadKg: l.loadKg,
          reps: l.reps,
          reserve: l.reserve,
          kind: 'set',
        });
    }
  }
  return { life, logged };
}

test('the same seed lifts the same, another one does not', () => {
  expect(twelveWeeks(lifter).logged).toEqual(twelveWeeks(lifter).logged);
  expect(twelveWeeks({ ...lifter, seed: 'somebody else' }).logged).not.toEqual(twelveWeeks(lifter).logged);
});

test('the max as it is read where the client trains lies within its band of what really is there', () => {
  const bench = movementOf('barbell-press');
  let within = 0;
  for (const seed of ['a', 'b', 'c', 'd', 'e', 'f']) {
    const { life, logged } = twelveWeeks({ ...lifter, seed });
    const today = daysAfter(lifter.begins, 84);
    const working = life.workingMax(bench, {}, today, 9, usualCurve.overAt);
    const max = clientMax(
      bench,
      {},
      { ...sampleContext, client: { ...sampleClient, tests: [] }, logged, todayIso: today },
    );
    if (max.basis === 'calibrate') throw new Error('nothing was logged');
    const off = Math.abs(Math.log(max.kg / working));
    expect(off).toBeLessThan(0.12);
    if (off < 2 * max.workingSpread) within += 1;
  }
  expect(within).toBeGreaterThanOrEqual(5);
});

test('the stronger lift more, and who gains is stronger in the end', () => {
  const bench = movementOf('barbell-press');
  const life = new Life(lifter);
  expect(life.hiddenMax(bench, {}, lifter.begins)).toBeCloseTo(110, 6);
  expect(life.hiddenMax(bench, {}, '2026-11-23')).toBeGreaterThan(113);
  expect(new Life({ ...lifter, benchKg: 60 }).hiddenMax(bench, {}, lifter.begins)).toBeCloseTo(60, 6);
});

test('chance is even between 0 and 1 and normal where asked', () => {
  const chance = new Chance('seed');
  const even = Array.from({ length: 4000 }, () => chance.next());
  const normal = Array.from({ length: 4000 }, () => chance.normal(2));
  const mean = (v: number[]): number => v.reduce((a, b) => a + b, 0) / v.length;
  expect(mean(even)).toBeCloseTo(0.5, 1);
  expect(Math.abs(mean(normal))).toBeLessThan(0.15);
  expect(Math.sqrt(mean(normal.map((x) => x * x)))).toBeCloseTo(2, 0);
});
