/** A normal belief over n figures: means, and covariances row by row. Changed in place. */
export interface Gaussian {
  n: number;
  mean: Float64Array;
  cov: Float64Array;
}

export const gaussian = (n: number): Gaussian => ({
  n,
  mean: new Float64Array(n),
  cov: new Float64Array(n * n),
});

export const copyOfGaussian = (g: Gaussian): Gaussian => ({
  n: g.n,
  mean: g.mean.slice(),
  cov: g.cov.slice(),
});

export const variance = (g: Gaussian, i: number): number => g.cov[i * g.n + i]!;

/** Variance of the sum of two of the figures. */
export const varianceOfSum = (g: Gaussian, i: number, j: number): number =>
  g.cov[i * g.n + i]! + g.cov[j * g.n + j]! + 2 * g.cov[i * g.n + j]!;

/** Kalman's update by an observation of the sum of two figures, `off` from what was expected. `cov` stays where only means may move. */
export function observeSum(
  g: Gaussian,
  [i, j]: readonly [number, number],
  { off, noise }: { off: number; noise: number },
  { meansOnly = false } = {},
): void {
  const { n, mean, cov } = g;
  const shared = new Float64Array(n);
  for (let a = 0; a < n; a += 1) shared[a] = cov[a * n + i]! + cov[a * n + j]!;
  const total = shared[i]! + shared[j]! + noise;
  for (let a = 0; a < n; a += 1) mean[a]! += (shared[a]! / total) * off;
  if (meansOnly) return;
  for (let a = 0; a < n; a += 1) {
    const k = shared[a]! / total;
    if (k === 0) continue;
    for (let b = 0; b < n; b += 1) cov[a * n + b]! -= k * shared[b]!;
  }
}

/** Forgets one figure: 0 with a variance, sharing nothing with the others. */
export function renew(g: Gaussian, i: number, to: number): void {
  g.mean[i] = 0;
  for (let a = 0; a < g.n; a += 1) {
    g.cov[a * g.n + i] = 0;
    g.cov[i * g.n + a] = 0;
  }
  g.cov[i * g.n + i] = to;
}

/** Adds so many weeks of one figure's value to another's: x += w · y. */
export function accrue(g: Gaussian, x: number, y: number, w: number): void {
  const { n, mean, cov } = g;
  mean[x]! += w * mean[y]!;
  for (let a = 0; a < n; a += 1) cov[x * n + a]! += w * cov[y * n + a]!;
  for (let a = 0; a < n; a += 1) cov[a * n + x]! += w * cov[a * n + y]!;
}
