import { clamp } from '../units';
import type { RepRange } from '../session';
import { type FormulaChoice, maxOverLoad, MOST_REPS, repsAtLoad } from '../strength';
import { MAY_MISS, type Belief } from './chance';

/** A set that finds its own load. */
export interface Seeking {
  reps: RepRange;
  reserve: number;
  /** Share of the fresh max gone at its start. */
  loss: number;
  /** Ordinary repetitions that one of it is worth. */
  pace: number;
  formula: FormulaChoice;
  /** What of the body moves with the load, kg. */
  bodyKg: number;
}

/** Repetitions that a rested set may stay easier for the sake of one load for all. Own estimate. */
const MAY_STAY_EASIER = 2;
/** So many repetitions outside its range a set is worth nothing. Own estimate. */
const WORTHLESS = 4;

/** The fresh max, as a multiple of what is moved, that allows so many repetitions with the reserve kept. */
function needed({ reserve, loss, pace, formula }: Seeking, reps: number): number {
  const wanted = Math.min(MOST_REPS, Math.max(0.5, (reps + reserve) * pace));
  return maxOverLoad(wanted, formula) / (1 - loss);
}

/** The max (kg) below which a set falls short of its range at its reserve, at a load. */
export const shortBelow = (s: Seeking, kg: number): number =>
  (kg + s.bodyKg) * needed(s, s.reps.lo - MAY_MISS);
const easyAbove = (s: Seeking, kg: number, slack: number): number =>
  (kg + s.bodyKg) * needed(s, s.reps.hi + MAY_MISS + slack);

/** The load one set would have by itself, kilograms, if any could be made: the middle of its range at its reserve. */
export const ownWish = (s: Seeking, maxKg: number): number =>
  Math.max(0, maxKg / needed(s, (s.reps.lo + s.reps.hi) / 2) - s.bodyKg);

/** The set that decides when several share a load: the first to fall short. */
function tightest(sets: readonly Seeking[], kg: (i: number) => number): number {
  let found = 0;
  sets.forEach((s, i) => {
    if (shortBelow(s, kg(i)) > shortBelow(sets[found]!, kg(found)) + 1e-9) found = i;
  });
  return found;
}

/**
 * The load several sets would share, kilograms, if any could be made: in the middle of what keeps all of them
 * in range; where nothing does, the one at which the most tired still reaches the lowest of it.
 */
export function sharedWish(sets: readonly Seeking[], maxKg: number): number {
  const same = sets[0]!.bodyKg;
  const at = (): number => 1 - same;
  const last = sets[tightest(sets, at)]!;
  const low = shortBelow(last, at());
  const own = easyAbove(last, at(), 0);
  const high = Math.min(
    own,
    ...sets.filter((s) => s !== last).map((s) => easyAbove(s, at(), MAY_STAY_EASIER)),
  );
  if (high === own) return ownWish(last, maxKg);
  const middle = high > low ? Math.sqrt(low * high) : needed(last, last.reps.lo);
  return Math.max(0, maxKg / middle - same);
}

/** What loads are to sets that are to be kept in range together. A model's estimate. */
export interface Outlook {
  /** Chance that none falls short. */
  sure: number;
  /** Chance that all end in their range at their reserve; a rested one may stay a little easier. */
  inRange: number;
  /** How much of their worth they are expected to keep, 0 to 1: less by a quarter for each repetition outside. */
  worth: number;
}

function worthAt(s: Seeking, kg: number, maxKg: number, slack: number): number {
  const done = repsAtLoad(maxKg * (1 - s.loss), kg + s.bodyKg, s.formula) / s.pace - s.reserve;
  // More than the formulas reach counts as that.
  const lo = Math.min(s.reps.lo, MOST_REPS / s.pace - s.reserve);
  const out = Math.max(lo - MAY_MISS - done, done - Math.max(lo, s.reps.hi) - MAY_MISS - slack, 0);
  return clamp(1 - out / WORTHLESS, 0, 1);
}

export function outlookOf(sets: readonly Seeking[], kg: (i: number) => number, belief: Belief): Outlook {
  const first = tightest(sets, kg);
  const slack = (i: number): number => (i === first ? 0 : MAY_STAY_EASIER);
  const low = shortBelow(sets[first]!, kg(first));
  const high = Math.min(...sets.map((s, i) => easyAbove(s, kg(i), slack(i))));
  const sure = belief.over(low);
  let worth = 0;
  for (const max of belief.values) sets.forEach((s, i) => (worth += worthAt(s, kg(i), max, slack(i))));
  return {
    sure,
    inRange: high > low ? belief.nearlyOver(low) - belief.nearlyOver(high) : 0,
    worth: worth / (belief.values.length * sets.length),
  };
}
