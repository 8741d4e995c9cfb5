import type { Kit } from '../kit';
import type { PerformedSet, SetList } from '../log';
import { findEntry, type Notebook } from '../movements';
import type { School } from '../schools';
import { asRun, type Client, linesOf, neverAsked, type Session } from '../session';
import type { Logged } from '../strength';

/** Everything a session needs to be run without a server, and nothing else of whose it is. */
export interface FloorFile extends SetList {
  session: { id: string; revision: number; document: Session };
  client: Client;
  kit: Kit;
  notebook: Notebook | null;
  /** The coach's own school the session is judged by; none for one that ships. */
  schools: School[];
  /** What was logged in other sessions. */
  logged: Logged[];
}

/** What changed since a list was read: the session and the sets where they are others by now. */
export interface FloorNews {
  house: string;
  at: number;
  sets: PerformedSet[] | null;
  torn?: number;
  session: FloorFile['session'] | null;
}

/**
 * A session without what the coach wrote for himself: notes of the session and of its lines, and findings set aside
 * with their reasons. What is for the client stays: movements, figures, cues, notes of the warm-up, how it went.
 */
export const sessionOnFloor = (session: Session): Session => ({
  ...session,
  note: '',
  dismissed: [],
  blocks: session.blocks.map((b) => ({ ...b, lines: b.lines.map((l) => ({ ...l, note: '' })) })),
});

/** What loads, cues and limits follow from; nothing the coach wrote or judged, no health, no history of the body. */
export const clientOnFloor = (client: Client): Client => ({
  format: client.format,
  version: client.version,
  name: '',
  about: '',
  born: null,
  statureM: client.statureM,
  massKg: client.massKg,
  biacromialM: client.biacromialM,
  trainingAge: client.trainingAge,
  goal: '',
  lagging: [],
  limits: client.limits.map(({ limit }) => ({ limit, note: '' })),
  minutes: client.minutes,
  daysAWeek: client.daysAWeek,
  kitId: client.kitId,
  unit: client.unit,
  likes: '',
  aim: client.aim,
  competes: client.competes,
  health: neverAsked,
  aside: [],
  formula: client.formula,
  tests: client.tests,
  deletedTests: [],
  body: [],
  ratings: [],
  notes: [],
  ...(client.cues ? { cues: client.cues } : {}),
});

/** Of the notebook what the session uses: own movements and cues of its lines, and which names are not offered. */
export function notebookOnFloor(notebook: Notebook, session: Session): Notebook {
  const lines = [...linesOf(session), ...linesOf(asRun(session))];
  const owns = new Set(lines.flatMap((l) => l.own ?? []));
  const movements = new Set(lines.map((l) => l.movement));
  const own = notebook.own.filter((o) => owns.has(o.id));
  const isUsed = (name: string): boolean => {
    const entry = findEntry(name);
    return owns.has(name) || (entry !== undefined && movements.has(entry.movement.id));
  };
  return {
    format: notebook.format,
    version: notebook.version,
    own: own.map((o) => ({ ...o, chooseWhen: '-' })),
    hidden: notebook.hidden,
    shown: notebook.shown,
    cues: Object.fromEntries(Object.entries(notebook.cues).filter(([entry]) => isUsed(entry))),
    templates: [],
    deleted: [],
  };
}

/** A school without its own words and without the rules it hears otherwise: the floor judges nothing. */
export const schoolOnFloor = (school: School): School => ({ ...school, line: '', voices: {}, aside: [] });
