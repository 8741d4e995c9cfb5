/** A moment of a bar's way: seconds from anywhere, height in metres. */
export interface Sample {
  t: number;
  h: number;
}

export type Where = 'off the chest' | 'middle' | 'lockout';

/** One repetition, from the lowest point to the top. Speeds in m/s, seconds, shares of the stroke 0 to 1. */
export interface Rep {
  fromS: number;
  toS: number;
  strokeM: number;
  meanSpeed: number;
  peakSpeed: number;
  /** How long it stood at the bottom before it went up. */
  pauseS: number;
  /** Where it goes slowest between two peaks of speed, and from where on; null where it never slows. */
  sticking: { from: number; at: number; speed: number; where: Where } | null;
}

export interface TraceRead {
  reps: Rep[];
  /** Mean speed lost from the fastest repetition to the last, a share; null for one repetition. */
  loss: number | null;
}

export class TraceError extends Error {}

/** Samples a second it is read at, and the window it is smoothed over, seconds. */
const RATE = 100;
const WINDOW_S = 0.16;
/** A rise of this share of the whole range is a repetition. */
const WHOLE_REP = 0.55;
/** The bar stands below this speed, m/s. */
const STANDING = 0.03;
/** It slows by this share of the first peak, or it is no sticking. */
const SLOWS = 0.06;
const LEAST_SAMPLES = 20;
const LEAST_RANGE_M = 0.12;

/** Off the chest below 35 % of the stroke, lockout above 65 %. Common practice. */
export const whereAt = (share: number): Where =>
  share < 0.35 ? 'off the chest' : share <= 0.65 ? 'middle' : 'lockout';

/** Evenly spaced heights, straight lines between samples. */
function even(samples: readonly Sample[]): number[] {
  const first = samples[0]!.t;
  const last = samples[samples.length - 1]!.t;
  const heights: number[] = [];
  let i = 0;
  for (let k = 0; first + k / RATE <= last + 1e-9; k += 1) {
    const t = first + k / RATE;
    while (i + 2 < samples.length && samples[i + 1]!.t < t) i += 1;
    const [a, b] = [samples[i]!, samples[i + 1]!];
    heights.push(a.h + (b.h - a.h) * Math.min(1, Math.max(0, (t - a.t) / (b.t - a.t))));
  }
  return heights;
}

/** A parabola fitted to each window: its middle and its slope (Savitzky and Golay 1964, Anal Chem 36:1627-1639, from memory). */
function smooth(heights: readonly number[]): { h: number[]; v: number[] } {
  const half = Math.round((WINDOW_S * RATE) / 2);
  const h: number[] = [];
  const v: number[] = [];
  const at = (i: number): number => heights[Math.max(0, Math.min(heights.length - 1, i))]!;
  let s2 = 0;
  let s4 = 0;
  for (let k = -half; k <= half; k += 1) {
    s2 += k ** 2;
    s4 += k ** 4;
  }
  const n = 2 * half + 1;
  for (let i = 0; i < heights.length; i += 1) {
    let [y, ky, kky] = [0, 0, 0];
    for (let k = -half; k <= half; k += 1) {
      const value = at(i + k);
      y += value;
      ky += k * value;
      kky += k * k * value;
    }
    h.push((s4 * y - s2 * kky) / (n * s4 - s2 * s2));
    v.push((ky / s2) * RATE);
  }
  return { h, v };
}

/** Stretches from a low point to the high one after it that rise by most of the range. */
function rises(h: readonly number[]): [number, number][] {
  const sorted = [...h].sort((a, b) => a - b);
  const range = sorted[Math.floor(sorted.length * 0.98)]! - sorted[Math.floor(sorted.length * 0.02)]!;
  if (range < LEAST_RANGE_M)
    throw new TraceError('The bar hardly moves in this trace: heights in metres are wanted.');
  const need = range * WHOLE_REP;
  const found: [number, number][] = [];
  let low = 0;
  let high = 0;
  let isRising = false;
  for (let i = 1; i < h.length; i += 1) {
    if (!isRising) {
      if (h[i]! <= h[low]!) low = i;
      else if (h[i]! - h[low]! > need) {
        isRising = true;
        high = i;
      }
    } else {
      if (h[i]! >= h[high]!) high = i;
      else if (h[high]! - h[i]! > need * 0.5) {
        found.push([low, high]);
        isRising = false;
        low = i;
      }
    }
  }
  if (isRising) found.push([low, high]);
  return found;
}

/**
 * The deepest valley of speed: its lowest point lies furthest below the lower of the peaks on both sides, and the first
 * peak is where it begins. Null where speed never falls and comes back by enough. Ripples of noise are shallower.
 */
function slowest(v: readonly number[], from: number, to: number): { first: number; low: number } | null {
  const after = new Float64Array(to - from + 2);
  for (let i = to; i >= from; i -= 1) after[i - from] = Math.max(after[i - from + 1]!, v[i]!);
  let first = from;
  let best: { first: number; low: number; depth: number } | null = null;
  for (let i = from; i <= to; i += 1) {
    if (v[i]! > v[first]!) first = i;
    const depth = Math.min(v[first]!, after[i - from]!) - v[i]!;
    if (depth > (best?.depth ?? 0)) best = { first, low: i, depth };
  }
  return best && best.depth >= SLOWS * v[best.first]! ? { first: best.first, low: best.low } : null;
}

