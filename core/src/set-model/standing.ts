import { setModelTable } from './table';

const {
  weeks: WEEKS,
  least,
  spanDays,
  daySd,
  priorDf,
  widen,
  risingZ,
  fallingZ,
  holdingZ,
  holdingBelow,
} = setModelTable.standing;

/** What a session's sets say of a max, on the logarithm. */
export interface DayReading {
  day: number;
  log: number;
  weight: number;
  /** Of a lighter week: shown, and left out of the line. */
  isLight: boolean;
}

/** One set of a session for a reading: what it showed of the fresh max, with its variance. */
export interface SetReading {
  log: number;
  variance: number;
}

/** A session's reading from its sets; null without one. */
export function dayReading(day: number, sets: readonly SetReading[], isLight: boolean): DayReading | null {
  const precision = sets.reduce((sum, s) => sum + 1 / s.variance, 0);
  if (precision === 0) return null;
  const log = sets.reduce((sum, s) => sum + s.log / s.variance, 0) / precision;
  return { day, log, weight: 1 / (daySd ** 2 + 1 / precision), isLight };
}

export type Standing = 'rising' | 'holding' | 'falling' | 'cannot tell yet';

/** Where a lift goes: its slope a week on the logarithm, as far as it can be told. */
export interface Slope {
  standing: Standing;
  /** Sessions that count, and the weeks they span. */
  sessions: number;
  weeks: number;
  /** Null with too few sessions for any line. */
  slope: { mean: number; se: number; df: number } | null;
}

/** Student's t for a quantile of the normal curve; Cornish and Fisher's expansion, Abramowitz & Stegun 1964, 26.7.5 (from memory). */
export const studentT = (z: number, df: number): number =>
  z * (1 + (z * z + 1) / (4 * df) + (5 * z ** 4 + 16 * z * z + 3) / (96 * df * df));

/** A weighted straight line through readings, weeks counted from `today` (days). */
export function straightLine(readings: readonly DayReading[], today: number) {
  const n = readings.length;
  const sum = (f: (r: DayReading, t: number) => number): number =>
    readings.reduce((s, r) => s + r.weight * f(r, (r.day - today) / 7), 0);
  const w = sum(() => 1);
  const t0 = sum((_, t) => t) / w;
  const y0 = sum((r) => r.log) / w;
  const sxx = sum((_, t) => (t - t0) ** 2);
  const mean = sum((r, t) => (t - t0) * (r.log - y0)) / sxx;
  const rss = sum((r, t) => (r.log - y0 - mean * (t - t0)) ** 2);
  return { mean, se: widen * Math.sqrt((priorDf + rss) / (n + priorDf - 2) / sxx), df: n + priorDf - 2 };
}

/**
 * How a lift stands: rising, holding, falling, or that it cannot be told yet. Holding is said only where the readings
 * rule out a gain worth having. Ten weeks back, lighter weeks left out.
 */
export function standingOf(readings: readonly DayReading[], today: number): Slope {
  const seen = readings.filter((r) => !r.isLight && r.day <= today && today - r.day <= WEEKS * 7);
  const days = seen.map((r) => r.day);
  const span = seen.length === 0 ? 0 : Math.max(...days) - Math.min(...days);
  const base = { sessions: seen.length, weeks: span / 7 };
  if (new Set(days).size < 3) return { ...base, standing: 'cannot tell yet', slope: null };
  const slope = straightLine(seen, today);
  if (seen.length < least || span < spanDays) return { ...base, standing: 'cannot tell yet', slope };
  const at = (z: number): number => studentT(z, slope.df) * slope.se;
  const standing: Standing =
    slope.mean - at(risingZ) > 0
      ? 'rising'
      : slope.mean + at(fallingZ) < 0
        ? 'falling'
        : slope.mean + at(holdingZ) < holdingBelow
          ? 'holding'
          : 'cannot tell yet';
  return { ...base, standing, slope };
}
