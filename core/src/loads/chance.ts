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

/** The chance that a client's max today is more than so many kilograms. */
export type Likely = (kg: number) => number;

/** The max is taken as log-normal about its estimate. */
export function likelyOver(maxKg: number, spread: number): Likely {
  const sigma = Math.hypot(spread, DAY_SPREAD);
  return (kg) => (kg <= 0 ? 1 : normalBelow(Math.log(maxKg / kg) / sigma));
}

/**
 * Between what a set wants the fresh max to be, as multiples of what is moved: below `low` it falls short of
 * its range at its reserve, above `high` it stays easier, half a repetition given either way; above `easy` it
 * is too easy to share a load with a more tired set.
 */
export interface Window {
  low: number;
  high: number;
  easy: number;
}

/** Repetitions that a rested set may stay easier for the sake of one load for all. Own estimate. */
const MAY_STAY_EASIER = 2;

/** `loss`: share of the fresh max gone at its start; `pace`: ordinary repetitions that one of it is worth. */
export function windowOf(
  { reps, reserve }: Pick<SetTarget, 'reps' | 'reserve'>,
  loss: number,
  formula: FormulaChoice,
  pace: number,
): Window {
  const at = (wanted: number): number =>
    maxOverLoad(Math.min(MOST_REPS, Math.max(0.5, wanted * pace)), formula) / (1 - loss);
  return {
    low: at(reps.lo + reserve - 0.5),
    high: at(reps.hi + reserve + 0.5),
    easy: at(reps.hi + reserve + MAY_STAY_EASIER),
  };
}