function repOf(h: readonly number[], v: readonly number[], low: number, high: number): Rep {
  // The lift begins where it leaves the bottom and ends where it stands again.
  let from = low;
  while (from < high && v[from]! < STANDING) from += 1;
  let to = high;
  while (to > from && v[to]! < STANDING) to -= 1;
  let pause = from;
  while (pause > 0 && Math.abs(v[pause - 1]!) < STANDING) pause -= 1;
  const bottom = h[from]!;
  const strokeM = h[to]! - bottom;
  const share = (i: number): number => (h[i]! - bottom) / strokeM;
  const found = slowest(v, from, to);
  return {
    fromS: from / RATE,
    toS: to / RATE,
    strokeM,
    meanSpeed: strokeM / Math.max(1 / RATE, (to - from) / RATE),
    peakSpeed: Math.max(...v.slice(from, to + 1)),
    pauseS: (from - pause) / RATE,
    sticking: found
      ? {
          from: share(found.first),
          at: share(found.low),
          speed: v[found.low]!,
          where: whereAt(share(found.low)),
        }
      : null,
  };
}

/**
 * Reads the repetitions out of a bar's heights over time: smoothed, differentiated, the first peak of speed, the lowest
 * point after it and its height as a share of the stroke (van den Tillaar and Ettema 2010, J Sports Sci 28:529-535, from
 * memory, for what a sticking region is). Throws TraceError for what is no trace.
 */
export function readTrace(samples: readonly Sample[]): TraceRead {
  const ordered = [...samples]
    .sort((a, b) => a.t - b.t)
    .filter((s, i, all) => i === 0 || s.t > all[i - 1]!.t);
  if (ordered.length < LEAST_SAMPLES)
    throw new TraceError(`A trace needs ${LEAST_SAMPLES} samples or more; this one has ${ordered.length}.`);
  const length = ordered[ordered.length - 1]!.t - ordered[0]!.t;
  if (length > 600)
    throw new TraceError('A trace is a set, not longer than ten minutes: time is wanted in seconds.');
  const { h, v } = smooth(even(ordered));
  const reps = rises(h).map(([low, high]) => repOf(h, v, low, high));
  if (reps.length === 0) throw new TraceError('No repetition was found in this trace.');
  const means = reps.map((r) => r.meanSpeed);
  return {
    reps,
    loss: reps.length < 2 ? null : Math.max(0, 1 - means[means.length - 1]! / Math.max(...means)),
  };
}

/** How far two sides of one bar are apart over the repetitions both show: time from bottom to top, as a share. */
export function sidesApart(left: TraceRead, right: TraceRead): number {
  const n = Math.min(left.reps.length, right.reps.length);
  let apart = 0;
  for (let i = 0; i < n; i += 1) {
    const [l, r] = [left.reps[i]!, right.reps[i]!];
    apart += (r.toS - r.fromS - (l.toS - l.fromS)) / (l.toS - l.fromS) / n;
  }
  return apart;
}

/**
 * How far a bar tilts at most, metres: the heights of its two ends over where each began, taken at the same times. The
 * ends are sampled together; samples only one of them has are left out.
 */
export function tiltOf(left: readonly Sample[], right: readonly Sample[]): number {
  const at = new Map(right.map((s) => [s.t, s.h]));
  const both = left.flatMap(({ t, h }) => {
    const other = at.get(t);
    return other === undefined ? [] : [h - other];
  });
  const [begins = 0] = both;
  return Math.max(0, ...both.map((apart) => Math.abs(apart - begins)));
}

/** A table with a third column has the other end of the bar in it. */
export const hasBothSides = (rows: readonly (readonly string[])[]): boolean =>
  rows.filter((row) => row.length > 2 && /^\s*-?\d/.test(row[2] ?? '')).length > rows.length / 2;

/**
 * Rows of time and height out of a table, the height of the column that is named; a heading is passed over. Throws
 * TraceError with the row that is none.
 */
export function samplesOf(rows: readonly (readonly string[])[], column: 1 | 2 = 1): Sample[] {
  const samples: Sample[] = [];
  rows.forEach((row, i) => {
    if (row.every((cell) => cell.trim() === '')) return;
    const [t, h] = [row[0], row[column]].map((cell) => Number((cell ?? '').trim().replace(',', '.')));
    if (
      t !== undefined &&
      h !== undefined &&
      Number.isFinite(t) &&
      Number.isFinite(h) &&
      row[column]?.trim() !== ''
    )
      samples.push({ t, h });
    else if (samples.length > 0 || i > 3)
      throw new TraceError(`Row ${i + 1} is no time and height: “${row.slice(0, column + 1).join(', ')}”.`);
  });
  return samples;
}
