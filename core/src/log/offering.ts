import type { MeasuredLine } from '../measure';
import type { NextSet } from './next-set';
import { kindOf } from './performing';

/** What a form begins with when a set was done: what was expected, until somebody says otherwise. */
export interface Offered {
  /** Null for a load that is found on the day: it begins empty. */
  loadKg: number | null;
  reps: number;
  /** Expected to be left; null where nothing is known, or nothing is counted. */
  left: number | null;
  /** Seconds of a hold; null for what is counted. */
  heldS: number | null;
}

/** What is offered for a set that is about to be logged. `next`: what the day makes of it. */
export function offeredFor(
  m: Pick<MeasuredLine, 'sets'>,
  setIndex: number,
  next: NextSet | undefined,
): Offered {
  const set = m.sets[setIndex]!;
  const kind = kindOf(set.target);
  return {
    loadKg: next?.kg ?? set.kg,
    reps: kind === 'hold' ? 0 : (next?.reps ?? set.expectedReps ?? set.target.reps.lo),
    left: kind === 'set' ? (next?.left ?? null) : null,
    heldS: kind === 'hold' ? set.target.holdS! : null,
  };
}

/** True where a set ended so early that what happened is asked before anything is made of it. */
export function asksWhy(m: Pick<MeasuredLine, 'sets'>, setIndex: number, reps: number): boolean {
  const { target } = m.sets[setIndex]!;
  if (kindOf(target) !== 'set' || target.toFailure) return false;
  return reps === 0 || (reps < target.reps.lo && setIndex === 0);
}
