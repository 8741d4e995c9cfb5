import { handingOver, type Measured } from '../measure';
import { applyEdit, type Edit, type Line, type Session } from '../session';
import type { TrainingBlock } from './document';
import type { BlockChange } from './model';
import type { PlacedDay } from './placing';

type Loads = Line['loadKg'];

/** A day's session as a document of its own, as its week has it: what is handed over, or was done. */
export function sessionOfDay(measured: Measured, date: string, status: Session['status']): Session {
  const session: Session = {
    ...measured.session,
    date,
    status,
    ...(measured.isLight ? { light: true as const } : {}),
  };
  return status === 'handed over' ? applyEdit(session, handingOver(measured)) : session;
}

/**
 * The same with every load written down, so that it stays as it was whatever is learnt later. `found`: loads of lines
 * that had nothing to go by.
 */
export function frozenSession(measured: Measured, date: string, found: ReadonlyMap<string, number>): Session {
  const loadsOf = (m: Measured['lines'][number]): Loads => {
    const loads = m.sets.map((s) => s.kg ?? found.get(m.id) ?? null);
    const known = loads.filter((kg) => kg !== null);
    if (known.length === 0 || known.length !== loads.length) return m.line.loadKg;
    return new Set(known).size === 1 ? known[0]! : known;
  };
  const edits = measured.lines.map((m): Edit => ({ do: 'line', line: m.id, patch: { loadKg: loadsOf(m) } }));
  return applyEdit(sessionOfDay(measured, date, 'finished'), { do: 'all', edits });
}

/** Says that a day has a session of its own by now; with a date, that it is done. */
export const madeOf = (
  block: TrainingBlock,
  { day, training }: Pick<PlacedDay, 'day' | 'training'>,
  session: string | null,
  on: string | null,
): BlockChange => ({
  block: { made: [...block.made.filter((m) => m.day !== day), { day, training, session, on }] },
  sessions: [],
});

/** The day follows the session of its training day again. */
export const followAgain = (block: TrainingBlock, day: number): BlockChange => ({
  block: { made: block.made.filter((m) => m.day !== day) },
  sessions: [],
});
