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

/** What a client's max may be today: log-normal about its estimate. */
export interface Belief {
  /** The chance that it is more than so many kilograms. */
  over: (kg: number) => number;
  /** The same as loads are chosen by. */
  nearlyOver: (kg: number) => number;
  /** A few equally likely values as loads are chosen by, kilograms. */
  values: readonly number[];
}

/**
 * A guess that is far off is put right by the first set, so loads are chosen as if the max were known this
 * well at least. Own estimate.
 */
const KNOWN_ENOUGH = 0.05;

/** Middles of seven equal parts of a normal curve, in standard deviations. */
const sevenths = [-1.465, -0.792, -0.366, 0, 0.366, 0.792, 1.465];

export function beliefIn(maxKg: number, spread: number): Belief {
  const whole = Math.hypot(spread, DAY_SPREAD);
  const near = Math.hypot(Math.min(spread, KNOWN_ENOUGH), DAY_SPREAD);
  const overBy = (sigma: number) => (kg: number) => (kg <= 0 ? 1 : normalBelow(Math.log(maxKg / kg) / sigma));
  return {
    over: overBy(whole),
    nearlyOver: overBy(near),
    values: sevenths.map((z) => maxKg * Math.exp(z * near)),
  };
}

/** Part of a repetition that effort makes up for: counted as done. Own estimate. */
export const MAY_MISS = 0.3;
