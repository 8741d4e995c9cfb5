import { interpolate } from '../units';

/** What a set is worth by the repetitions left: nearer failure gives somewhat more. Own estimate, in
 * line with Robinson et al. 2024 (Sports Med 54:2209-2231), from memory. */
export const effortWorth = (reserve: number): number =>
  interpolate(
    [
      { at: 0, value: 1 },
      { at: 1, value: 0.97 },
      { at: 2, value: 0.93 },
      { at: 3, value: 0.88 },
      { at: 4, value: 0.8 },
      { at: 5, value: 0.65 },
    ],
    reserve,
  );

/** Share of what one session can give a region, for `sets` hard sets. Concave: 0 at none, near 1 past a dozen. */
export const doseValue = (sets: number, scale: number): number => 1 - Math.exp(-sets / scale);

/** What one more set adds, as a share of the whole. */
export const nextSetWorth = (sets: number, scale: number): number =>
  doseValue(sets + 1, scale) - doseValue(sets, scale);
