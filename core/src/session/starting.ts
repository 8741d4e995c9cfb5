import type { Entry } from '../movements/model';
import { teachingOf } from '../movements/settings';
import type { School } from '../schools/schools';
import type { Block, Line, Session } from './document';

/** A line for an entry of the catalogue as this school would begin it. */
export function startingLine(entry: Entry, school: School, id: string): Line {
  const { movement } = entry;
  const kind = movement.compound ? 'compound' : 'isolation';
  const corrective = movement.family === 'corrective' || movement.family === 'preparation';
  const [lo, hi] = teachingOf(movement, entry.rig).homeReps;
  const span = movement.compound ? 3 : 4;
  const from = movement.compound ? Math.min(Math.max(lo, 6), hi) : Math.max(lo, Math.min(10, hi));
  return {
    id,
    movement: movement.id,
    ...(entry.own === undefined ? {} : { own: entry.own }),
    rig: entry.rig,
    scheme: {
      kind: 'straight',
      sets: corrective ? 2 : school.starting.sets,
      reps: { lo: from, hi: Math.min(hi, from + span) },
    },
    reserve: corrective ? { first: 4, last: 4 } : school.starting.reserve[kind],
    tempo: school.starting.tempo,
    restS: corrective ? 45 : school.starting.restS[kind],
    loadKg: null,
    cues: null,
    note: '',
  };
}

/** What makes a line another movement: its settings, and nothing left that was said for the one before. */
export const becoming = (entry: Entry): Partial<Omit<Line, 'id'>> => ({
  movement: entry.movement.id,
  own: entry.own,
  rig: entry.rig,
  pins: undefined,
  hung: undefined,
  loadKg: null,
  cues: null,
});

export const singleBlock = (id: string, line: Line): Block => ({
  id,
  kind: 'single',
  betweenS: 10,
  lines: [line],
});

/** An empty session for a client. */
export function emptySession(
  head: Pick<Session, 'title' | 'clientId' | 'kitId' | 'minutes' | 'emphasis' | 'school'> & Partial<Session>,
): Session {
  return {
    format: 'drimbo.session',
    version: 1,
    spotter: false,
    status: 'draft',
    date: null,
    note: '',
    warmup: [],
    blocks: [],
    dismissed: [],
    ...head,
  };
}
