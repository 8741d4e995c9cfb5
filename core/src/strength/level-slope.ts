import { daysBetween } from '../units';

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
const DAMPING = 0.9;

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

/** What is known before the first reading is used: its own mean, and the slope expected. */
const begun = (first: Reading, before: { slope: number; spread: number }): LevelSlope => ({
  on: first.date,
  level: first.mean,
  slope: before.slope,
  vLevel: first.variance,
  vSlope: before.spread ** 2,
  shared: 0,
});

/** Before each reading and after it, in order. */
function filtered(
  readings: readonly Reading[],
  before: { slope: number; spread: number },
): { ahead: LevelSlope; now: LevelSlope; weeks: number }[] {
  const [first, ...rest] = readings;
  if (!first) return [];
  const start = begun(first, before);
  const states = [{ ahead: start, now: start, weeks: 0 }];
  for (const reading of rest) {
    const { now } = states[states.length - 1]!;
    const weeks = daysBetween(now.on, reading.date) / 7;
    const predicted = later(now, weeks, reading.date);
    states.push({ ahead: predicted, now: updated(predicted, reading), weeks });
  }
  return states;
}

/**
 * A local linear trend, filtered: level and slope after the last reading. The filter of Kalman 1960 (J Basic Eng
 * 82:35-45), from memory, on a level and a slope that both wander. `before`: the slope expected beforehand.
 * Readings in order of their days; null without one.
 */
export const levelSlope = (
  readings: readonly Reading[],
  before: { slope: number; spread: number },
): LevelSlope | null => filtered(readings, before).at(-1)?.now ?? null;

/**
 * The same for every day of a reading, from all readings, those after it too: what a picture of the past shows. The
 * smoother of Rauch, Tung and Striebel 1965 (AIAA J 3:1445-1450), from memory.
 */
export function smoothed(
  readings: readonly Reading[],
  before: { slope: number; spread: number },
): LevelSlope[] {
  const states = filtered(readings, before);
  const result = states.map((s) => s.now);
  for (let i = states.length - 2; i >= 0; i -= 1) {
    const { now } = states[i]!;
    const { ahead: next, weeks } = states[i + 1]!;
    const after = result[i + 1]!;
    // Gain: covariance of this state with the next one as it was foreseen, over the covariance of that.
    const c11 = now.vLevel + weeks * now.shared;
    const c12 = now.shared;
    const c21 = now.shared + weeks * now.vSlope;
    const c22 = now.vSlope;
    const det = next.vLevel * next.vSlope - next.shared ** 2;
    const g11 = (c11 * next.vSlope - c12 * next.shared) / det;
    const g12 = (c12 * next.vLevel - c11 * next.shared) / det;
    const g21 = (c21 * next.vSlope - c22 * next.shared) / det;
    const g22 = (c22 * next.vLevel - c21 * next.shared) / det;
    const [dl, ds] = [after.level - next.level, after.slope - next.slope];
    const [d11, d12, d22] = [
      after.vLevel - next.vLevel,
      after.shared - next.shared,
      after.vSlope - next.vSlope,
    ];
    result[i] = {
      on: now.on,
      level: now.level + g11 * dl + g12 * ds,
      slope: now.slope + g21 * dl + g22 * ds,
      vLevel: now.vLevel + g11 ** 2 * d11 + 2 * g11 * g12 * d12 + g12 ** 2 * d22,
      vSlope: now.vSlope + g21 ** 2 * d11 + 2 * g21 * g22 * d12 + g22 ** 2 * d22,
      shared: now.shared + g11 * g21 * d11 + (g11 * g22 + g12 * g21) * d12 + g12 * g22 * d22,
    };
  }
  return result;
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
