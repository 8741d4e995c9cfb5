import type { TrainingBlock } from './document';
import { endsOn, placed } from './placing';

/** What a roster says of a client's block. */
export interface Due {
  block: string;
  title: string;
  /** The training day of today; null for a day off. */
  today: { name: string; session: string | null; isDone: boolean } | null;
  /** The next one after today. */
  next: { name: string; date: string } | null;
  /** The last days that were planned and not done, oldest first. */
  open: { name: string; date: string }[];
}

/** A planned day is asked after for so many days. */
const ASKED_DAYS = 7;

/** What a block has for a day; null where it is over or has not begun by the next week. */
export function dueOf(id: string, block: TrainingBlock, todayIso: string): Due | null {
  const days = placed(block);
  if (endsOn(block, days) < todayIso) return null;
  const training = (of: string) => block.days.find((d) => d.id === of)!;
  const told = (p: (typeof days)[number]) => ({ name: training(p.training).name, date: p.date });
  const here = days.find((p) => p.date === todayIso && p.state !== 'left out');
  const next = days.find((p) => p.date > todayIso && p.state === 'planned');
  const does = here && training(here.training).does;
  return {
    block: id,
    title: block.title,
    today: here
      ? {
          name: training(here.training).name,
          session: here.session ?? (does?.is === 'session' ? does.session : null),
          isDone: here.state === 'done',
        }
      : null,
    next: next ? told(next) : null,
    open: days
      .filter((p) => p.state === 'planned' && p.date < todayIso)
      .slice(-ASKED_DAYS)
      .map(told),
  };
}

/** A day that lies ahead, as a client's page lists it. */
export interface PlannedDay {
  block: string;
  name: string;
  date: string;
  session: string | null;
  light: boolean;
}

/** The next days of a block, those of today first. */
export const plannedIn = (id: string, block: TrainingBlock, todayIso: string, most: number): PlannedDay[] =>
  placed(block)
    .filter((p) => p.state === 'planned' && p.date >= todayIso)
    .slice(0, most)
    .map((p) => {
      const training = block.days.find((d) => d.id === p.training)!;
      return {
        block: id,
        name: training.name,
        date: p.date,
        session: p.session ?? (training.does.is === 'session' ? training.does.session : null),
        light: p.light || (block.weeks[p.week]?.light ?? false),
      };
    });
