import type { Emphasis, SchoolId, Session } from '@drimbo/core/session';

/** A demo session as a coach would type it. */
export interface TypedSession {
  id: string;
  client: string;
  title: string;
  minutes: number;
  emphasis: Emphasis;
  school: SchoolId;
  spotter?: boolean;
  status: Session['status'];
  warmup: [movement: string, sets: number, amount: { reps?: number; seconds?: number }][];
  /** Lines; a line that begins with "+" joins the one before it. */
  lines: string[];
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
const bramB = [
  'standing barbell press 4x5-7 leave 2 then 1 rest 3 min',
  '3x8-10 incline db press 30° rest 2 min leave 2 then 1',
  'cable fly high to low 3x12-15 leave 2 then 1 rest 75s',
  'incline rear raise 4x12-15 leave 2 then 1 rest 60',
  'rope overhead extension 4x10-12 leave 2 then 1 rest 75s',
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
      'rope overhead extension 3x10-15 16.25kg leave 2 then 0 rest 60',
    ],
    notes: {
      0: 'The upper chest leads while it lags.',
      3: 'Side and rear take turns: same five metres of floor.',
    },
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
  {
    id: 'mirelle-push-b',
    client: 'mirelle-vandoorn',
    title: 'Push B, overhead first',
    minutes: 75,
    emphasis: 'deltSide',
    school: 'evidence',
    status: 'handed over',
    warmup: usual,
    lines: mirelleB,
  },
  {
    id: 'corvin-push',
    client: 'corvin-haldt',
    title: 'Push, shoulder kept quiet',
    minutes: 60,
    emphasis: 'chest',
    school: 'slow',
    status: 'handed over',
    warmup: usual,
    lines: corvinA,
  },
  {
    id: 'tamsin-push',
    client: 'tamsin-oyelo',
    title: 'Push, foundations',
    minutes: 60,
    emphasis: 'chest',
    school: 'foundations',
    status: 'handed over',
    warmup: short,
    lines: tamsinA,
  },
  {
    id: 'ansgar-push',
    client: 'ansgar-pellikaan',
    title: 'Push, neutral hands',
    minutes: 60,
    emphasis: 'chest',
    school: 'evidence',
    status: 'handed over',
    warmup: usual,
    lines: ansgarA,
  },
  {
    id: 'bram-push',
    client: 'bram-otterlund',
    title: 'Bench day',
    minutes: 75,
    emphasis: 'chest',
    school: 'strength',
    spotter: true,
    status: 'handed over',
    warmup: short,
    lines: bramA,
  },
  {
    id: 'bram-overhead',
    client: 'bram-otterlund',
    title: 'Overhead day',
    minutes: 75,
    emphasis: 'deltSide',
    school: 'strength',
    spotter: true,
    status: 'handed over',
    warmup: short,
    lines: bramB,
  },
];
