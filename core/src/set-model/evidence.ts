import { ableAt, type Belief, formIndex, intoZone, ownReps, zoneOf } from './belief';
import { atFailure, boundedCost } from './curve';
import { observeSum, varianceOfSum } from './gaussian';
import { setModelTable } from './table';
import { biasWeight, leftThought, tellingSd } from './telling';

const { noise, telling, least } = setModelTable;

/** A set that was done, as evidence. */
export interface DoneSet {
  /** Index of its lift. */
  lift: number;
  /** Everything that moved, kg. */
  movesKg: number;
  /** Repetitions done; each is worth `pace` ordinary ones. */
  reps: number;
  pace?: number;
  /** What was said to be left; null where nobody said. */
  told: number | null;
  /** It ended because no further repetition came. */
  failed: boolean;
  /** It was meant to end so. */
  askedToFail?: boolean;
  /** What was asked to be left; one or more when left out. */
  askedLeft?: number;
  /** Form went before strength did: it shows a most. */
  broke?: boolean;
  /** Loss at its start, before the client's own factor. */
  loss: number;
  /** Which set of its line it is, from 0. */
  index: number;
}

/** What a set said, for the sets after it and for looking back. */
export interface Surprise {
  /** On the logarithm, against what was expected; null where it told nothing. */
  off: number | null;
  /** Repetitions left, as thought; ordinary ones. */
  left: number;
  /** Repetitions that were possible, as thought; ordinary ones. */
  possible: number;
  /** Loss as it was felt. */
  loss: number;
}

interface Seen {
  reps: number;
  sd: number;
  /** Left as thought; null for a set to failure. */
  left: number | null;
}

/** Repetitions possible as a set shows them, with their spread; null where it shows nothing. Ordinary repetitions. */
function seenIn(set: DoneSet, bias: number, expected: { left: number; sd: number }): Seen | null {
  const pace = set.pace ?? 1;
  const done = set.reps * pace;
  if (set.failed) return { reps: atFailure(set.reps) * pace, sd: telling.countSd * pace, left: null };
  if (set.told === null) {
    // Where the plan asked for none to be left, a set that went as planned shows no more than itself.
    const more = Math.min(telling.unsaid.more, set.askedLeft ?? telling.unsaid.more);
    if (expected.left >= Math.min(noise.halfRep, more) * pace) return null;
    return { reps: done + more * pace, sd: telling.unsaid.sd * pace, left: more };
  }
  const left = leftThought({ left: expected.left / pace, sd: expected.sd / pace }, set.told, bias);
  const added = set.told === 0 ? telling.toldNone : 0;
  return {
    reps: done + (set.told + added + bias * biasWeight(left)) * pace,
    sd: tellingSd(left) * pace,
    left,
  };
}

/** How tiring differs from the usual, from the difference of a later set's surprise to the first one's. */
function learnTiring(b: Belief, first: Surprise, now: { off: number; loss: number; noise: number }): void {
  const h = -(now.loss - first.loss);
  if (first.off === null || Math.abs(h) <= 0.01) return;
  const y = Math.max(-0.1, Math.min(0.1, now.off - first.off));
  const gain = (b.tiring.variance * h) / (h * h * b.tiring.variance + now.noise);
  b.tiring = {
    mean: b.tiring.mean + gain * y,
    variance: Math.max(least.tiringSd ** 2, (1 - gain * h) * b.tiring.variance),
  };
}

/** How reserve is judged, from a set to failure that was asked for. */
function learnBias(b: Belief, i: number, off: number, total: number): void {
  if (b.zones[i]!.n === 0) return;
  const zone = zoneOf(b, i);
  const h = boundedCost(b.curve, zone.reps, ownReps(b, i)) * zone.weight;
  const gain = (b.bias.variance * h) / (h * h * b.bias.variance + total);
  b.bias = {
    mean: b.bias.mean + gain * off,
    variance: Math.max(least.biasSd ** 2, (1 - gain * h) * b.bias.variance),
  };
}

/**
 * Updates a belief by a set, in place, and says what was thought of it. `first`: what the first set of its line said,
 * null for itself.
 */
