import { daysFrom } from '../units/dates';

/** What a day's sets say of a max, on the logarithm. */
export interface Reading {
  date: string;
  mean: number;
  variance: number;
}

/** Where a max stands and where it is going: log of kg, and its change a week, with their covariance. */
export interface LevelSlope {
  on: string;
  level: number;
  slope: number;
  /** Variances of level and slope, and what they share. */
  vLevel: number;
  vSlope: number;
  shared: number;
}

/** How a max wanders by itself. Own estimates: about 1 % a week, and a slope that changes by .15 % a week. */
export const wandering = { level: 0.008 ** 2, slope: 0.0012 ** 2 } as const;
/** A trend loses a tenth of itself a week: nobody rises in a straight line. Own estimate. */
export const DAMPING = 0.9;

/** The state so many weeks later, nothing known in between. */
function later(s: LevelSlope, weeks: number, on: string): LevelSlope {
  const { level: ql, slope: qs } = wandering;
  return {
    on,
    level: s.level + s.slope * weeks,
    slope: s.slope,
    vLevel: s.vLevel + 2 * weeks * s.shared + weeks ** 2 * s.vSlope + ql * weeks + (qs * weeks ** 3) / 3,
    vSlope: s.vSlope + qs * weeks,
    shared: s.shared + weeks * s.vSlope + (qs * weeks ** 2) / 2,
  };
}

function updated(s: LevelSlope, { mean, variance }: Reading): LevelSlope {
  const total = s.vLevel + variance;
  const gain = s.vLevel / total;
  const gainSlope = s.shared / total;
  const off = mean - s.level;
  return {
    on: s.on,
    level: s.level + gain * off,
    slope: s.slope + gainSlope * off,
    vLevel: (1 - gain) * s.vLevel,
    vSlope: s.vSlope - gainSlope * s.shared,
    shared: (1 - gain) * s.shared,
  };
}

/**
 * A local linear trend, filtered: level and slope after the last reading. The filter of Kalman 1960 (J Basic Eng
 * 82:35-45), from memory, on a level and a slope that both wander. `before`: the slope expected beforehand.
 * Readings in order of their days; null without one.
 */
export function levelSlope(
  readings: readonly Reading[],
  before: { slope: number; spread: number },
): LevelSlope | null {
  const [first, ...rest] = readings;
  if (!first) return null;
  let state: LevelSlope = {
    on: first.date,
    level: first.mean,
    slope: before.slope,
    vLevel: first.variance,
    vSlope: before.spread ** 2,
    shared: 0,
  };
  for (const reading of rest)
    state = updated(later(state, daysFrom(state.on, reading.date) / 7, reading.date), reading);
  return state;
}

/** What a max will be beside what it is: times so much, with a spread of its own (relative). */
export interface Ahead {
  times: number;
  spread: number;
}

/**
 * So many weeks ahead of `from`: the slope fades, what is unsure of it adds up. Grows with time, never less sure than
 * before. A model's estimate.
 */
export function ahead({ slope, vSlope }: Pick<LevelSlope, 'slope' | 'vSlope'>, weeks: number): Ahead {
  const worth = (1 - DAMPING ** weeks) / (1 - DAMPING);
  const { level: ql, slope: qs } = wandering;
  return {
    times: Math.exp(slope * worth),
    spread: Math.sqrt(vSlope * worth ** 2 + ql * weeks + (qs * weeks ** 3) / 3),
  };
}
