import type { MeasuredLine } from '../measure';
import { repsAtLoad } from '../strength';
import type { Chance } from './chance';

type Target = Pick<MeasuredLine['sets'][number]['target'], 'reps' | 'reserve' | 'open' | 'toFailure'>;

/** A set as somebody does it: what was there, what was done, and what they would say was left. */
export interface DoneSet {
  /** Repetitions that were in it, with their fraction. */
  able: number;
  reps: number;
  /** Left in reserve as it is told, which is not what was there. */
  told: number;
}

/**
 * One set: as many repetitions as are felt to keep the reserve, within what is asked; reserve is misjudged by
 * `judging` repetitions (standard deviation).
 */
export function doneSet(
  { reps: range, reserve, open, toFailure }: Target,
  load: { maxKg: number; movesKg: number; pace: number },
  chance: Chance,
  judging: number,
): DoneSet {
  const able = repsAtLoad(load.maxKg, load.movesKg, 'median') / load.pace;
  const felt = able - reserve + chance.normal(judging);
  const whole = Math.floor(Math.max(0, able));
  const wanted =
    toFailure || open ? whole : Math.max(Math.min(range.lo, whole), Math.min(range.hi, Math.floor(felt)));
  const reps = Math.max(0, Math.min(100, whole, wanted));
  return { able, reps, told: Math.round(able - reps + chance.normal(judging / 2)) };
}
