import { findEntry, type Rig } from '../movements';
import type { Kit } from '../kit';
import type { Context } from '../measure';
import { schools, startingLine } from '../schools';
import {
  askedOn,
  type Client,
  clientVersion,
  emptySession,
  type Line,
  type Session,
  singleBlock,
} from '../session';

/** Small invented people and gyms for examples and tests. */
export const sampleKit: Kit = {
  format: 'drimbo.kit',
  version: 2,
  name: 'Test hall',
  unit: 'kg',
  bars: [
    { id: 'bar-20', name: 'Straight bar', kg: 20, use: 'straight' },
    { id: 'curl', name: 'Curl bar', kg: 8, use: 'curl' },
  ],
  plates: [
    { kg: 20, pairs: 4 },
    { kg: 10, pairs: 2 },
    { kg: 5, pairs: 2 },
    { kg: 2.5, pairs: 2 },
    { kg: 1.25, pairs: 1 },
  ],
  dumbbells: [2, 4, 5, 6, 7, 8, 9, 10, 12, 14, 16, 18, 20, 22, 24, 26, 28, 30, 32, 34, 36, 40].map((kg) => ({
    kg,
    pairs: 1,
  })),
  stacks: [
    {
      id: 'cables',
      name: 'Cables',
      serves: ['cables'],
      firstKg: 2.5,
      stepKg: 2.5,
      maxKg: 50,
      addOnsKg: [1.25],
      count: 2,
      ratio: 0.5,
    },
  ],
  benches: [{ id: 'bench', name: 'Bench', notchesDeg: [0, 15, 30, 45, 60, 75] }],
  rack: { count: 1, safetyArms: true },
  places: ['dip bars', 'press block', 'raised handles'],
  dipBelt: true,
};

export const sampleClient: Client = {
  format: 'drimbo.client',
  version: clientVersion,
  name: 'Test client',
  about: '',
  born: 1990,
  statureM: 1.78,
  massKg: 80,
  biacromialM: null,
  trainingAge: 'over 3 years',
  goal: 'size',
  lagging: [],
  limits: [],
  minutes: 60,
  daysAWeek: 4,
  kitId: 'hall',
  unit: 'kg',
  likes: '',
  aim: 'size',
  competes: 'no',
  health: askedOn('2026-10-01'),
  aside: [],
  formula: 'median',
  deletedTests: [],
  body: [],
  ratings: [],
  notes: [],
  tests: [
    {
      movement: 'barbell-press',
      rig: {},
      date: '2026-11-17',
      loadKg: 100,
      reps: 5,
      reserve: 0,
      kind: 'test',
    },
  ],
};

export const sampleContext: Context = {
  client: sampleClient,
  kit: sampleKit,
  logged: [],
  todayIso: '2026-11-24',
};

/** A line for an entry, with changes; its id is the entry's unless given. */
export function line(entryId: string, patch: Partial<Line> = {}, rig: Rig = {}): Line {
  const started = startingLine(findEntry(entryId)!, schools.evidence, patch.id ?? entryId);
  return { ...started, ...patch, rig: { ...started.rig, ...rig } };
}

export function session(lines: Line[], patch: Partial<Session> = {}): Session {
  return {
    ...emptySession({
      title: 'Test push',
      clientId: 'c',
      kitId: 'hall',
      minutes: 75,
      emphasis: 'chest',
      school: 'evidence',
    }),
    blocks: lines.map((l) => singleBlock(`block-${l.id}`, l)),
    ...patch,
  };
}

/** A six-movement push day with nothing much wrong with it. */
export const soundPush = session(
  [
    line('incline-dumbbell-press', { scheme: { kind: 'straight', sets: 4, reps: { lo: 6, hi: 8 } } }),
    line('barbell-bench-press', {
      scheme: { kind: 'straight', sets: 3, reps: { lo: 8, hi: 10 } },
      reserve: { first: 3, last: 2 },
    }),
    line('cable-fly-high-to-low', { scheme: { kind: 'straight', sets: 3, reps: { lo: 12, hi: 15 } } }),
    line('cable-lateral-raise', { scheme: { kind: 'straight', sets: 5, reps: { lo: 12, hi: 15 } } }),
    line('incline-rear-raise', {
      scheme: { kind: 'straight', sets: 5, reps: { lo: 12, hi: 18 } },
      restS: 90,
    }),
    line('cable-overhead-extension', { scheme: { kind: 'straight', sets: 3, reps: { lo: 10, hi: 12 } } }),
  ],
  { minutes: 100 },
);
