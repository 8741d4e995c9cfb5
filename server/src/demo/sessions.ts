import type { Emphasis, SchoolId, Session } from '@drimbo/core/session/document';

/** A demo session as a coach would type it; `days` before the demo's day when it is finished. */
export interface TypedSession {
  id: string;
  client: string;
  title: string;
  minutes: number;
  emphasis: Emphasis;
  school: SchoolId;
  spotter?: boolean;
  days?: number;
  status: Session['status'];
  warmup: [movement: string, sets: number, amount: { reps?: number; seconds?: number }][];
  /** Lines; a line that begins with "+" joins the one before it. */
  lines: string[];
  /** Loads found on the day for lines that had nothing to go by, in kg. */
  found?: Record<number, number>;
  notes?: Record<number, string>;
}

const usual: TypedSession['warmup'] = [
  ['easy-cardio', 1, { seconds: 240 }],
  ['pass-through', 1, { reps: 10 }],
  ['band-face-pull', 1, { reps: 15 }],
];
const short: TypedSession['warmup'] = [
  ['easy-cardio', 1, { seconds: 180 }],
  ['easy-push-up', 1, { reps: 10 }],
];

const mirelleB = [
  'seated db press 75° 4x6-8 leave 2 then 1 rest 2 min',
  'incline db press 30° 3x8-10 leave 2 then 1 rest 105s',
  'cable fly low to high 3x12-15 leave 2 then 1 rest 60',
  'cable lateral raise 4x12-15 leave 2 then 0 rest 45',
  'rope overhead extension 3x10-12 leave 2 then 1 rest 60',
];
const tamsinA = [
  'dumbbell bench press 3x8-10 leave 4 then 3 rest 2 min',
  'landmine press 3x10-12 leave 3 rest 90s',
  'lateral raise 3x10-12 leave 3 rest 60',
  'pushdown 3x10-12 leave 3 rest 60',
];
const corvinA = [
  'neutral db press 3x8-10 leave 3 then 2 rest 2 min',
  'landmine press 3x10-12 leave 2 rest 90s',
  'cable fly 3x12-15 leave 2 rest 60',
  'cable rear fly 4x12-15 leave 2 then 1 rest 60',
  'pushdown 3x12-15 leave 2 then 1 rest 60',
];
const odalysA = [
  'incline db press 30° 3x8-10 leave 3 then 1 rest 90s',
  'cable fly 3x12-15 leave 2 then 1 rest 45',
  '+lateral raise 3x12-15 leave 2 then 1 rest 45',
  'rope overhead extension 3x12-15 leave 2 then 0 rest 45',
];
const ansgarA = [
  'neutral db press 4x6-8 leave 3 then 1 rest 2 min',
  'incline db press 30° 3x8-10 leave 2 then 1 rest 105s',
  'cable lateral raise 4x12-15 leave 2 then 1 rest 45',
  'rope overhead extension 4x10-12 leave 2 then 0 rest 60',
  'face pull 3x15-20 leave 3 rest 45',
];
const bramA = [
  'bench press 4x4-6 leave 2 then 1 rest 3 min',
  '3x8-10 incline db press 30° rest 2 min leave 2 then 1',
  'dips 3x8-10 leave 2 then 1 rest 2 min',
  'lateral raise 4x12-15 leave 2 then 0 rest 60',
  'skullcrushers 3x8-10 leave 2 then 1 rest 75s',
];

