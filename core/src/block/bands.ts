import type { GroupId } from '../anatomy';
import type { Logged } from '../strength';
import { daysBetween } from '../units';
import type { MeasuredBlock, MeasuredWeek } from './model';

/** Somebody who did nothing for so many days comes back, and for the first weeks of a block does half. Common practice. */
const BREAK_DAYS = 28;
const WEEKS_BACK = 3;
const RETURNING = 0.5;

/** True where the last set before the block lies so far back that its first weeks are a return. */
export function isReturning(
  { block, context }: Pick<MeasuredBlock, 'block' | 'context'>,
  week: number,
): boolean {
  if (week >= WEEKS_BACK) return false;
  const last = lastBefore(block.startsOn, context.logged);
  return last !== null && daysBetween(last, block.startsOn) > BREAK_DAYS;
}

const remembered = new WeakMap<readonly Logged[], { day: string; last: string | null }>();
/** The day of the last set before a day; remembered for the same log. */
function lastBefore(day: string, logged: readonly Logged[]): string | null {
  let known = remembered.get(logged);
  if (known?.day !== day) {
    let last: string | null = null;
    for (const { date } of logged) if (date < day && (last === null || date > last)) last = date;
    remembered.set(logged, (known = { day, last }));
  }
  return known.last;
}

/** The weekly band of a group: that of the school, less in the first year and after a break; half in a lighter week. */
export function weekBand(
  block: MeasuredBlock,
  week: MeasuredWeek,
  group: GroupId,
): { lo: number; hi: number } {
  const band = block.school.weekBands[group];
  const share = block.share * (isReturning(block, week.week) ? RETURNING : 1);
  const low = week.rule.light ? 0.5 : 1;
  return { lo: Math.round(band.lo * share * low), hi: Math.round(band.hi * share) };
}
