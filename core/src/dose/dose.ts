import {
  type Credits,
  groupCredit,
  type GroupId,
  groupIds,
  type RegionId,
  regionIds,
  regions,
} from '../anatomy';
import type { School } from '../schools';
import { nextSetWorth } from './value';

/** From this credit on a set counts as direct. */
export const DIRECT = 0.875;
const NOTICEABLE = 0.2;

export interface CountedSet {
  credits: Credits;
  /** Repetitions expected to be left. */
  reserve: number;
  /** Hard sets it counts for: one, or a third for a further stage. One when left out. */
  counts?: number;
  /** What it was meant to count for; the same when left out. */
  prescribed?: number;
  /** Its load is found on the day: nobody knows yet whether it will be hard. */
  isUnknown?: boolean;
}

export interface Dose {
  /** Hard sets by kind. */
  direct: number;
  indirect: number;
  /** Hard sets × credit. */
  fractional: number;
  /** All working sets × credit as they are written, those that will stay easy or come short included. */
  prescribed: number;
  /** Of the fractional sets those whose load is found on the day: counted as they are asked, and known by nobody. */
  unknown: number;
  band: { lo: number; hi: number } | null;
  /** What the next set would add, as a share of what one session can give. */
  next: number;
}

export interface DoseSheet {
  regions: Record<RegionId, Dose>;
  groups: Record<GroupId, Dose>;
}

/** Whether a set that ends with so many repetitions left is a hard one, in a school that lets it leave so many. */
export const isHard = (reserve: number, hardReserve: number): boolean => reserve <= hardReserve + 0.5;

function count(
  sets: readonly CountedSet[],
  creditOf: (c: Credits) => number,
  band: Dose['band'],
  { counting, valueScale }: School,
): Dose {
  const dose: Dose = { direct: 0, indirect: 0, fractional: 0, prescribed: 0, unknown: 0, band, next: 0 };
  for (const set of sets) {
    const whole = set.counts ?? 1;
    const credit = creditOf(set.credits);
    dose.prescribed += credit * (set.prescribed ?? whole);
    if (!isHard(set.reserve, counting.hardReserve)) continue;
    if (!counting.indirect && credit < DIRECT) continue;
    dose.fractional += credit * whole;
    if (set.isUnknown) dose.unknown += credit * whole;
    if (credit >= DIRECT) dose.direct += whole;
    else if (credit >= NOTICEABLE) dose.indirect += whole;
  }
  dose.next = nextSetWorth(dose.fractional, valueScale);
  return dose;
}

/** The band of a group in this session: that of the school, the main one for what the session is for. */
export function bandOf(
  school: School,
  group: GroupId,
  main: GroupId | null,
  share: number,
): { lo: number; hi: number } {
  const band = group === main ? school.mainBand : school.bands[group];
  return { lo: Math.round(band.lo * share), hi: Math.round(band.hi * share) };
}

/**
 * Counts sets for every region and group. A group's credit is that of its best head. The heads of
 * the chest and the triceps take two fifths of their group's lower bound as their own (own estimate).
 */
export function countDose(
  sets: readonly CountedSet[],
  school: School,
  main: GroupId | null,
  share: number,
): DoseSheet {
  const groups = {} as DoseSheet['groups'];
  for (const id of groupIds)
    groups[id] = count(sets, (c) => groupCredit(c, id), bandOf(school, id, main, share), school);
  const perRegion = {} as DoseSheet['regions'];
  for (const id of regionIds) {
    const group = regions[id].group;
    const whole = group ? groups[group].band : null;
    const isHead = group === 'chest' || group === 'triceps';
    const band = whole && isHead ? { lo: Math.round(whole.lo * 0.4), hi: whole.hi } : whole;
    perRegion[id] = count(sets, (c) => c[id] ?? 0, band, school);
  }
  return { regions: perRegion, groups };
}
