import ICAL from 'ical.js';
import type { TrainingBlock } from '../block/document';
import { placed } from '../block/placing';
import { daysAfter, daysBetween, isDay } from '../units/dates';
import { dayOfUid } from './calendar';

/** What somebody's calendar says of some days: from the first to the last, both counted. */
export interface CalendarEntry {
  uid: string;
  title: string;
  from: string;
  to: string;
  isCancelled: boolean;
}

/** A file that cannot be read, and why. */
export class CalendarError extends Error {}

/** Longer files are refused, in letters; more events than this are no calendar of a person. */
const LONGEST = 2_000_000;
const MOST_ENTRIES = 5_000;
/** A shift that goes on past midnight takes the day after as well where it ends at this hour or later. */
const NEXT_DAY_FROM = 3;

const two = (n: number): string => String(n).padStart(2, '0');
/** The day as it is written: whatever the time zone, it is the day its reader sees. */
const dayOf = (t: ICAL.Time): string => `${t.year}-${two(t.month)}-${two(t.day)}`;

/** The last day an event reaches into. */
function lastDay(start: ICAL.Time, end: ICAL.Time): string {
  const [from, to] = [dayOf(start), dayOf(end)];
  if (to <= from) return from;
  if (end.isDate) return daysAfter(to, -1);
  return end.hour >= NEXT_DAY_FROM ? to : daysAfter(to, -1);
}

const componentIn = (text: string): ICAL.Component => {
  if (text.length > LONGEST)
    throw new CalendarError('This file is longer than two million letters: take a shorter span.');
  if (!/BEGIN:VCALENDAR/i.test(text))
    throw new CalendarError('This is no calendar file: it does not begin with BEGIN:VCALENDAR.');
  try {
    const parsed: unknown = ICAL.parse(text.replace(/^\uFEFF/, ''));
    const one = (Array.isArray(parsed) && Array.isArray(parsed[0]) ? parsed[0] : parsed) as string;
    return new ICAL.Component(one);
  } catch (error) {
    throw new CalendarError(
      `The calendar file breaks off or is torn: ${error instanceof Error ? error.message : 'it cannot be read'}.`,
    );
  }
};

/**
 * The entries of an iCalendar file between two days, those that recur one by one; in order. Times of day only say
 * which days an entry reaches into. Throws CalendarError for what is no calendar file.
 */
export function readCalendar(text: string, from: string, to: string): CalendarEntry[] {
  const found: CalendarEntry[] = [];
  const add = (entry: CalendarEntry): void => {
    if (entry.to < from || entry.from > to || !isDay(entry.from) || !isDay(entry.to)) return;
    if (found.length >= MOST_ENTRIES)
      throw new CalendarError(`More than ${MOST_ENTRIES} entries in these days.`);
    found.push(entry);
  };
  for (const part of componentIn(text).getAllSubcomponents('vevent')) {
    if (!part.hasProperty('dtstart')) continue;
    const event = new ICAL.Event(part);
    const status = part.getFirstPropertyValue('status');
    const told = (start: ICAL.Time, end: ICAL.Time): void =>
      add({
        uid: String(event.uid ?? ''),
        title: (event.summary ?? '').trim() || 'Without a name',
        from: dayOf(start),
        to: lastDay(start, end),
        isCancelled: typeof status === 'string' && status.toUpperCase() === 'CANCELLED',
      });
    if (!event.isRecurring()) {
      told(event.startDate, event.endDate);
      continue;
    }
    const steps = event.iterator();
    for (
      let next = steps.next(), n = 0;
      next && dayOf(next) <= to && n < MOST_ENTRIES;
      next = steps.next(), n += 1
    ) {
      const { startDate, endDate } = event.getOccurrenceDetails(next);
      told(startDate, endDate);
    }
  }
  return found.sort((a, b) => a.from.localeCompare(b.from) || a.title.localeCompare(b.title));
}

/** The entries by what they are called, with the days of each: what a coach picks the days away from. */
export function byTitle(entries: readonly CalendarEntry[]): { title: string; days: string[] }[] {
  const titles = new Map<string, Set<string>>();
  for (const { title, from, to, isCancelled } of entries) {
    if (isCancelled) continue;
    const days = titles.get(title) ?? new Set<string>();
    for (let i = 0; i <= Math.min(60, daysBetween(from, to)); i += 1) days.add(daysAfter(from, i));
    titles.set(title, days);
  }
  return [...titles].map(([title, days]) => ({ title, days: [...days].sort() }));
}

/** What reading a block's calendar back would do. */
export interface ReadBack {
  moved: TrainingBlock['moved'];
  /** Days that stand elsewhere than in the block. */
  changes: { day: number; from: string; to: string }[];
  /** Entries that are of another block, or of none. */
  foreign: number;
  /** Days that are done, and stay. */
  done: number;
}

/** Moves the days of a block to where its own calendar file has them by now. */
export function readBack(block: TrainingBlock, blockId: string, entries: readonly CalendarEntry[]): ReadBack {
  const here = new Map(placed(block).map((p) => [p.day, p]));
  const result: ReadBack = { moved: block.moved, changes: [], foreign: 0, done: 0 };
  for (const { uid, from } of entries) {
    const named = dayOfUid(uid);
    const p = named && here.get(named.day);
    if (named?.blockId !== blockId || !p) result.foreign += 1;
    else if (p.date !== from && p.state === 'done') result.done += 1;
    else if (p.date !== from) result.changes.push({ day: p.day, from: p.date, to: from });
  }
  const to = new Map(result.changes.map((c) => [c.day, c.to]));
  result.moved = [
    ...block.moved.filter((m) => !to.has(m.day)),
    ...[...to].map(([day, date]) => ({ day, to: date })),
  ];
  return result;
}
