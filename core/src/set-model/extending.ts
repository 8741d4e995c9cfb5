import { type Belief, beliefBefore, copyOfBelief, passTime } from './belief';
import { copyOfGaussian, type Gaussian, gaussian } from './gaussian';
import type { Lift } from './lift';
import { setModelTable } from './table';

/** Everything of a state but the day's form, which tells nothing of another lift. */
const lasting = (n: number): number => 2 * n + 1;

/** The lower triangle L with L·Lᵀ = a, row by row (Cholesky). */
function rootOf(a: Float64Array, n: number): Float64Array {
  const root = new Float64Array(n * n);
  for (let i = 0; i < n; i += 1)
    for (let j = 0; j <= i; j += 1) {
      let sum = a[i * n + j]!;
      for (let k = 0; k < j; k += 1) sum -= root[i * n + k]! * root[j * n + k]!;
      root[i * n + j] = i === j ? Math.sqrt(Math.max(sum, 1e-12)) : sum / root[j * n + j]!;
    }
  return root;
}

/** Solves L·Lᵀ·x = b. */
function solved(root: Float64Array, n: number, b: Float64Array): Float64Array {
  const x = b.slice();
  for (let i = 0; i < n; i += 1) {
    for (let k = 0; k < i; k += 1) x[i]! -= root[i * n + k]! * x[k]!;
    x[i]! /= root[i * n + i]!;
  }
  for (let i = n - 1; i >= 0; i -= 1) {
    for (let k = i + 1; k < n; k += 1) x[i]! -= root[k * n + i]! * x[k]!;
    x[i]! /= root[i * n + i]!;
  }
  return x;
}

/** What nobody had lifted anything would be thought today, with its root: the same for every lift that is added. */
interface Unlearnt {
  state: Gaussian;
  root: Float64Array;
}
const unlearnt = new WeakMap<Belief, Unlearnt>();

function priorOf(b: Belief, lifts: readonly Lift[]): Belief {
  const prior = beliefBefore(b.lifting, lifts);
  if (b.since !== null) passTime(prior, b.since);
  if (b.day !== null) passTime(prior, b.day);
  return prior;
}

function unlearntOf(b: Belief): Unlearnt {
  let found = unlearnt.get(b);
  if (!found) {
    const { state } = priorOf(b, b.lifts);
    const [n, m] = [lasting(b.lifts.length), state.n];
    const known = new Float64Array(n * n);
    for (let i = 0; i < n; i += 1) for (let j = 0; j < n; j += 1) known[i * n + j] = state.cov[i * m + j]!;
    unlearnt.set(b, (found = { state, root: rootOf(known, n) }));
  }
  return found;
}

/**
 * A belief with one lift more, of which nothing was ever done: what is thought of it follows from what was learnt of the
 * others (regression of a normal). The belief itself stays as it is.
 */
export function withLift(b: Belief, lift: Lift): Belief {
  const { state: old, root } = unlearntOf(b);
  const n = b.lifts.length;
  const { state: joint } = priorOf(b, [...b.lifts, lift]);
  const k = lasting(n);
  // Where the known figures stand in the longer state.
  const place = (i: number): number => (i < n ? i : i + 1);
  const made = gaussian(2 * n + 4);
  const to = (i: number): number => (i < n ? i : i < 2 * n ? i + 1 : i + 2);
  const all = 2 * n + 2;
  for (let i = 0; i < all; i += 1) {
    made.mean[to(i)] = b.state.mean[i]!;
    for (let j = 0; j < all; j += 1) made.cov[to(i) * made.n + to(j)] = b.state.cov[i * b.state.n + j]!;
  }
  const added = [n, 2 * n + 1];
  const weights = added.map((at) => {
    const row = new Float64Array(k);
    for (let i = 0; i < k; i += 1) row[i] = joint.cov[at * joint.n + (i < 2 * n ? place(i) : 2 * n + 2)]!;
    return { at, row, a: solved(root, k, row) };
  });
  for (const { at, a } of weights) {
    let mean = joint.mean[at]!;
    for (let i = 0; i < k; i += 1) mean += a[i]! * (b.state.mean[i]! - old.mean[i]!);
    made.mean[at] = mean;
    for (let j = 0; j < all; j += 1) {
      let sum = 0;
      for (let i = 0; i < k; i += 1) sum += a[i]! * b.state.cov[i * b.state.n + j]!;
      made.cov[at * made.n + to(j)] = sum;
      made.cov[to(j) * made.n + at] = sum;
    }
  }
  for (const one of weights)
    for (const two of weights) {
      let sum = joint.cov[one.at * joint.n + two.at]!;
      for (let i = 0; i < k; i += 1) {
        sum -= one.a[i]! * two.row[i]!;
        let through = 0;
        for (let j = 0; j < k; j += 1) through += b.state.cov[i * b.state.n + j]! * two.a[j]!;
        sum += one.a[i]! * through;
      }
      made.cov[one.at * made.n + two.at] = sum;
    }
  const lifts = [...b.lifts, lift];
  const copy = copyOfBelief({ ...b, state: copyOfGaussian(made) });
  return {
    ...copy,
    lifts,
    at: new Map(lifts.map((l, i) => [l.id, i])),
    liftCurve: [...copy.liftCurve, { mean: 0, variance: setModelTable.before.liftCurveSd ** 2 }],
    zones: [...copy.zones, { n: 0, reps: 0, weight: 0, loss: 0 }],
    lastDone: [...copy.lastDone, null],
  };
}
