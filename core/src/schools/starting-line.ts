import { atHome, type Entry } from '../movements';
import type { Line, Scheme } from '../session';
import type { School } from './document';

/** Names that are a way of doing sets as much as a movement. Common practice. */
const ownSchemes: Record<string, Scheme> = {
  // The hands go out in two steps, each begun when the form would break: the same body, easier each time.
  'push-up-ladder': {
    kind: 'mechanical drop',
    sets: 2,
    reps: { lo: 8, hi: 20 },
    knob: 'gripBiacromial',
    easier: [1.3, 1.75],
  },
};

/** A line for an entry of the catalogue as this school would begin it. */
export function startingLine(entry: Entry, school: School, id: string): Line {
  const { movement } = entry;
  const kind = movement.compound ? 'compound' : 'isolation';
  const corrective = movement.family === 'corrective' || movement.family === 'preparation';
  const [lo, hi] = atHome(movement, entry.rig).homeReps;
  const span = movement.compound ? 3 : 4;
  const from = movement.compound ? Math.min(Math.max(lo, 6), hi) : Math.max(lo, Math.min(10, hi));
  return {
    id,
    movement: movement.id,
    ...(entry.own === undefined ? {} : { own: entry.own }),
    rig: entry.rig,
    scheme: ownSchemes[entry.id] ?? {
      kind: 'straight',
      sets: corrective ? 2 : school.starting.sets,
      reps: { lo: from, hi: Math.min(hi, from + span) },
    },
    reserve: corrective ? { first: 4, last: 4 } : school.starting.reserve[kind],
    tempo: school.starting.tempo,
    restS: corrective ? 45 : school.starting.restS[kind],
    loadKg: null,
    ...(school.starting.loads === 'down' && !corrective ? { loads: 'down' as const } : {}),
    cues: null,
    note: '',
  };
}
