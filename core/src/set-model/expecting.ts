import type { Credits } from '../anatomy';
import { type Able, ableAt, type Belief, ownReps } from './belief';
import { type Asked, doneOf, missOf } from './doing';
import { lossOf, recover, type Stores, tire } from './stores';
import { setModelTable } from './table';

/** A set that is asked for, with what comes before the next. */
export interface AskedSet extends Asked {
  /** Ordinary repetitions that one of it is worth. */
  pace: number;
  /** Seconds of one repetition, both sides. */
  repS: number;
  /** Seconds until the next set of the line begins. */
  restS: number;
  /** The other side's work, while which this one rests: the second half of a one-sided set. */
  oneSided?: boolean;
  credits: Credits;
}

/** What a set is expected to bring. In the line's own repetitions. A model's estimate. */
export interface Expected {
  /** Possible at its start, with one standard deviation. */
  able: number;
  ableSd: number;
  /** Done, a mean with its fraction, and what is left then. */
  reps: number;
  left: number;
  /** Loss as it is felt, on the logarithm. */
  loss: number;
}

/** Everything of an expected set: what is told, and what its load is chosen by. */
interface Outlook extends Expected {
  known: Able;
}

export function outlook(
  b: Belief,
  lift: number,
  { movesKg, asked, stores, isFirst }: { movesKg: number; asked: AskedSet; stores: Stores; isFirst: boolean },
): Outlook {
  const known = ableAt(b, lift, movesKg, lossOf(stores, asked.credits), isFirst);
  const able = known.reps / asked.pace;
  const reps = doneOf(able, asked);
  return { able, ableSd: known.sd / asked.pace, reps, left: able - reps, loss: known.loss, known };
}

/** What a set takes out of the stores, and what comes back until the next; in place. */
export function liveThrough(
  b: Belief,
  lift: number,
  stores: Stores,
  set: { asked: AskedSet; done: number; possible: number; over: number },
): void {
  const { asked, done, possible, over } = set;
  const side = done * asked.repS * (asked.oneSided ? 0.5 : 1);
  recover(stores, side);
  const own = b.tiring.mean;
  const { credits, pace } = asked;
  tire(
    stores,
    { credits, done: done * pace, possible: possible * pace, over, own, ownReps: ownReps(b, lift) },
    b.curve,
  );
  recover(stores, asked.restS + (asked.oneSided ? side : 0));
}

/** The middles and weights of seven pieces of a normal curve. */
const NODES = [
  [-2.07, 0.0415],
  [-1.28, 0.118],
  [-0.67, 0.215],
  [0, 0.251],
  [0.67, 0.215],
  [1.28, 0.118],
  [2.07, 0.0415],
] as const;

const { liftDay } = setModelTable.noise;
const { sdMost } = setModelTable.missing;

/** How far a set is expected to miss what is asked, over all that the client may be today. */
export function expectedMiss(
  b: Belief,
  lift: number,
  asked: AskedSet,
  { known }: Outlook,
  isFirst: boolean,
): number {
  const v = known.uncounted + (isFirst ? 0 : liftDay ** 2);
  const sd = Math.min(sdMost, Math.sqrt(v));
  const own = ownReps(b, lift);
  let sum = 0;
  for (const [z, weight] of NODES)
    sum += weight * missOf(b.curve.repsAt(known.overNow + z * sd, own) / asked.pace, asked);
  return sum;
}
