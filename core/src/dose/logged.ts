import { groupCredit, type GroupId, groupIds, noGroups } from '../anatomy';
import { creditsOf } from '../mechanics';
import { findMovement } from '../movements';
import type { School } from '../schools';
import type { Logged } from '../strength';
import { isHard } from './dose';

/** Fractional hard sets by group that were logged from one day to another, both included; null where none was. */
export function loggedGroups(
  logged: readonly Logged[],
  from: string,
  to: string,
  { counting }: Pick<School, 'counting'>,
): Record<GroupId, number> | null {
  const sets = logged.filter((r) => r.date >= from && r.date <= to);
  if (sets.length === 0) return null;
  const done = noGroups();
  for (const { movement, rig, reserve, kind, oneSide } of sets) {
    const found = findMovement(movement);
    if (!found || !isHard(reserve, counting.hardReserve)) continue;
    const credits = creditsOf(found, rig);
    // One side of two is half a set; a further stage counts as the school has it.
    const counts = (oneSide ? 0.5 : 1) * (kind === 'stage' ? counting.furtherStage : 1);
    for (const g of groupIds) done[g] += counts * groupCredit(credits, g);
  }
  return done;
}
