import { type Belief, beliefBefore, openDay } from '../set-model/belief';
import type { LineAsked } from '../set-model/choosing';
import { learnFrom } from '../set-model/evidence';
import type { AskedSet } from '../set-model/expecting';
import type { Lift } from '../set-model/lift';
import { freshStores } from '../set-model/stores';

/** Somebody known for one lift, and lines asked of them, for the tests of the model of a set. */
export const press = { pecMiddle: 1, pecLower: 0.75, deltFront: 0.5, triLateral: 0.5, triMedial: 0.5 };
export const lift = (id: string, ratio: number, spread: number, family = 'press'): Lift => ({
  id,
  ratio,
  spread,
  family,
  movement: id,
});
export const lifts = [lift('bench', 1, 0.001), lift('bells', 0.4, 0.08), lift('raise', 0.13, 0.14, 'raise')];
export const SOME = { massKg: 80, trainingAge: '1 to 3 years' } as const;

/** Somebody whose bench was tested: so many kg for five. */
export const known = (kg = 90): Belief => {
  const b = beliefBefore(SOME, lifts);
  openDay(b, 0);
  learnFrom(b, { lift: 0, movesKg: kg, reps: 5, told: null, failed: true, loss: 0, index: 0 }, null);
  openDay(b, 3);
  return b;
};
export const sets = (
  n: number,
  [lo, hi]: [number, number],
  [first, last]: [number, number],
  restS = 120,
): AskedSet[] =>
  Array.from({ length: n }, (_, i) => ({
    lo,
    hi,
    reserve: n === 1 ? first : first + ((last - first) * i) / (n - 1),
    pace: 1,
    repS: 3,
    restS,
    credits: press,
  }));
export const line = (asked: AskedSet[], stores = freshStores()): LineAsked => ({
  lift: 0,
  bodyKg: 0,
  stores,
  sets: asked,
});
export const steps = (from: number, to: number, step: number): number[] =>
  Array.from({ length: Math.round((to - from) / step) + 1 }, (_, i) => from + i * step);
export const bar = steps(20, 200, 2.5);

/** Somebody who did sets at 75 kg with so many left, day after day. */
export function lived(left: number, reps = 9): Belief {
  const b = known();
  for (let day = 7; day < 30; day += 3) {
    openDay(b, day);
    for (const index of [0, 1, 2])
      learnFrom(
        b,
        { lift: 0, movesKg: 75, reps, told: left, failed: false, loss: 0.03 * index, index },
        null,
      );
  }
  openDay(b, 33);
  return b;
}
