import { askedOn, type Client, newClient } from '@drimbo/core/session';
import type { LiftRecord } from '@drimbo/core/strength';

type Facts = Partial<Client> & Pick<Client, 'name' | 'about' | 'born' | 'statureM' | 'massKg'>;

/** A day so many days before the one the demo is made on. */
export type DayBefore = (days: number) => string;

const client = (facts: Facts): Client => ({
  ...newClient({ trainingAge: 'over 3 years', kitId: 'boathouse', unit: 'kg', ...facts }),
  daysAWeek: 4,
  ...facts,
});

const test = (
  movement: string,
  date: string,
  loadKg: number,
  reps: number,
  rig: LiftRecord['rig'] = {},
): LiftRecord => ({
  movement,
  rig,
  date,
  loadKg,
  reps,
  reserve: 0,
  kind: 'test',
});

/** Six invented people who train at the Boathouse. */
export const demoClients = (before: DayBefore): Record<string, Client> => ({
  'mirelle-vandoorn': client({
    name: 'Mirelle Vandoorn',
    about: 'Physique competitor, twelve weeks out.',
    born: 1993,
    statureM: 1.68,
    massKg: 66,
    goal: 'Stage, size',
    competes: 'stage',
    lagging: ['pecUpper', 'deltSide'],
    body: [
      ...[67.4, 67.1, 66.9, 66.4, 66.2, 66].map((value, i): Client['body'][number] => ({
        on: before(75 - 15 * i),
        what: 'bodyweight',
        value,
      })),
      { on: before(75), what: 'chest', value: 94.5 },
      { on: before(75), what: 'upper arm', value: 32 },
      { on: before(5), what: 'chest', value: 95 },
      { on: before(5), what: 'upper arm', value: 32.4 },
    ].sort((a, b) => a.on.localeCompare(b.on)) as Client['body'],
    ratings: [
      { on: before(70), region: 'pecUpper', rating: 2 },
      { on: before(70), region: 'deltSide', rating: 2 },
      { on: before(8), region: 'pecUpper', rating: 3 },
      { on: before(8), region: 'deltRear', rating: 2 },
    ],
    notes: [{ on: before(8), text: 'Stage view: the upper chest has come, rear delts next.' }],
    minutes: 75,
    daysAWeek: 6,
    likes: 'Dumbbells; feels the chest on low cables',
    health: askedOn(before(80)),
    tests: [
      test('barbell-press', before(16), 72.5, 5),
      test('standing-barbell-press', before(16), 42.5, 5),
      test('dip', before(30), 15, 6),
    ],
  }),
  'corvin-haldt': client({
    name: 'Corvin Haldt',
    about: 'Retired rower, careful right shoulder.',
    born: 1968,
    statureM: 1.86,
    massKg: 88,
    trainingAge: '1 to 3 years',
    goal: 'Size, staying able',
    lagging: ['deltRear'],
    limits: [{ limit: 'shoulder front', note: 'Right side, sore past parallel' }],
    minutes: 60,
    daysAWeek: 3,
    likes: 'Cables, landmine',
    health: {
      ...askedOn(before(120), ['medicines']),
      note: 'Blood pressure tablets',
      clearedBy: 'Own doctor, letter on file',
      clearedOn: before(118),
    },
    tests: [test('barbell-press', before(25), 75, 6)],
  }),
  'odalys-renske': client({
    name: 'Odalys Renske',
    about: 'Nurse on rotating shifts.',
    born: 1988,
    statureM: 1.71,
    massKg: 70,
    trainingAge: '1 to 3 years',
    goal: 'Size, energy',
    minutes: 45,
    daysAWeek: 3,
    likes: 'Short rests, machines when tired',
    health: askedOn(before(40)),
    tests: [test('barbell-press', before(35), 47.5, 6)],
  }),
  'tamsin-oyelo': client({
    name: 'Tamsin Oyelo',
    about: 'Four months in.',
    born: 2003,
    statureM: 1.64,
    massKg: 59,
    trainingAge: 'under 1 year',
    goal: 'Learn the lifts',
    minutes: 60,
    daysAWeek: 3,
    likes: 'Wants to know why',
    health: askedOn(before(110)),
  }),
  'ansgar-pellikaan': client({
    name: 'Ansgar Pellikaan',
    about: 'Violin maker; the left wrist has to last.',
    born: 1979,
    statureM: 1.79,
    massKg: 77,
    goal: 'Size',
    lagging: ['triLong'],
    limits: [{ limit: 'wrist', note: 'Left, sore bent back' }],
    minutes: 60,
    daysAWeek: 4,
    likes: 'Neutral handles',
    health: askedOn(before(400)),
    tests: [test('barbell-press', before(50), 85, 5)],
  }),
  'bram-otterlund': client({
    name: 'Bram Otterlund',
    about: 'Strong bencher, stuck off the chest.',
    born: 1985,
    statureM: 1.8,
    massKg: 98,
    goal: 'Bench and size',
    aim: 'both',
    lagging: ['pecUpper'],
    minutes: 75,
    daysAWeek: 4,
    likes: 'Heavy bar work',
    health: askedOn(before(20)),
    tests: [test('barbell-press', before(12), 155, 2), test('standing-barbell-press', before(12), 85, 3)],
  }),
});
