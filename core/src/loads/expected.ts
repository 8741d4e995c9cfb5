import type { SetTarget } from '../session';
import { MOST_REPS } from '../strength';
import { MAY_MISS } from './chance';

/**
 * What a set is expected to bring that could have `toFailure` repetitions: as many as the target reserve
 * allows, within the range. Where one repetition more of effort still makes the lowest of the range, the
 * client will do it. A set to failure goes there whatever the load.
 */
export function expectedOf(
  toFailure: number,
  { reps, reserve, open, toFailure: allOut }: SetTarget,
): { expectedReps: number; expectedReserve: number } {
  const atReserve = Math.floor(toFailure - reserve + MAY_MISS);
  if (allOut) return { expectedReps: Math.max(0, Math.min(MOST_REPS, atReserve)), expectedReserve: 0 };
  const reaches = !open && toFailure - reps.lo >= Math.max(0, reserve - 1);
  const done = Math.max(0, Math.min(reps.hi, reaches ? Math.max(atReserve, reps.lo) : atReserve));
  return { expectedReps: done, expectedReserve: Math.max(0, toFailure - done) };
}

/** False where more is asked for than the formulas reach, and what is known of the client reaches it too. */
export const isTold = (toFailure: number, { reps, reserve, open }: SetTarget, pace: number): boolean =>
  open === true || (reps.lo + reserve) * pace <= MOST_REPS || toFailure * pace < MOST_REPS - 1;
