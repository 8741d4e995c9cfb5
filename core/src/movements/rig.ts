import { z } from 'zod';

const forearms = ['pronated', 'neutral', 'supinated', 'rotating'] as const;
const stances = [
  'lying',
  'feet up',
  'side lying',
  'seated',
  'low seat',
  'standing',
  'kneeling',
  'hinged',
  'prone',
  'floor',
  'incline bench',
] as const;
/** What cuts the range short, lets it go on, or takes part of it twice. */
const ranges = [
  'full',
  'chest level',
  'paused',
  'hover',
  'pins',
  'mid pins',
  'box',
  'deficit',
  'lengthened half',
  'one and a half',
] as const;
/** What hangs from the bar or pulls on it beside its plates. */
const additions = ['nothing', 'chains', 'bands', 'hung bells'] as const;
/** How free hands move on the way up. */
const handWays = ['free', 'together', 'wide to close', 'along the ribs'] as const;

/**
 * How a movement is set up. Every knob is optional: what is absent takes the movement's default.
 * Angles in degrees (bench and lean from horizontal and from upright, tuck between upper arm and
 * trunk), grip in multiples of biacromial breadth, pulley height as a share of stature,
 * elevation in metres (feet above the floor positive, hands above it negative).
 */
export const rigSchema = z
  .object({
    benchDeg: z.number().min(-40).max(90),
    gripBiacromial: z.number().min(0.3).max(3),
    tuckDeg: z.number().min(0).max(95),
    pulleyStature: z.number().min(0).max(1.3),
    leanDeg: z.number().min(0).max(50),
    elevationM: z.number().min(-0.8).max(0.8),
    forearm: z.enum(forearms),
    stance: z.enum(stances),
    range: z.enum(ranges),
    added: z.enum(additions),
    hands: z.enum(handWays),
  })
  .partial()
  .strict();

export type Rig = z.infer<typeof rigSchema>;
export type NumericKnob =
  | 'benchDeg'
  | 'gripBiacromial'
  | 'tuckDeg'
  | 'pulleyStature'
  | 'leanDeg'
  | 'elevationM';
export const choiceKnobs = ['forearm', 'stance', 'range', 'added', 'hands'] as const;
export type ChoiceKnob = (typeof choiceKnobs)[number];

export interface NumericSpec {
  min: number;
  max: number;
  step: number;
  byDefault: number;
}
export interface ChoiceSpec {
  options: readonly string[];
  byDefault: string;
}
export type Knobs = Partial<Record<NumericKnob, NumericSpec> & Record<ChoiceKnob, ChoiceSpec>>;

export const numericKnobs: readonly NumericKnob[] = [
  'benchDeg',
  'gripBiacromial',
  'tuckDeg',
  'pulleyStature',
  'leanDeg',
  'elevationM',
];

const forearmWords: Record<string, string> = {
  pronated: 'palms forward',
  neutral: 'neutral grip',
  supinated: 'underhand',
  rotating: 'rotating grip',
};

const stanceWords: Record<string, string> = {
  floor: 'on the floor',
  prone: 'chest on the bench',
  hinged: 'bent over',
  'low seat': 'seat at its lowest',
  'incline bench': 'lying on an incline',
  'side lying': 'lying on the side',
};

const rangeWords: Record<string, string> = {
  full: 'the whole range',
  'chest level': 'to chest level',
  paused: 'paused on the chest',
  hover: 'stopped just above the chest',
  pins: 'from pins at the chest',
  'mid pins': 'from pins at mid height',
  box: 'to a block on the chest',
  deficit: 'hands raised for depth',
  'lengthened half': 'stretched half only',
  'one and a half': 'one and a half reps',
};

const addedWords: Record<string, string> = {
  chains: 'with chains',
  bands: 'with bands',
  'hung bells': 'with hung bells',
};

const handsWords: Record<string, string> = {
  together: 'bells pressed together',
  'wide to close': 'wide down, close up',
  'along the ribs': 'elbows along the ribs',
};

/** Every choice of a knob in words, for a list to choose from. */
export const choiceWords = (knob: ChoiceKnob, option: string): string =>
  ({ forearm: forearmWords, stance: stanceWords, range: rangeWords, added: addedWords, hands: handsWords })[
    knob
  ][option] ?? option;

/** One knob's value as a coach says it; null where it goes without saying. */
const saying: Record<NumericKnob, (value: number) => string | null> = {
  benchDeg: (v) => (v === 0 ? 'flat' : `${Math.round(v)}°`),
  gripBiacromial: (v) => `grip ${Number(v.toFixed(2))} × shoulders`,
  tuckDeg: (v) => `tuck ${Math.round(v)}°`,
  pulleyStature: (v) => `pulley at ${pulleyWord(v)}`,
  leanDeg: (v) => `lean ${Math.round(v)}°`,
  elevationM: (v) =>
    v === 0 ? null : v > 0 ? `feet on ${Math.round(v * 100)} cm` : `hands on ${Math.round(-v * 100)} cm`,
};

export function pulleyWord(shareOfStature: number): string {
  const marks: [number, string][] = [
    [0.12, 'the floor'],
    [0.36, 'the knee'],
    [0.58, 'the hip'],
    [0.72, 'the ribs'],
    [0.9, 'the shoulder'],
    [1.02, 'the head'],
  ];
  return marks.find(([upTo]) => shareOfStature <= upTo)?.[1] ?? 'the top';
}

/** "30°, neutral grip, tuck 50°": the settings of a rig in words, only knobs the movement has. */
export function rigWords(rig: Rig, knobs: Knobs): string {
  const words: string[] = [];
  for (const knob of numericKnobs) {
    const value = rig[knob];
    if (knobs[knob] && value !== undefined) {
      if (knob === 'benchDeg' && rig.stance === 'floor') continue;
      const said = saying[knob](value);
      if (said) words.push(said);
    }
  }
  for (const knob of choiceKnobs) {
    const spec = knobs[knob];
    const value = rig[knob];
    if (!spec || value === undefined || spec.options.length < 2) continue;
    const goesWithoutSaying = knob === 'stance' ? value === 'lying' : value === spec.byDefault;
    if (!goesWithoutSaying) words.push(choiceWords(knob, value));
  }
  return words.join(', ');
}
