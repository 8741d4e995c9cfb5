import { MOST_DAYS, type TrainingBlock, type TrainingDay } from './document';
import type { BlockChange } from './model';

const ofDays = (days: TrainingDay[]): BlockChange => ({ block: { days }, sessions: [] });

const changed = (block: TrainingBlock, id: string, patch: Partial<TrainingDay>): BlockChange =>
  ofDays(block.days.map((d) => (d.id === id ? { ...d, ...patch } : d)));

/** Another session, or work in short form, on a training day. */
export const putOn = (block: TrainingBlock, id: string, does: TrainingDay['does']): BlockChange =>
  changed(block, id, { does });

/** Another name for a training day. Null where there would be none, or nothing changes. */
export function nameDay(block: TrainingBlock, id: string, name: string): BlockChange | null {
  return name.trim() === '' || block.days.some((d) => d.id === id && d.name === name)
    ? null
    : changed(block, id, { name: name.slice(0, 60) });
}

/**
 * One more training day, for the pattern to take; it begins in short form, without work. Null where there is no room or
 * no name.
 */
export function addDay(block: TrainingBlock, name: string): BlockChange | null {
  const said = name.trim().slice(0, 60);
  if (said === '' || block.days.length >= MOST_DAYS) return null;
  const taken = new Set(block.days.map((d) => d.id));
  let n = block.days.length + 1;
  while (taken.has(`day-${n}`)) n += 1;
  return ofDays([...block.days, { id: `day-${n}`, name: said, does: { is: 'short', work: [] } }]);
}

/** Whether a training day can go: the pattern does not hold it, nothing done came of it, and it is not the only one. */
export const canGo = (block: TrainingBlock, id: string): boolean =>
  block.days.length > 1 &&
  !block.pattern.some((entry) => entry.includes(id)) &&
  !block.made.some((m) => m.training === id);

/** Without a training day. Null where it cannot go. */
export const dropDay = (block: TrainingBlock, id: string): BlockChange | null =>
  canGo(block, id) ? ofDays(block.days.filter((d) => d.id !== id)) : null;