export function learnFrom(b: Belief, set: DoneSet, first: Surprise | null): Surprise {
  const { lift: i } = set;
  const pace = set.pace ?? 1;
  const own = ownReps(b, i);
  const form = formIndex(b);
  const isFirst = set.index === 0;
  const able = ableAt(b, i, set.movesKg, set.loss, isFirst);
  const done = set.reps * pace;
  const expected = { left: able.reps - done, sd: able.sd };
  const seen = seenIn(set, b.bias.mean, expected);
  b.lastDone[i] = b.day;
  if (!seen) {
    const left = Math.max(0, expected.left);
    return { off: null, left, possible: Math.max(0.5, done + left), loss: able.loss };
  }
  const left = seen.left === null ? Math.max(0, seen.reps - done) : seen.left * pace;
  const possible = Math.max(0.5, seen.left === null ? seen.reps : done + left);
  const nothing: Surprise = { off: null, left, possible, loss: able.loss };
  // The cost of a repetition between what was expected and what was seen, by how much either is trusted.
  const at = Math.min(60, Math.max(1.5, able.reps));
  const atCost = boundedCost(b.curve, at, own);
  const trust = able.variance / (able.variance + (atCost * seen.sd) ** 2 + noise.set ** 2);
  const cost = boundedCost(b.curve, at + trust * (seen.reps - at), own);
  const off = b.curve.overAt(seen.reps, own) - able.overNow;
  if (set.broke && !(set.failed && off < 0)) return nothing;
  const error =
    (cost * seen.sd) ** 2 * (1 + noise.laterSet * Math.min(set.index, 3)) +
    noise.set ** 2 +
    (noise.tired * able.loss) ** 2 +
    noise.liftDay ** 2 * (1 + noise.laterLift * set.index);
  if (!set.failed && set.told !== null && set.told >= telling.aLot) {
    if (off > 0) observeSum(b.state, [i, form], { off, noise: error }, { meansOnly: true });
    return nothing;
  }
  const spread = Math.sqrt(error + varianceOfSum(b.state, i, form));
  const most = noise.outlier * spread;
  // What was done is proof, whatever was said of the rest of it: what lies beyond three spreads is this lift's alone.
  const proven = set.failed ? off : b.curve.overAt(Math.max(0.5, done), own) - able.overNow;
  const more = Math.max(0, proven - most);
  // A bad day opens the day; what was told counts for three spreads and no more, so that a better set never counts for less.
  if (set.failed && off < -most)
    b.state.cov[form * b.state.n + form]! += (off / noise.outlier) ** 2 - spread ** 2;
  const counted = set.failed && off < 0 ? off : Math.max(-most, Math.min(most, off));
  const total = error + varianceOfSum(b.state, i, form);
  observeSum(b.state, [i, form], { off: counted, noise: error });
  b.state.mean[i]! += more;
  b.state.cov[i * b.state.n + i]! += (more / noise.outlier) ** 2;
  if (first)
    learnTiring(b, first, {
      off,
      loss: able.loss,
      noise: 2 * (cost * seen.sd) ** 2 + 2 * noise.set ** 2 + (noise.tired * able.loss) ** 2,
    });
  if (set.failed && set.askedToFail) learnBias(b, i, off, total);
  if (set.told !== null || set.failed) intoZone(b.zones[i]!, seen.reps, seen.left, set.loss);
  return { off, left, possible, loss: able.loss };
}

/** A short and a long set, both to failure, of the same lift within three weeks: how the client's curve bends. */
export interface CurvePair {
  lift: number;
  /** R of each, ordinary repetitions, and log(load) with its loss taken off: log(kg) + loss. */
  reps: readonly [number, number];
  log: readonly [number, number];
}

export function learnCurve(b: Belief, { lift, reps, log }: CurvePair): void {
  const { power } = setModelTable.curve;
  const own = ownReps(b, lift);
  const expected = b.curve.overAt(reps[0], own) - b.curve.overAt(reps[1], own);
  const seen = log[1] - log[0];
  if (expected * seen <= 0) return;
  const y = -Math.log(seen / expected) / power;
  const costs = reps.map((r) => boundedCost(b.curve, r, own) * telling.countSd);
  const error = (costs[0]! ** 2 + costs[1]! ** 2 + 2 * noise.set ** 2) / (power * expected) ** 2;
  const of = b.liftCurve[lift]!;
  const total = b.ownCurve.variance + of.variance + error;
  const [all, mine] = [b.ownCurve.variance / total, of.variance / total];
  b.ownCurve = { mean: b.ownCurve.mean + all * y, variance: (1 - all) * b.ownCurve.variance };
  b.liftCurve[lift] = { mean: of.mean + mine * y, variance: (1 - mine) * of.variance };
}
