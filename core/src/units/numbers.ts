export const clamp = (value: number, low: number, high: number): number =>
  Math.max(low, Math.min(high, value));

export const sum = (values: readonly number[]): number => values.reduce((a, b) => a + b, 0);

export const median = (values: readonly number[]): number => {
  const sorted = [...values].sort((a, b) => a - b);
  const half = sorted.length >> 1;
  return sorted.length % 2 === 1 ? sorted[half]! : (sorted[half - 1]! + sorted[half]!) / 2;
};

export const roundTo = (value: number, step: number): number =>
  Number((Math.round(value / step) * step).toFixed(6));

/** A model's share (0–1) told as it may be: per cent in steps of five. */
export const inFives = (share: number): number => Math.round(share * 20) * 5;

/** A point on a curve given by straight pieces; flat beyond both ends. Points ascend in `at`. */
export function interpolate(points: readonly { at: number; value: number }[], at: number): number {
  const first = points[0]!;
  const last = points[points.length - 1]!;
  if (at <= first.at) return first.value;
  if (at >= last.at) return last.value;
  for (let i = 1; i < points.length; i++) {
    const b = points[i]!;
    if (at <= b.at) {
      const a = points[i - 1]!;
      return a.value + ((b.value - a.value) * (at - a.at)) / (b.at - a.at);
    }
  }
  return last.value;
}
