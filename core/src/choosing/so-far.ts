import type { Logged } from '../strength/evidence';

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
export const COMPLAINT = 4;
const FALL = 3;

const mean = (list: readonly number[]): number | null =>
  list.length === 0 ? null : list.reduce((a, b) => a + b, 0) / list.length;

const known = new WeakMap<readonly Logged[], Map<string, SoFar>>();

/** What the log says of a movement's comfort and of whether it is felt where it should be. Newest first or last: by date. */
export function soFar(logged: readonly Logged[], movement: string): SoFar {
  let byMovement = known.get(logged);
  if (!byMovement) known.set(logged, (byMovement = new Map()));
  let found = byMovement.get(movement);
  if (found) return found;
  const sets = logged
    .filter((r) => r.movement === movement && (r.comfort !== undefined || r.felt !== undefined))
    .sort((a, b) => b.date.localeCompare(a.date))
    .slice(0, LAST);
  const days = [...new Set(sets.map((s) => s.date))].slice(0, 3);
  const byDay = days.flatMap(
    (d) => mean(sets.flatMap((s) => (s.date === d && s.comfort !== undefined ? [s.comfort] : []))) ?? [],
  );
  const [last, , first] = byDay;
  found = {
    comfort: mean(sets.flatMap((s) => s.comfort ?? [])),
    felt: mean(sets.flatMap((s) => s.felt ?? [])),
    isWorsening: last !== undefined && (last < COMPLAINT || (first !== undefined && first - last >= FALL)),
  };
  byMovement.set(movement, found);
  return found;
}
