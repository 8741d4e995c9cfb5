import { z } from 'zod';

/** The first day that is taken for a date; who trained before is not planned for here. */
export const FIRST_DAY = '1950-01-01';

const DAY_MS = 86_400_000;
/** Milliseconds to the beginning of a plain day, UTC, where no hour is ever left out; NaN for what is no day. */
function beginning(day: string): number {
  const at = Date.parse(`${day}T00:00:00Z`);
  return !Number.isNaN(at) && new Date(at).toISOString().startsWith(day) ? at : NaN;
}

/** True for a day of the calendar from 1950 on, written like 2026-11-24. */
export const isDay = (text: string): boolean =>
  /^\d{4}-\d{2}-\d{2}$/.test(text) && text >= FIRST_DAY && !Number.isNaN(beginning(text));

/** A day of the calendar as documents write it. How far ahead it may lie is for those to say who know today. */
const wanted = 'a day of the calendar from 1950 on, like 2026-11-24';
export const daySchema = z
  .string()
  .regex(/^\d{4}-\d{2}-\d{2}$/, wanted)
  .refine(isDay, wanted);

/** The day so many days later: `daysAfter('2026-12-30', 3)` is "2027-01-02". Plain days: no time zone has a say. */
export const daysAfter = (day: string, days: number): string =>
  new Date(beginning(day) + days * DAY_MS).toISOString().slice(0, 10);

// Days are counted for every record of a log: each is read once.
const numbers = new Map<string, number>();
const MOST_NUMBERS = 5_000;
const numberOf = (day: string): number => {
  let number = numbers.get(day);
  if (number === undefined) {
    // What is no day has no number: a torn row must not stop a list.
    number = beginning(day.slice(0, 10)) / DAY_MS;
    if (numbers.size >= MOST_NUMBERS) numbers.clear();
    numbers.set(day, number);
  }
  return number;
};

/** Whole days from one day to another; negative where the second is earlier, NaN where one of them is no day. */
export const daysBetween = (first: string, second: string): number => numberOf(second) - numberOf(first);

/** Monday first, as `weekdayOf` counts. */
export const weekdays = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'] as const;

// A Monday.
const MONDAY = '2024-01-01';
/** Day of the week, 0 for Monday: `weekdayOf('2026-11-27')` is 4. */
export const weekdayOf = (day: string): number => ((daysBetween(MONDAY, day) % 7) + 7) % 7;

/** The day nearest to what was meant: "2026-02-31" is "2026-02-28"; null for what is no date at all. */
export function nearestDay(text: string): string | null {
  const m = /^(\d{4})-(\d{1,2})-(\d{1,2})$/.exec(text.trim());
  if (!m) return null;
  const within = (part: string, most: number): number => Math.min(most, Math.max(1, Number(part)));
  const year = m[1]!;
  const month = within(m[2]!, 12);
  const last = new Date(Date.UTC(Number(year), month, 0)).getUTCDate();
  const two = (n: number): string => String(n).padStart(2, '0');
  const day = `${year}-${two(month)}-${two(within(m[3]!, last))}`;
  return day < FIRST_DAY ? FIRST_DAY : day;
}

/** The keys under which documents and requests keep days that are over, or at hand. */
const dayKeys: ReadonlySet<string> = new Set([
  'date',
  'askedOn',
  'clearedOn',
  'doneOn',
  'keptOn',
  'on',
  'startsOn',
  'today',
]);
/** Those within a block, which may begin as far ahead as that and then goes on for a year. */
const blockKeys: ReadonlySet<string> = new Set(['from', 'to']);
const BLOCK_DAYS = 53 * 7;

/** Where a day later than `last` stands in a document or a request: its path, or null. */
export function dayAfter(last: string, value: unknown): string | null {
  const lastOfBlock = daysAfter(last, BLOCK_DAYS);
  const isLate = (key: string, day: string): boolean =>
    ((dayKeys.has(key) && day > last) || (blockKeys.has(key) && day > lastOfBlock)) && isDay(day);
  const found = (inner: unknown): string | null => {
    if (typeof inner !== 'object' || inner === null) return null;
    for (const [key, of] of Object.entries(inner)) {
      if (typeof of === 'string') {
        if (isLate(key, of)) return key;
      } else {
        const deeper = found(of);
        if (deeper !== null) return `${key}.${deeper}`;
      }
    }
    return null;
  };
  return found(value);
}
