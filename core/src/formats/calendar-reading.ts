import ICAL from 'ical.js';
import { placed, type TrainingBlock } from '../block';
import { daysAfter, daysBetween, isDay } from '../units';
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

/** What a person's calendar of some weeks stays under: letters of the file, events in it, entries within the days. */
const LONGEST = 2_000_000;
const MOST_EVENTS = 20_000;
const MOST_ENTRIES = 5_000;
/** Times that what recurs is taken a step on, over the whole file. */
const MOST_STEPS = 20_000;
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

/** What was read of a calendar: the entries in order, and what was left out, each with the reason. */
export interface CalendarRead {
  entries: CalendarEntry[];
  leftOut: string[];
}

/** Exceptions of what recurs, by the event they are of. */
function exceptionsIn(events: readonly ICAL.Component[]): Map<string, ICAL.Component[]> {
  const found = new Map<string, ICAL.Component[]>();
  for (const event of events) {
    if (!event.hasProperty('recurrence-id')) continue;
    const uid = String(event.getFirstPropertyValue('uid') ?? '');
    const known = found.get(uid);
    if (known) known.push(event);
    else found.set(uid, [event]);
  }
  return found;
}

const stepDays: Readonly<Record<string, number>> = { DAILY: 1, WEEKLY: 7 };

/**
 * Begins a daily or weekly series, which has no count, as late as it can before a day: what it does before nobody asks.
 * Whole rounds are left out, so that it goes on as it would have.
 */
function begunLate(event: ICAL.Component, from: string): void {
  const rules = event.getAllProperties('rrule');
  const rule = rules[0]?.getFirstValue();
  if (rules.length !== 1 || !(rule instanceof ICAL.Recur) || rule.count !== null) return;
  const round = (stepDays[rule.freq] ?? 0) * rule.interval;
  if (round === 0 || event.hasProperty('rdate')) return;
  const [start, end] = ['dtstart', 'dtend'].map((name) => event.getFirstProperty(name));
  const begins = start?.getFirstValue();
  if (!(begins instanceof ICAL.Time)) return;
  const ends = end?.getFirstValue();
  const lasts = ends instanceof ICAL.Time ? Math.max(0, daysBetween(dayOf(begins), dayOf(ends))) : 0;
  const days = Math.floor((daysBetween(dayOf(begins), from) - lasts - 2) / round) * round;
  if (!(days > 0)) return;
  for (const property of [start, end]) {
    const time = property?.getFirstValue();
    if (!(time instanceof ICAL.Time)) continue;
    const later = time.clone();
    later.adjust(days, 0, 0, 0);
    property!.setValue(later);
  }
}

const isFiner = (event: ICAL.Component): boolean =>
  event.getAllProperties('rrule').some((p) => {
    const rule = p.getFirstValue();
    return rule instanceof ICAL.Recur && ['SECONDLY', 'MINUTELY', 'HOURLY'].includes(rule.freq);
  });

/**
 * The entries of an iCalendar file between two days, cut to them, those that recur one by one. Times of day only say
 * which days an entry reaches into. Throws CalendarError for what is no calendar file, or more than one of a person.
 */
export function readCalendar(text: string, from: string, to: string): CalendarRead {
  const entries: CalendarEntry[] = [];
  const leftOut = new Set<string>();
  let steps = 0;
  const add = (entry: CalendarEntry): void => {
    if (!isDay(entry.from) || !isDay(entry.to) || entry.to < from || entry.from > to) return;
    if (entries.length >= MOST_ENTRIES)
      throw new CalendarError(`More than ${MOST_ENTRIES} entries in these days.`);
    entries.push({
      ...entry,
      from: entry.from < from ? from : entry.from,
      to: entry.to > to ? to : entry.to,
    });
  };
  const events = componentIn(text).getAllSubcomponents('vevent');
  if (events.length > MOST_EVENTS) throw new CalendarError(`More than ${MOST_EVENTS} events in this file.`);
  const exceptions = exceptionsIn(events);
  const recurring = new Set(
    events.filter((e) => e.hasProperty('rrule')).map((e) => String(e.getFirstPropertyValue('uid') ?? '')),
  );
  const tellEvent = (part: ICAL.Component, uid: string, isException: boolean): void => {
    begunLate(part, from);
    const event = new ICAL.Event(part, { exceptions: isException ? [] : (exceptions.get(uid) ?? []) });
    // Another event of the same id has them no more.
    if (!isException) exceptions.delete(uid);
    const told = (item: ICAL.Event, start: ICAL.Time, end: ICAL.Time): void => {
      const status = item.component.getFirstPropertyValue('status');
      add({
        uid,
        title: titleOf(item.component),
        from: dayOf(start),
        to: lastDay(start, end),
        isCancelled: typeof status === 'string' && status.toUpperCase() === 'CANCELLED',
      });
    };
    if (!event.isRecurring()) {
      told(event, event.startDate, event.endDate);
      return;
    }
    const series = event.iterator();
    for (let next = series.next(); next && dayOf(next) <= to; next = series.next()) {
      steps += 1;
      if (steps > MOST_STEPS)
        throw new CalendarError('What recurs in this file recurs more often than can be read.');
      const { item, startDate, endDate } = event.getOccurrenceDetails(next);
      told(item, startDate, endDate);
    }
  };
  for (const part of events) {
    const uid = String(part.getFirstPropertyValue('uid') ?? '');
    const isException = part.hasProperty('recurrence-id');
    // What an exception says is told with the event it is of.
    if (!part.hasProperty('dtstart') || (isException && recurring.has(uid))) continue;
    if (isFiner(part)) {
      leftOut.add(`${titleOf(part)} (recurs more than once a day)`);
      continue;
    }
    try {
      tellEvent(part, uid, isException);
    } catch (error) {
      if (error instanceof CalendarError) throw error;
      leftOut.add(`${titleOf(part)} (its days cannot be read)`);
    }
  }
  entries.sort((a, b) => a.from.localeCompare(b.from) || a.title.localeCompare(b.title));
  return { entries, leftOut: [...leftOut] };
}

const titleOf = (event: ICAL.Component): string =>
  String(event.getFirstPropertyValue('summary') ?? '').trim() || 'Without a name';

/** The entries by what they are called, with the days of each: what a coach picks the days away from. */
export function byTitle(entries: readonly CalendarEntry[]): { title: string; days: string[] }[] {
  const titles = new Map<string, Set<string>>();
  for (const { title, from, to, isCancelled } of entries) {
    if (isCancelled) continue;
    const days = titles.get(title) ?? new Set<string>();
    for (let i = 0; i <= daysBetween(from, to); i += 1) days.add(daysAfter(from, i));
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
