import { choicesOf } from '../loads/prescribe';
import type { Context } from '../measure/context';
import type { MeasuredLine } from '../measure/model';
import type { DoneSet } from './today';

/** The way to a load nobody knows yet: what to take for a first try, how to go on, when to stop. */
export interface FindingLoad {
  /** First tries, the lightest first, kg as the coach says them; none where nothing is chosen from. */
  tries: number[];
  /** One sentence each, in the order they are needed. */
  says: string[];
}

/** Tries are taken from the lower part of what there is, so far apart. Common practice: begin light, three or four tries. */
const SHARES = [0.1, 0.2, 0.3];

/**
 * How a load is found that nothing is known of: a few easy repetitions at light loads, up while it stays easy, stop where
 * the speed goes. Null where the load is known or none is chosen. Common practice.
 */
export function findingLoad(
  m: MeasuredLine,
  setIndex: number,
  done: readonly DoneSet[],
  { kit }: Pick<Context, 'kit'>,
): FindingLoad | null {
  const set = m.sets[setIndex]!;
  const isDone = done.some((d) => d.lineId === m.id && (d.movement ?? m.movement.id) === m.movement.id);
  if (set.kg !== null || isDone || m.movement.load.kind !== 'external') return null;
  const loads = (choicesOf(kit, m.movement) ?? []).map((c) => c.kg).sort((a, b) => a - b);
  const at = (share: number): number => loads[Math.round(share * (loads.length - 1))]!;
  const tries = loads.length === 0 ? [] : [...new Set(SHARES.map(at))];
  const { reps, reserve } = set.target;
  return {
    tries,
    says: [
      'Nobody knows this load yet. Three to five easy reps at a light one, then a little more.',
      `Go up while you could do five more than ${reps.hi}. Rest a minute between.`,
      `Stop going up when a rep slows down, the path changes or anything hurts. That load, or the one before it, is yours: ${reps.lo === reps.hi ? reps.lo : `${reps.lo}–${reps.hi}`} reps with ${Math.max(2, Math.round(reserve))} left.`,
    ],
  };
}
