import { findMovement, fullRig, type Movement, type Rig } from '../movements';
import type { Logged } from '../strength';

/** How a movement went so far, from what was said of its sets. */
export interface SoFar {
  /** Mean of the last sets that said it: 0 hurts to 10 comfortable; null where none did. */
  comfort: number | null;
  /** In the target: 0 not at all to 3. */
  felt: number | null;
  /** It got less comfortable over its last days, or hurts. */
  isWorsening: boolean;
}

/** So many sets are looked back on. */
const LAST = 12;
/** Comfort under this is a complaint; a fall of so much over the last three days is one coming. Own estimates. */
const COMPLAINT = 4;
const FALL = 3;

const mean = (list: readonly number[]): number | null =>
  list.length === 0 ? null : list.reduce((a, b) => a + b, 0) / list.length;

const known = new WeakMap<readonly Logged[], Map<string, Logged[]>>();

/** The sets of a movement of which something was said, the newest first; found once for a log. */
function saidOf(logged: readonly Logged[], movement: string): readonly Logged[] {
  let byMovement = known.get(logged);
  if (!byMovement) {
    byMovement = new Map();
    for (const r of logged)
      if (r.comfort !== undefined || r.felt !== undefined)
        byMovement.set(r.movement, [...(byMovement.get(r.movement) ?? []), r]);
    for (const sets of byMovement.values()) sets.sort((a, b) => b.date.localeCompare(a.date));
    known.set(logged, byMovement);
  }
  return byMovement.get(movement) ?? [];
}

/** The bench turned by no more than this is still the same thing to a joint. Own estimate. */
const TURN_DEG = 15;

/** Set up alike: everything the same, the bench within a notch or two. */
function isAlike(movement: Movement, a: Rig, b: Rig): boolean {
  const [x, y] = [fullRig(movement, a), fullRig(movement, b)];
  const { benchDeg: dx = 0, ...restX } = x;
  const { benchDeg: dy = 0, ...restY } = y;
  return Math.abs(dx - dy) <= TURN_DEG && JSON.stringify(restX) === JSON.stringify(restY);
}

/**
 * What the log says of a movement's comfort and of whether it is felt where it should be: set up like this, or however
 * it was where no rig is given.
 */
export function soFar(logged: readonly Logged[], movement: string, rig?: Rig): SoFar {
  const found = rig && findMovement(movement);
  const sets = saidOf(logged, movement)
    .filter((r) => !found || isAlike(found, r.rig, rig))
    .slice(0, LAST);
  const days = [...new Set(sets.map((s) => s.date))].slice(0, 3);
  const byDay = days.flatMap(
    (d) => mean(sets.flatMap((s) => (s.date === d && s.comfort !== undefined ? [s.comfort] : []))) ?? [],
  );
  const [last, , first] = byDay;
  return {
    comfort: mean(sets.flatMap((s) => s.comfort ?? [])),
    felt: mean(sets.flatMap((s) => s.felt ?? [])),
    isWorsening: last !== undefined && (last < COMPLAINT || (first !== undefined && first - last >= FALL)),
  };
}
