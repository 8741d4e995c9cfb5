import { daysAfter, daysBetween } from '../units';
import type { LifeEvent, TrainingBlock, TrainingDay } from './document';
import { weeksOf } from './document';
import { keepsWeekdays } from './splits';

/** A training day of a block with its place in the calendar. */
export interface PlacedDay {
  /** The day of the block it was planned for, from 0: what tells it from the others. */
  day: number;
  /** The week of the block it belongs to, from 0, whenever it comes. */
  week: number;
  /** The training day. */
  training: string;
  /** Where the pattern puts it. */
  planned: string;
  /** Where it comes after everything that came between. */
  date: string;
  state: 'planned' | 'done' | 'left out';
  /** Something came between that makes it a lighter one. */
  light: boolean;
  /** The gym it is done in, where that is another than usual. */
  kitId: string | null;
  /** A session of its own it uses; null while it follows the session of its training day. */
  session: string | null;
}

/** True for a day in short form: no session is designed for it. */
export const isShortDay = (training: TrainingDay, placed: PlacedDay): boolean =>
  training.does.is === 'short' && placed.session === null;

/** What the pattern puts where, before anything comes between. */
function byPattern(block: TrainingBlock): PlacedDay[] {
  const { pattern, patternFrom, startsOn } = block;
  const turns = new Map<string, number>();
  const placed: PlacedDay[] = [];
  for (let day = patternFrom; day < 7 * weeksOf(block); day += 1) {
    const entry = pattern[(day - patternFrom) % pattern.length]!;
    if (entry.length === 0) continue;
    // Places that hold the same several share their turns.
    const key = entry.join(' ');
    const turn = turns.get(key) ?? 0;
    turns.set(key, turn + 1);
    const planned = daysAfter(startsOn, day);
    placed.push({
      day,
      week: Math.floor(day / 7),
      training: entry[turn % entry.length]!,
      planned,
      date: planned,
      state: 'planned',
      light: false,
      kitId: null,
      session: null,
    });
  }
  return placed;
}

const within = (date: string, { from, to }: Pick<LifeEvent, 'from' | 'to'>): boolean =>
  date >= from && date <= to;

/** The first day that no event takes away. */
function freeFrom(date: string, away: readonly LifeEvent[]): string {
  let free = date;
  for (;;) {
    const taken = away.find((e) => within(free, e));
    if (!taken) return free;
    free = daysAfter(taken.to, 1);
  }
}

/**
 * Everything from the first day that is lost comes later by as little as gets it past the event: by whole weeks
 * where days keep to their weekdays.
 */
function moveRest(open: PlacedDay[], event: LifeEvent, wholeWeeks: boolean): void {
  const first = open.find((p) => p.date >= event.from);
  if (!first || first.date > event.to) return;
  const from = first.date;
  const least = daysBetween(from, event.to) + 1;
  const by = wholeWeeks ? Math.ceil(least / 7) * 7 : least;
  for (const p of open) if (p.date >= from) p.date = daysAfter(p.date, by);
}

/** Lost days come as soon as there is room; days of rest after them take up the delay. */
function catchUp(open: PlacedDay[], event: LifeEvent, away: readonly LifeEvent[]): void {
  let last: string | null = null;
  let delayed = false;
  for (const p of open) {
    if (p.date < event.from) continue;
    if (within(p.date, event)) delayed = true;
    if (!delayed) return;
    const soonest: string = last === null ? p.date : daysAfter(last, 1);
    p.date = freeFrom(p.date > soonest ? p.date : soonest, away);
    last = p.date;
  }
}

function answered(
  open: PlacedDay[],
  event: LifeEvent,
  block: TrainingBlock,
  away: readonly LifeEvent[],
): void {
  if (event.then === 'move') moveRest(open, event, keepsWeekdays(block.pattern));
  if (event.then === 'catch up') catchUp(open, event, away);
  for (const p of open) {
    if (!within(p.date, event)) continue;
    if (event.then === 'leave out') p.state = 'left out';
    if (event.then === 'lighter') p.light = true;
    if (event.kitId !== undefined) p.kitId = event.kitId;
  }
}

const inOrder = (a: PlacedDay, b: PlacedDay): number => a.date.localeCompare(b.date) || a.day - b.day;

/**
 * Every training day of a block with its date, in order: what the pattern says, then what came between, then what
 * the coach put elsewhere by hand. A day that is done stays where and what it was.
 */
export function placed(block: TrainingBlock): PlacedDay[] {
  const done = block.made.filter((m) => m.on !== null);
  const isDone = new Set(done.map((m) => m.day));
  // Done days count where they were put: what came between them moves the days after, too.
  const all = byPattern(block);
  const events = [...block.life].sort((a, b) => a.from.localeCompare(b.from));
  // What lands on a later event that moves the rest is moved when its turn comes.
  const away = events.filter((e) => e.then === 'catch up');
  for (const event of events) answered(all, event, block, away);
  const open = all.filter((p) => !isDone.has(p.day));
  const byHand = new Map(block.moved.map((m) => [m.day, m.to]));
  const made = new Map(block.made.map((m) => [m.day, m]));
  for (const p of open) {
    p.date = byHand.get(p.day) ?? p.date;
    const own = made.get(p.day);
    if (own?.session) Object.assign(p, { session: own.session, training: own.training });
  }
  return [
    ...open,
    ...done.map(({ day, training, session, on }): PlacedDay => ({
      day,
      week: Math.floor(day / 7),
      training,
      planned: daysAfter(block.startsOn, day),
      date: on!,
      state: 'done',
      light: false,
      kitId: null,
      session,
    })),
  ].sort(inOrder);
}

/** The last day of a block: that of its last week, or of a training day that comes later. */
export function endsOn(block: TrainingBlock, days: readonly PlacedDay[] = placed(block)): string {
  const end = daysAfter(block.startsOn, 7 * weeksOf(block) - 1);
  const last = days.filter((p) => p.state !== 'left out').at(-1)?.date ?? end;
  return last > end ? last : end;
}
