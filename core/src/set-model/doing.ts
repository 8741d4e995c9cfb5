import { setModelTable } from './table';

const { hard, short, over, middle, straightFrom, giveUp, stretch: share } = setModelTable.missing;
const { whole } = setModelTable.telling;

/** What is asked of a set. */
export interface Asked {
  lo: number;
  hi: number;
  /** Repetitions to be left. */
  reserve: number;
  /** Until form goes, whatever the range says. */
  toFailure?: boolean;
}

/** Repetitions above the range that are done before the effort goes: a quarter of its top, one at least. */
export const stretchOf = (hi: number): number => Math.max(1, Math.floor(share * hi + 0.5));

/**
 * Repetitions somebody does who could do R: as many as the reserve leaves, above the range by no more than its stretch,
 * and for the lowest of it up to one and a half of the reserve. A mean, with its fraction.
 */
export function doneOf(possible: number, { lo, hi, reserve, toFailure }: Asked): number {
  const kept = Math.max(0, possible - (toFailure ? 0 : reserve) - whole);
  if (toFailure) return kept;
  const reached = kept < lo ? Math.min(lo, kept + Math.min(giveUp, reserve)) : kept;
  return Math.min(reached, hi + stretchOf(hi));
}

/** What a set is worth less for how it misses what was asked: effort first, then the range. */
export function missOf(possible: number, asked: Asked): number {
  const done = doneOf(possible, asked);
  const reserve = asked.toFailure ? 0 : asked.reserve;
  const left = possible - done;
  const easy = Math.max(0, left - reserve);
  const tooHard = Math.max(0, reserve - left);
  const below = Math.max(0, asked.lo - done);
  const above = asked.toFailure ? 0 : Math.max(0, done - asked.hi);
  return (
    (easy > straightFrom ? straightFrom * (2 * easy - straightFrom) : easy ** 2) +
    hard * tooHard ** 2 +
    short * below ** 2 +
    over * above ** 2 +
    middle * (done - (asked.lo + asked.hi) / 2) ** 2
  );
}
