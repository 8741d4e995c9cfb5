import { clamp } from '../units';

/**
 * Limits with their corners rounded. Every knob of a rig passes through some of them, and a plain clamp
 * would put a kink into whatever is read off it.
 */

/** 0 below `from`, 1 above `to`, an S between. */
export function smoothstep(x: number, from: number, to: number): number {
  const t = clamp((x - from) / (to - from), 0, 1);
  return t * t * (3 - 2 * t);
}

/** The larger of two numbers, the corner rounded over about `e`. */
export const softMax = (a: number, b: number, e: number): number =>
  (a + b + Math.sqrt((a - b) ** 2 + 4 * e * e)) / 2;

/** The smaller of two numbers, the corner rounded over about `e`. */
export const softMin = (a: number, b: number, e: number): number => -softMax(-a, -b, e);

/** A cosine that may have come out beyond ±1, brought inside. */
export const softCos = (q: number): number => q / Math.pow(1 + Math.pow(Math.abs(q), 8), 1 / 8);

/**
 * Where `rises` goes from below zero to above on [low, high], by halving; `low` or `high` where it does
 * not change sign.
 */
export function crossing(rises: (x: number) => number, low: number, high: number, halvings = 40): number {
  for (let i = 0; i < halvings; i++) {
    const middle = (low + high) / 2;
    if (rises(middle) < 0) low = middle;
    else high = middle;
  }
  return high;
}
