import { daysAfter, listed, weekdayOf, weekdays } from '../units';
import type { TrainingBlock } from './document';

/** The weekday of a day of the block, from 0: "Tue". */
export const dayText = (block: Pick<TrainingBlock, 'startsOn'>, day: number): string =>
  weekdays[weekdayOf(daysAfter(block.startsOn, day))]!;

/** Weeks as people count them: [2] "week 3", [2, 3, 4] "weeks 3–5", [0, 2] "weeks 1 and 3". */
export function weeksText(weeks: readonly number[]): string {
  const runs: [number, number][] = [];
  for (const w of [...weeks].sort((a, b) => a - b)) {
    const last = runs[runs.length - 1];
    if (last && last[1] === w - 1) last[1] = w;
    else runs.push([w, w]);
  }
  const said = runs.map(([a, b]) => (a === b ? String(a + 1) : `${a + 1}–${b + 1}`));
  return `${weeks.length === 1 ? 'week' : 'weeks'} ${listed(said)}`;
}

/** A number of sets as a coach reads it: "12", "12.5". */
export const toHalves = (sets: number): number => Math.round(sets * 2) / 2;
export const setsText = (sets: number): string => String(toHalves(sets));

/** "1 hard set", "4.5 hard sets". */
export const hardSets = (sets: number): string =>
  `${setsText(sets)} hard ${setsText(sets) === '1' ? 'set' : 'sets'}`;
