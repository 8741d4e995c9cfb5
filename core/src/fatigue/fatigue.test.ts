import type { Credits } from '../anatomy/regions';
import { repsAtLoad, maxOverLoad } from '../strength/formulas';
import { runFatigue, type Exertion } from './stores';

const chest: Credits = { pecMiddle: 1 };

/** Reps of sets to failure (or leaving some) with a 10-rep max, at a rest; credit 1. */
function repsOver(sets: number, restS: number, reserve = 0): number[] {
  const load = 100 / maxOverLoad(10);
  const reps: number[] = [];
  const done: Exertion[] = [];
  let now = 0;
  for (let i = 0; i < sets; i++) {
    const next = { startS: now, endS: now + 30, credits: chest, reps: 0, reserve };
    const { losses } = runFatigue([...done, next], null);
    const can = repsAtLoad(100 * (1 - losses[i]!), load) - reserve;
    reps.push(can);
    done.push({ ...next, reps: can });
    now += 30 + restS;
  }
  return reps;
}

/** Common practice: about 10, 8, 7 at two minutes, 10, 7, 5 at one, 10, 9, 8 at four. */
test.each([
  [120, [10, 8, 7]],
  [60, [10, 7, 5]],
  [240, [10, 9, 8]],
])('three sets to failure at %p s of rest', (restS, wanted) => {
  repsOver(3, restS).forEach((reps, i) => expect(Math.abs(reps - wanted[i]!)).toBeLessThan(1.1));
});

/** Direction: Refalo et al. 2024, J Sports Sci 42:85-101 (from memory). */
test('two in reserve lose about a rep at most, failure loses more', () => {
  const easy = repsOver(3, 120, 2);
  const hard = repsOver(3, 120, 0);
  expect(easy[0]! - easy[2]!).toBeLessThan(1.6);
  expect(hard[0]! - hard[2]!).toBeGreaterThan(easy[0]! - easy[2]!);
});

test('triceps isolation first costs the press one to three of ten reps (common practice)', () => {
  const triceps: Credits = { triLateral: 1, triMedial: 1, triLong: 0.75 };
  const press: Credits = { pecMiddle: 1, triLateral: 0.5 };
  const sets = [0, 90, 180].map((startS) => ({
    startS,
    endS: startS + 30,
    credits: triceps,
    reps: 12,
    reserve: 0,
  }));
  const { losses } = runFatigue(
    [...sets, { startS: 285, endS: 320, credits: press, reps: 10, reserve: 0 }],
    null,
  );
  const left = repsAtLoad(100 * (1 - losses[3]!), 100 / maxOverLoad(10));
  expect(10 - left).toBeGreaterThan(1);
  expect(10 - left).toBeLessThan(3.5);
});

test('ten minutes on something else bring most of it back, and no region goes below the floor', () => {
  const set = { startS: 0, endS: 30, credits: chest, reps: 10, reserve: 0 };
  const { curve } = runFatigue([set], 630);
  const after = curve.find((p) => p.atS === 30)!.fresh.chest;
  const later = curve[curve.length - 1]!.fresh.chest;
  expect(1 - later).toBeLessThan((1 - after) * 0.3);
  const many = Array.from({ length: 60 }, (_, i) => ({ ...set, startS: i * 31, endS: i * 31 + 30 }));
  expect(Math.min(...runFatigue(many, 2000).curve.map((p) => p.fresh.chest))).toBeGreaterThanOrEqual(0.4);
});
