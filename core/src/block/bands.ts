import type { GroupId } from '../anatomy/regions';
import { daysFrom } from '../units/dates';
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
  const last = context.logged
    .map((r) => r.date)
    .filter((d) => d < block.startsOn)
    .sort()
    .at(-1);
  return last !== undefined && daysFrom(last, block.startsOn) > BREAK_DAYS;
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