export const demoSessions: TypedSession[] = [
  {
    id: 'mirelle-push-a',
    client: 'mirelle-vandoorn',
    title: 'Push A, upper chest first',
    minutes: 50,
    emphasis: 'chest',
    school: 'evidence',
    status: 'draft',
    warmup: usual,
    lines: [
      '4x6-8 incline db press 30° rest 2 min leave 3 then 1',
      'dumbbell bench press 3x8-12 leave 2 then 1 rest 105s',
      'cable fly low to high 3x12-15 leave 2 then 0 rest 60',
      'cable lateral raise 4x12-15 leave 2 then 0 rest 60',
      '+incline rear raise 4x12-15 leave 2 then 1 rest 60',
      'rope overhead extension 3x10-15 leave 2 then 0 rest 60',
    ],
    notes: {
      0: 'The upper chest leads while it lags.',
      3: 'Side and rear take turns: same five metres of floor.',
    },
  },
  {
    id: 'mirelle-push-b-1',
    client: 'mirelle-vandoorn',
    title: 'Push B, overhead first',
    minutes: 75,
    emphasis: 'deltSide',
    school: 'evidence',
    status: 'finished',
    days: 10,
    warmup: usual,
    lines: mirelleB,
    found: { 2: 7.5, 3: 6.25, 4: 20 },
  },
  {
    id: 'mirelle-push-b-2',
    client: 'mirelle-vandoorn',
    title: 'Push B, overhead first',
    minutes: 75,
    emphasis: 'deltSide',
    school: 'evidence',
    status: 'finished',
    days: 4,
    warmup: usual,
    lines: mirelleB,
  },
  {
    id: 'corvin-push-1',
    client: 'corvin-haldt',
    title: 'Push, shoulder kept quiet',
    minutes: 60,
    emphasis: 'chest',
    school: 'slow',
    status: 'finished',
    days: 9,
    warmup: usual,
    lines: corvinA,
    found: { 1: 30, 2: 10, 3: 6.25, 4: 25 },
  },
  {
    id: 'corvin-push-2',
    client: 'corvin-haldt',
    title: 'Push, shoulder kept quiet',
    minutes: 60,
    emphasis: 'chest',
    school: 'slow',
    status: 'finished',
    days: 5,
    warmup: usual,
    lines: corvinA,
  },
  {
    id: 'corvin-push-3',
    client: 'corvin-haldt',
    title: 'Push, next Thursday',
    minutes: 60,
    emphasis: 'chest',
    school: 'slow',
    status: 'draft',
    warmup: [
      ['standing-dumbbell-rotation', 2, { reps: 12 }],
      ['static-chest-stretch', 2, { seconds: 60 }],
    ],
    lines: [
      'bench press 3x6-8 leave 3 then 2 rest 2 min',
      'dips 3x8-10 leave 2 rest 2 min',
      'cable fly 3x12-15 leave 2 rest 60',
      'pushdown 3x12-15 leave 2 then 1 rest 60',
    ],
  },
  {
    id: 'odalys-push-1',
    client: 'odalys-renske',
    title: 'Push in 45 minutes',
    minutes: 45,
    emphasis: 'chest',
    school: 'evidence',
    status: 'finished',
    days: 13,
    warmup: short,
    lines: odalysA,
    found: { 1: 7.5, 3: 15 },
  },
  {
    id: 'odalys-push-2',
    client: 'odalys-renske',
    title: 'Push in 45 minutes',
    minutes: 45,
    emphasis: 'chest',
    school: 'evidence',
    status: 'finished',
    days: 6,
    warmup: short,
    lines: odalysA,
  },
  {
    id: 'odalys-push-3',
    client: 'odalys-renske',
    title: 'Push after nights',
    minutes: 45,
    emphasis: 'chest',
    school: 'evidence',
    status: 'handed over',
    warmup: short,
    lines: odalysA,
  },
  {
    id: 'tamsin-push-1',
    client: 'tamsin-oyelo',
    title: 'Push, foundations',
    minutes: 60,
    emphasis: 'chest',
    school: 'foundations',
    status: 'finished',
    days: 7,
    warmup: short,
    lines: tamsinA,
    found: { 0: 10, 1: 20, 2: 4, 3: 12.5 },
  },
  {
    id: 'tamsin-push-2',
    client: 'tamsin-oyelo',
    title: 'Push, foundations',
    minutes: 60,
    emphasis: 'chest',
    school: 'foundations',
    status: 'finished',
    days: 3,
    warmup: short,
    lines: tamsinA,
  },
  {
    id: 'ansgar-push-1',
    client: 'ansgar-pellikaan',
    title: 'Push, neutral hands',
    minutes: 60,
    emphasis: 'chest',
    school: 'evidence',
    status: 'finished',
    days: 8,
    warmup: usual,
    lines: ansgarA,
    found: { 2: 7.5, 3: 25, 4: 20 },
  },
  {
    id: 'ansgar-push-2',
    client: 'ansgar-pellikaan',
    title: 'Push, neutral hands',
    minutes: 60,
    emphasis: 'chest',
    school: 'evidence',
    status: 'finished',
    days: 4,
    warmup: usual,
    lines: ansgarA,
  },
  {
    id: 'bram-push-1',
    client: 'bram-otterlund',
    title: 'Bench day',
    minutes: 75,
    emphasis: 'chest',
    school: 'strength',
    spotter: true,
    status: 'finished',
    days: 8,
    warmup: short,
    lines: bramA,
  },
  {
    id: 'bram-push-2',
    client: 'bram-otterlund',
    title: 'Bench day',
    minutes: 75,
    emphasis: 'chest',
    school: 'strength',
    spotter: true,
    status: 'finished',
    days: 4,
    warmup: short,
    lines: bramA,
  },
  {
    id: 'bram-chest-copy',
    client: 'bram-otterlund',
    title: 'Chest day out of a magazine',
    minutes: 60,
    emphasis: 'chest',
    school: 'evidence',
    status: 'draft',
    warmup: [['static-chest-stretch', 2, { seconds: 45 }]],
    lines: [
      'pushdown 4x10-12 leave 1 then 0 rest 60',
      'bench press 4x6-8 leave 0 rest 2 min',
      'incline barbell press 60° tuck 85 4x6-8 leave 2 then 1 rest 2 min',
      'dumbbell bench press 4x6-8 leave 2 then 1 rest 2 min',
      'chest press machine 4x8-10 leave 2 then 0 rest 90s',
      'front raise 4x10-12 leave 2 then 0 rest 60',
    ],
  },
];
