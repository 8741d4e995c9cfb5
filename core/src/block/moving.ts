import { daysAfter, daysBetween } from '../units';
import type { TrainingBlock } from './document';
import type { BlockChange } from './model';
import { placed } from './placing';
import { keepsWeekdays } from './splits';

type Moved = TrainingBlock['moved'];

const put = (moved: Moved, day: number, to: string): Moved => [
  ...moved.filter((m) => m.day !== day),
  { day, to },
];

const kept = (block: TrainingBlock, moved: Moved): BlockChange => ({
  // A day that is back where it belongs is not moved any more.
  block: {
    moved: moved.filter((m) => {
      const own = placed({ ...block, moved: moved.filter((x) => x.day !== m.day) }).find(
        (p) => p.day === m.day,
      );
      return own?.date !== m.to;
    }),
  },
  sessions: [],
});

/**
 * Puts a day of the block on another date; one that stands there already changes with it. Null where the day is done or
 * not there.
 */
export function moveDay(block: TrainingBlock, day: number, to: string): BlockChange | null {
  const days = placed(block);
  const here = days.find((p) => p.day === day);
  if (!here || here.state !== 'planned' || here.date === to) return null;
  const there = days.filter((p) => p.date === to && p.state === 'planned');
  let moved = put(block.moved, day, to);
  if (there.length === 1) moved = put(moved, there[0]!.day, here.date);
  return kept(block, moved);
}

/**
 * The same for every week: two places of the pattern change with each other. Null where the pattern drifts, since a
 * weekday is no place in it.
 */
export function moveEveryWeek(block: TrainingBlock, day: number, to: string): BlockChange | null {
  if (!keepsWeekdays(block.pattern)) return null;
  const { length } = block.pattern;
  const at = (((day - block.patternFrom) % length) + length) % length;
  const days = placed(block);
  const here = days.find((p) => p.day === day);
  if (!here) return null;
  const other = (((at + daysBetween(here.date, to)) % length) + length) % length;
  if (other === at) return null;
  const pattern = [...block.pattern];
  [pattern[at], pattern[other]] = [pattern[other]!, pattern[at]!];
  return { block: { pattern }, sessions: [] };
}

/**
 * Another split from a day of the block on: the beginning of the next week, where somebody asks today. What is done
 * stays, what was planned before then and not done falls away.
 */
export function splitFrom(
  block: TrainingBlock,
  todayIso: string,
  split: Pick<TrainingBlock, 'days' | 'pattern'>,
): BlockChange {
  const passed = daysBetween(block.startsOn, todayIso);
  const from = passed <= 0 ? 0 : Math.ceil(passed / 7) * 7;
  const used = new Set(block.made.map((m) => m.training));
  const named = new Set(split.days.map((d) => d.id));
  return {
    block: {
      ...split,
      days: [...split.days, ...block.days.filter((d) => used.has(d.id) && !named.has(d.id))],
      patternFrom: from,
      moved: [],
      life: block.life.filter((e) => e.to >= daysAfter(block.startsOn, from)),
    },
    sessions: [],
  };
}
