import type { Credits } from '../anatomy';
import type { SetTarget } from '../session';
import { type AskedSet, type Belief, doneOf, normalBelow, outlook, type Stores } from '../set-model';

/** A lift as a belief knows it, at a setting. */
export interface KnownLift {
  belief: Belief;
  index: number;
  /** How much stronger this very setting is than the middle of its class, on the logarithm. */
  offset: number;
  /** False where too little is known for a load: it is found on the day. */
  isKnown: boolean;
}

/** What a set asks, as the model of a set takes it. */
export interface SetAsk {
  target: SetTarget;
  credits: Credits;
  /** Ordinary repetitions that one is worth, and seconds of one, both sides. */
  pace: number;
  repS: number;
  oneSided: boolean;
  /** Seconds until the next set of its line. */
  restS: number;
}

/** As many as come: nothing is too many. */
const NO_END = 60;

export const askedSet = ({ target, credits, pace, repS, oneSided, restS }: SetAsk): AskedSet => ({
  lo: target.open ? 0 : target.reps.lo,
  hi: target.open ? NO_END : target.reps.hi,
  reserve: target.toFailure ? 0 : target.reserve,
  ...(target.toFailure ? { toFailure: true } : {}),
  credits,
  pace,
  repS,
  restS,
  oneSided,
});

/** What a set is expected to bring. A model's estimate. */
export interface SetExpected {
  /** Repetitions possible at its start, with one standard deviation. */
  able: number;
  ableSd: number;
  /** Whole repetitions done at what is asked, and what is left then. */
  reps: number;
  left: number;
  /** Repetitions in eight of ten cases. */
  likely: { lo: number; hi: number };
  /** Chance that the lowest of the range comes with its reserve kept. */
  chance: number;
  /** Share of the fresh max lost to the sets before. */
  loss: number;
  /** log(today's fresh max ÷ what moves), the same less what was lost, and the mean of what is done. */
  over: number;
  overNow: number;
  done: number;
}

const EIGHTY = 1.2816;
/** Part of a repetition that effort makes up for: counted as done. Own estimate. */
const MAY_MISS = 0.3;

/** A set of a known lift with everything that moves, by somebody as tired as the stores say. */
export function expectSet(
  { belief, index, offset }: KnownLift,
  ask: SetAsk,
  movesKg: number,
  stores: Stores,
  isFirst: boolean,
): SetExpected {
  const asked = askedSet(ask);
  const seen = outlook(belief, index, {
    movesKg: Math.max(0.1, movesKg) * Math.exp(-offset),
    asked,
    stores,
    isFirst,
  });
  const { able, ableSd, known } = seen;
  const whole = (reps: number): number => Math.max(0, Math.round(reps));
  // What is not possible whole is not promised.
  const reps = Math.min(whole(seen.reps), Math.floor(able + 1e-9));
  const end = (z: number): number => whole(doneOf(Math.max(0, able + z * ableSd), asked));
  const needed = (asked.lo + asked.reserve - MAY_MISS) * asked.pace;
  const z = (known.overNow - belief.curve.overAt(Math.max(0, needed))) / Math.sqrt(known.uncounted);
  return {
    able,
    ableSd,
    reps: Math.max(0, reps),
    left: asked.toFailure ? 0 : Math.max(0, able - reps),
    likely: { lo: end(-EIGHTY), hi: end(EIGHTY) },
    chance: normalBelow(z),
    loss: 1 - Math.exp(-known.loss),
    over: known.over,
    overNow: known.overNow,
    done: seen.reps,
  };
}
