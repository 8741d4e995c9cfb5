import type { Entry } from '../../movements';
import { moduleOf, setCountOf, type WarmupItem } from '../../session';
import type { MassUnit } from '../../units';
import { readTypedLine } from '../typed-line';
import { isNamed } from './kinds';
import { warmupOpening } from './words';

/** A line without the words that call it a warm-up; null when it does not begin with them. */
export function calledWarmup(text: string): string | null {
  const m = warmupOpening.exec(text);
  return m ? text.slice(m[0].length).replace(/^[\s:–-]+/, '') : null;
}

/** "5 min", "30 s" of something that is timed, seconds. */
function timeIn(text: string): number | null {
  const m = /(\d{1,3}) ?(min|mins|minutes|sec|secs|seconds|s)\b/i.exec(text);
  if (!m) return null;
  const seconds = Number(m[1]) * (m[2]!.toLowerCase().startsWith('m') ? 60 : 1);
  return seconds >= 5 && seconds <= 1800 ? seconds : null;
}

/**
 * One thing of a warm-up as it is typed: "band pull aparts 2x15", "2 x 15 external rotations", "bike 5 min";
 * null where no movement is named.
 */
export function typedWarmup(
  text: string,
  id: string,
  unit: MassUnit,
  pool: readonly Entry[],
): WarmupItem | null {
  const typed = readTypedLine(text, unit, pool);
  if (!typed.entry || typed.entry.own !== undefined || !isNamed(typed)) return null;
  const { scheme } = typed.patch;
  const seconds =
    scheme?.kind === 'hold' ? scheme.seconds : scheme || typed.partly.reps ? null : timeIn(text);
  const reps =
    scheme && scheme.kind !== 'hold'
      ? moduleOf(scheme).plain(scheme).reps.hi
      : (typed.partly.reps?.hi ?? null);
  // Loads, and a dose nobody gave, are no warm-up item but a ramp or a remark.
  if (seconds === null && typed.unknown.some((u) => /\d/.test(u))) return null;
  if (typed.patch.loadKg !== undefined || (reps === null && seconds === null && typed.unknown.length > 0))
    return null;
  const sets = scheme ? setCountOf(scheme) : (typed.partly.sets ?? 1);
  const isTimed = seconds !== null && !scheme;
  return {
    id,
    movement: typed.entry.movement.id,
    sets: Math.min(6, Math.max(1, sets)),
    reps: seconds === null ? (reps ?? 10) : null,
    seconds,
    note: (isTimed ? typed.unknown.filter((u) => timeIn(u) === null) : typed.unknown)
      .join('; ')
      .slice(0, 200),
  };
}
