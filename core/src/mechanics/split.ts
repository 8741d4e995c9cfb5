/** What a split is asked: four torques and what every muscle gives to each of them for one newton. */
export interface SplitTask {
  /** Swing the load asks for, across it, about the arm's own axis, elbow; N·m. */
  torques: readonly [number, number, number, number];
  /** Four entries a muscle, metres. */
  columns: Float64Array;
  forces: Float64Array;
  prices: Float64Array;
}

/**
 * How far the four torques may be missed, scaled to a task of unit size. About the arm's own axis it stands
 * for ligaments and small rotators; the others only keep every task solvable. Chosen.
 */
const compliance = [6e-5, 0.06, 0.12, 6e-5] as const;

const MOST_STEPS = 50;
const CLOSE = 1e-12;

/** Solves the symmetric 4 × 4 system in place by Cholesky; `a` by rows, `b` becomes the answer. */
function solveFour(a: Float64Array, b: Float64Array): void {
  for (let i = 0; i < 4; i++) {
    for (let j = 0; j <= i; j++) {
      let s = a[4 * i + j]!;
      for (let k = 0; k < j; k++) s -= a[4 * i + k]! * a[4 * j + k]!;
      a[4 * i + j] = i === j ? Math.sqrt(Math.max(s, 1e-300)) : s / a[4 * j + j]!;
    }
  }
  for (let i = 0; i < 4; i++) {
    let s = b[i]!;
    for (let k = 0; k < i; k++) s -= a[4 * i + k]! * b[k]!;
    b[i] = s / a[4 * i + i]!;
  }
  for (let i = 3; i >= 0; i--) {
    let s = b[i]!;
    for (let k = i + 1; k < 4; k++) s -= a[4 * k + i]! * b[k]!;
    b[i] = s / a[4 * i + i]!;
  }
}

/**
 * Who answers the torques: activities a ≥ 0 (one a muscle) with the least
 * ½ Σ F·price·a² + ½ Σ residual² / compliance, where Σ F·a·column + residual = torques. Solved in the
 * dual, four unknowns: a = (column·λ / price)₊, by a damped Newton method. A model's estimate; only the
 * ratios of the activities mean something. The square as cost was chosen over the cube, which parts the regions less.
 */
export function splitWork({ torques, columns, forces, prices }: SplitTask): Float64Array {
  const n = forces.length;
  const size = Math.hypot(...torques) || 1e-9;
  const t = torques.map((v) => v / size);
  let y = t.map((v) => v / 2);
  const value = (at: readonly number[]): number => {
    let v = 0;
    for (let i = 0; i < n; i++) {
      const k = 4 * i;
      const s =
        columns[k]! * at[0]! + columns[k + 1]! * at[1]! + columns[k + 2]! * at[2]! + columns[k + 3]! * at[3]!;
      if (s > 0) v += (forces[i]! * s * s) / (2 * prices[i]!);
    }
    for (let k = 0; k < 4; k++) v += (compliance[k]! * at[k]! * at[k]!) / 2 - t[k]! * at[k]!;
    return v;
  };
  const curvature = new Float64Array(16);
  const step = new Float64Array(4);
  const slope = new Float64Array(4);
  let here = value(y);
  for (let turn = 0; turn < MOST_STEPS; turn++) {
    curvature.fill(0);
    for (let k = 0; k < 4; k++) {
      curvature[5 * k] = compliance[k]!;
      slope[k] = compliance[k]! * y[k]! - t[k]!;
    }
    for (let i = 0; i < n; i++) {
      const k = 4 * i;
      const [a, b, c, d] = [columns[k]!, columns[k + 1]!, columns[k + 2]!, columns[k + 3]!];
      const s = (a * y[0]! + b * y[1]! + c * y[2]! + d * y[3]!) / prices[i]!;
      if (s <= 0) continue;
      const pull = forces[i]! * s;
      slope[0]! += a * pull;
      slope[1]! += b * pull;
      slope[2]! += c * pull;
      slope[3]! += d * pull;
      const w = forces[i]! / prices[i]!;
      curvature[0]! += a * a * w;
      curvature[4]! += b * a * w;
      curvature[5]! += b * b * w;
      curvature[8]! += c * a * w;
      curvature[9]! += c * b * w;
      curvature[10]! += c * c * w;
      curvature[12]! += d * a * w;
      curvature[13]! += d * b * w;
      curvature[14]! += d * c * w;
      curvature[15]! += d * d * w;
    }
    let rest = 0;
    for (let k = 0; k < 4; k++) rest += slope[k]! * slope[k]!;
    if (rest < CLOSE) break;
    step.set(slope);
    solveFour(curvature, step);
    let descent = 0;
    for (let k = 0; k < 4; k++) descent += step[k]! * slope[k]!;
    for (let share = 1; ; share /= 2) {
      const next = y.map((v, k) => v - share * step[k]!);
      const there = value(next);
      if (there <= here - 1e-4 * share * descent + 1e-14 || share < 1e-5) {
        y = next;
        here = there;
        break;
      }
    }
  }
  const activity = new Float64Array(n);
  for (let i = 0; i < n; i++) {
    const k = 4 * i;
    const s =
      columns[k]! * y[0]! + columns[k + 1]! * y[1]! + columns[k + 2]! * y[2]! + columns[k + 3]! * y[3]!;
    if (s > 0) activity[i] = (s / prices[i]!) * size;
  }
  return activity;
}
