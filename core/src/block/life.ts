import type { LifeEvent, TrainingBlock } from './document';
import type { BlockChange } from './model';
import { endsOn, placed } from './placing';

export const lifeNames: Record<LifeEvent['what'], string> = {
  sick: 'Sick',
  travelling: 'Travelling',
  shift: 'On shift',
  missed: 'Missed a day',
  'other gym': 'In another gym',
  away: 'Away',
};

export const answerNames: Record<LifeEvent['then'], string> = {
  move: 'Move everything after it',
  'catch up': 'Catch up on days off',
  'leave out': 'Leave those days out',
  lighter: 'Train lighter then',
  stay: 'Keep the days',
};

/** What can be done about each. The first is proposed. Common practice. */
export const answersFor: Record<LifeEvent['what'], readonly LifeEvent['then'][]> = {
  sick: ['move', 'catch up', 'leave out', 'lighter'],
  travelling: ['catch up', 'move', 'leave out', 'lighter'],
  shift: ['catch up', 'leave out', 'move'],
  missed: ['catch up', 'move', 'leave out'],
  'other gym': ['stay', 'lighter'],
  away: ['catch up', 'move', 'leave out'],
};

/** A day that comes elsewhere, goes, comes lighter or in another gym by a change. */
export interface DayChange {
  day: number;
  name: string;
  from: string;
  /** Null where it is left out. */
  to: string | null;
  says: string;
}

/** What an answer to life would do, before it is kept. */
export interface LifePreview {
  then: LifeEvent['then'];
  change: BlockChange;
  changes: DayChange[];
  /** The last day before and after. */
  ends: { before: string; after: string };
}

/** The change that says it; an event of the same id is replaced. */
export const sayLife = (block: TrainingBlock, events: readonly LifeEvent[]): BlockChange => {
  const ids = new Set(events.map((e) => e.id));
  return { block: { life: [...block.life.filter((e) => !ids.has(e.id)), ...events] }, sessions: [] };
};

/** The change that takes it back. */
export const unsayLife = (block: TrainingBlock, id: string): BlockChange => ({
  block: { life: block.life.filter((e) => e.id !== id) },
  sessions: [],
});

/** The days that differ between two versions of a block, in order. */
export function dayChanges(before: TrainingBlock, after: TrainingBlock): DayChange[] {
  const then = new Map(placed(after).map((p) => [p.day, p]));
  const nameOf = (id: string): string => [...after.days, ...before.days].find((d) => d.id === id)?.name ?? id;
  const changes: DayChange[] = [];
  for (const p of placed(before)) {
    const q = then.get(p.day);
    const told = (to: string | null, says: string): void =>
      void changes.push({ day: p.day, name: nameOf(p.training), from: p.date, to, says });
    if (!q) told(null, 'falls away');
    else if (p.state !== 'left out' && q.state === 'left out') told(null, 'is left out');
    else if (p.state === 'left out' && q.state === 'planned') told(q.date, 'comes back');
    else if (p.date !== q.date) told(q.date, 'moves');
    else if (q.light && !p.light) told(q.date, 'becomes lighter');
    else if (q.kitId !== p.kitId)
      told(q.date, q.kitId === null ? 'is in the usual gym' : 'is in the other gym');
    else if (q.training !== p.training) told(q.date, `becomes ${nameOf(q.training)}`);
  }
  return changes;
}

/** Every answer to what comes between, with what it would do. */
export function lifePreviews(block: TrainingBlock, event: Omit<LifeEvent, 'then'>): LifePreview[] {
  const before = endsOn(block);
  return answersFor[event.what].map((then) => {
    const change = sayLife(block, [{ ...event, then }]);
    const after = { ...block, ...change.block };
    return { then, change, changes: dayChanges(block, after), ends: { before, after: endsOn(after) } };
  });
}

/** Days on end as one event each: what a calendar of shifts comes to. */
export function eventsOf(
  days: readonly string[],
  make: (from: string, to: string) => LifeEvent,
  next: (day: string) => string,
): LifeEvent[] {
  const events: LifeEvent[] = [];
  let from: string | null = null;
  let to = '';
  for (const day of [...new Set(days)].sort()) {
    if (from !== null && next(to) === day) {
      to = day;
      continue;
    }
    if (from !== null) events.push(make(from, to));
    from = day;
    to = day;
  }
  if (from !== null) events.push(make(from, to));
  return events;
}
