import { type GroupId, groupIds, pressingRegions, type RegionId } from '../anatomy';
import { isAlike, SAME_JOB } from './alike';
import { jobOf } from '../choosing';
import type { Measured } from '../measure';
import { review } from './review';
import type { Finding } from './model';

/** Two sessions looked at together, as days of one week. */
export interface Beside {
  /** Hard sets by group: the first, the second, both. */
  groups: { group: GroupId; first: number; second: number }[];
  /** Regions the first gives no direct set and the second does. */
  adds: RegionId[];
  /** Regions neither gives a direct set. */
  neither: RegionId[];
  /** Movements of the one that do the job of one of the other. */
  same: { first: string; second: string; isSameName: boolean }[];
  /** What the first lacks, by its own review, and the second does not. */
  filled: Finding[];
  minutes: { first: number; second: number };
}

const directIn = (s: Measured, region: RegionId): number => s.dose.regions[region].direct;
/** Rules that say what a day lacks: another day of the week can give it. */
const lacking = (f: Finding): boolean => f.rule.startsWith('missing-') || f.rule === 'head-below-floor';

/** What two sessions give together, where they repeat each other, and what the second adds to the first. */
export function beside(first: Measured, second: Measured): Beside {
  const trained = pressingRegions;
  const lacks = new Map(review(second).map((f) => [f.key, f]));
  return {
    groups: groupIds.map((group) => ({
      group,
      first: first.dose.groups[group].fractional,
      second: second.dose.groups[group].fractional,
    })),
    adds: trained.filter((id) => directIn(first, id) === 0 && directIn(second, id) > 0),
    neither: trained.filter((id) => directIn(first, id) === 0 && directIn(second, id) === 0),
    same: first.lines.flatMap((a) =>
      second.lines
        .filter((b) => isAlike(jobOf(a), jobOf(b), SAME_JOB))
        .map((b) => ({ first: a.name, second: b.name, isSameName: a.name === b.name })),
    ),
    filled: review(first).filter((f) => lacking(f) && !lacks.has(f.key)),
    minutes: { first: first.timeline.totalS / 60, second: second.timeline.totalS / 60 },
  };
}
