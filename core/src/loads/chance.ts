import type { SetTarget } from '../session/schemes';
import { maxOverLoad, MOST_REPS, type FormulaChoice } from '../strength/formulas';

/** Share of a normal curve below `z`; Abramowitz & Stegun 1964, 26.2.17 (from memory), to 1e-7. */
function normalBelow(z: number): number {
  const t = 1 / (1 + 0.2316419 * Math.abs(z));
  const tail =
    0.3989422804 *
    Math.exp((-z * z) / 2) *
    t *
    (0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))));
  return z > 0 ? 1 - tail : tail;
}

/** How far a client's day is from their estimate, beside the spread of the estimate. Own estimate. */
const DAY_SPREAD = 0.025;

/**
 * Chance that the lowest of the range is reached with the reserve kept, half a repetition given: the
 * max is taken as log-normal about what the client is able to at this moment. Past 36 repetitions the
 * chance of 36.
 */
export function chanceInRange(
  ableKg: number,
  spread: number,
  movedKg: number,
  target: SetTarget,
  formula: FormulaChoice,
  pace: number,
): number {
  const reps = Math.min(MOST_REPS, Math.max(0.5, (target.reps.lo + target.reserve - 0.5) * pace));
  const needed = movedKg * maxOverLoad(reps, formula);
  return normalBelow(Math.log(ableKg / needed) / Math.hypot(spread, DAY_SPREAD));
}
