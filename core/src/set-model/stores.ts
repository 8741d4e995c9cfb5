import { type Credits, regionIds } from '../anatomy';
import type { Curve } from './curve';
import { setModelTable } from './table';

const { fast, fastS, slow, slowS, atOnceS, power, half, atTen, most } = setModelTable.tiring;

/** How tired every region is, in the order of `regionIds`: logarithm of the max lost, by how fast it comes back. */
export interface Stores {
  fast: Float64Array;
  slow: Float64Array;
  atOnce: Float64Array;
}

export const freshStores = (): Stores => ({
  fast: new Float64Array(regionIds.length),
  slow: new Float64Array(regionIds.length),
  atOnce: new Float64Array(regionIds.length),
});

export const copyOfStores = (s: Stores): Stores => ({
  fast: s.fast.slice(),
  slow: s.slow.slice(),
  atOnce: s.atOnce.slice(),
});

/** Makes one as tired as another, in place. */
export function putStores(stores: Stores, as: Stores): void {
  stores.fast.set(as.fast);
  stores.slow.set(as.slow);
  stores.atOnce.set(as.atOnce);
}

interface Sparse {
  at: number[];
  credit: number[];
  squares: number;
}
const sparse = new WeakMap<Credits, Sparse>();
function sparseOf(credits: Credits): Sparse {
  let of = sparse.get(credits);
  if (!of) {
    of = { at: [], credit: [], squares: 0 };
    for (const [i, id] of regionIds.entries()) {
      const credit = credits[id] ?? 0;
      if (credit <= 0) continue;
      of.at.push(i);
      of.credit.push(credit);
      of.squares += credit * credit;
    }
    sparse.set(credits, of);
  }
  return of;
}

/** Lets time pass, in place. */
export function recover(stores: Stores, seconds: number): void {
  if (seconds <= 0) return;
  const [f, s, o] = [Math.exp(-seconds / fastS), Math.exp(-seconds / slowS), Math.exp(-seconds / atOnceS)];
  for (let i = 0; i < stores.fast.length; i += 1) {
    stores.fast[i]! *= f;
    stores.slow[i]! *= s;
    stores.atOnce[i]! *= o;
  }
}

/**
 * What a movement loses now, before the client's own factor: every tired region it uses costs it, and work of its own
 * costs exactly what it added. `lasting`: without what is gone in seconds.
 */
export function lossOf(stores: Stores, credits: Credits, lasting = false): number {
  const { at, credit, squares } = sparseOf(credits);
  if (squares === 0) return 0;
  let sum = 0;
  for (let j = 0; j < at.length; j += 1) {
    const i = at[j]!;
    sum += credit[j]! * (stores.fast[i]! + stores.slow[i]! + (lasting ? 0 : stores.atOnce[i]!));
  }
  return sum / squares;
}

/** Loss as the client feels it, at most six tenths; `own`: logarithm of this client's own factor. */
export const felt = (loss: number, own: number): number => Math.min(most, loss * Math.exp(own));

/** A set that was done, or is expected to be. Repetitions are ordinary ones. */
export interface Work {
  credits: Credits;
  /** Done, and possible at its start. */
  done: number;
  possible: number;
  /** log(today's fresh max ÷ what moved). */
  over: number;
  /** Logarithm of the client's own factor of tiring, and their own repetitions. */
  own: number;
  ownReps?: number;
}

/** How much of a hard set a set is, for what lasts: by the share of what was possible, heavy ones a little less. */
export function amountOf(
  { done, possible, over, ownReps = 1 }: Omit<Work, 'credits' | 'own'>,
  curve: Curve,
): number {
  if (done <= 0) return 0;
  const fresh = curve.repsAt(over, ownReps);
  return Math.min(1, done / Math.max(0.5, possible)) ** power * (fresh / (fresh + half)) * atTen;
}

/** What is left of the two lasting stores after so many seconds. */
export const leftAfter = (seconds: number): { fast: number; slow: number } => ({
  fast: Math.exp(-seconds / fastS),
  slow: Math.exp(-seconds / slowS),
});

/**
 * What a set adds, in place: by the share of what was possible, so that ten with an empty bar tire nobody, and for the
 * moment so much that right after the last repetition exactly what was left is left.
 */
export function tire(
  stores: Stores,
  { credits, done, possible, over, own, ownReps = 1 }: Work,
  curve: Curve,
): void {
  if (done <= 0) return;
  const able = Math.max(0.5, possible);
  const amount = amountOf({ done, possible, over, ownReps }, curve);
  const { at, credit } = sparseOf(credits);
  for (let j = 0; j < at.length; j += 1) {
    stores.fast[at[j]!]! += fast * amount * credit[j]!;
    stores.slow[at[j]!]! += slow * amount * credit[j]!;
  }
  const left = Math.max(0, able - done);
  const moment = Math.max(
    0,
    (over - curve.overAt(left, ownReps)) / Math.exp(own) - lossOf(stores, credits, true),
  );
  for (let j = 0; j < at.length; j += 1)
    stores.atOnce[at[j]!] = Math.max(stores.atOnce[at[j]!]!, moment * credit[j]!);
}
