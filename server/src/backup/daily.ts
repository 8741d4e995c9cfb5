import { readdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { daysAfter, isDay } from '@drimbo/core/units';
import { backupFolder } from '../database/copies';

const DAYS = 7;
const WEEKS = 4;

export const dailyFile = (folder: string, day: string): string =>
  join(backupFolder(folder), `drimbo-${day}.sqlite`);

const dayOf = (name: string): string | null => {
  const day = /^drimbo-(\d{4}-\d{2}-\d{2})\.sqlite$/.exec(name)?.[1];
  return day !== undefined && isDay(day) ? day : null;
};

/** Days with a copy, the newest first. */
export function daysKept(folder: string): string[] {
  try {
    return readdirSync(backupFolder(folder))
      .flatMap((name) => dayOf(name) ?? [])
      .sort()
      .reverse();
  } catch {
    return [];
  }
}

/** The Monday of a day's week. */
const weekOf = (day: string): string => {
  const weekday = (new Date(`${day}T00:00:00Z`).getUTCDay() + 6) % 7;
  return daysAfter(day, -weekday);
};

/**
 * The days whose copies have had their time: kept are the last seven days, and of the weeks before that the
 * newest copy of each of the last four.
 */
export function outlived(days: readonly string[], today: string): string[] {
  const recent = daysAfter(today, 1 - DAYS);
  const oldest = daysAfter(weekOf(today), -7 * WEEKS);
  const newestOf = new Map<string, string>();
  for (const day of [...days].sort()) if (day < recent && day >= oldest) newestOf.set(weekOf(day), day);
  const kept = new Set([...days.filter((day) => day >= recent), ...newestOf.values()]);
  return days.filter((day) => !kept.has(day));
}

/** Takes away the copies that have had their time. */
export function dropOutlived(folder: string, today: string): void {
  for (const day of outlived(daysKept(folder), today)) rmSync(dailyFile(folder, day), { force: true });
}
