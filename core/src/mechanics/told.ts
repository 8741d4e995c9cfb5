import { type PressingRegion, pressingRegions } from '../anatomy';
import type { Movement, Pattern, Rig } from '../movements';

/** Where the model may not speak of a region by itself, and why. */
export interface Untold {
  why: string;
  /** Which movements, for a reader who has none before them; left out where `why` says it. */
  where?: string;
  /** Regions nothing is said of. */
  not?: readonly PressingRegion[];
  /** Regions that are told as one. */
  together?: readonly (readonly PressingRegion[])[];
}

const chest = ['pecUpper', 'pecMiddle', 'pecLower'] as const;
const delts = ['deltFront', 'deltSide', 'deltRear'] as const;
const triceps = ['triLong', 'triLateral', 'triMedial'] as const;

const unchecked: readonly Pattern[] = [
  'row',
  'curl',
  'rotation',
  'shrug',
  'pass-through',
  'wall slide',
  'stretch',
  'easy',
];

interface Limit extends Untold {
  holds: (movement: Movement, rig: Rig) => boolean;
}

const isPress = (m: Movement): boolean => m.pattern === 'press';
const isPushUp = (m: Movement): boolean => isPress(m) && m.implement === 'bodyweight' && m.id !== 'dip';

/** How the model failed where it was checked against bodies drawn at random and disturbed muscle lines. */
const limits: readonly Limit[] = [
  {
    holds: (m) => unchecked.includes(m.pattern) || m.id === 'behind-neck-press' || m.id === 'w-to-y-press',
    where: 'Rows, curls, rotations, shrugs, stretches, presses behind the neck',
    why: 'Nothing published to check this movement against.',
    not: pressingRegions,
  },
  {
    holds: (m) => m.pattern.startsWith('elbow'),
    why: 'In elbow work the model lets the shoulder muscles hold the upper arm, which the trunk and the other hand do.',
    not: [...chest, ...delts],
    together: [triceps],
  },
  {
    holds: (m) => m.implement === 'landmine',
    why: 'On the landmine’s arc the heads of the chest come out differently with the smallest change of their lines.',
    not: chest,
  },
  {
    holds: (m, rig) => isPress(m) && rig.forearm === 'supinated',
    where: 'Presses with the palms turned up',
    why: 'The model does not see what turning the palms up does at the shoulder.',
    together: [chest],
  },
  {
    holds: isPushUp,
    why: 'In a push-up the heads of the chest cannot be told apart.',
    together: [chest],
  },
  {
    holds: (m, rig) => isPushUp(m) && (rig.elevationM ?? 0) > 0.45,
    where: 'Push-ups with the feet almost half a metre up or more',
    why: 'With the feet this high the triceps come out far too large.',
    not: triceps,
  },
  {
    holds: (m, rig) => m.id === 'chest-press-machine' && rig.stance !== 'low seat',
    why: 'On the chest press machine the heads of the chest cannot be told apart.',
    together: [chest],
  },
  {
    holds: (m, rig) => (isPress(m) && (rig.benchDeg ?? 0) < -7) || m.id === 'decline-press-machine',
    why: 'On a decline the upper chest and the front delt come out too high.',
    not: ['pecUpper', 'deltFront'],
  },
  {
    holds: (m, rig) => (isPress(m) && m.family === 'overhead') || (isPress(m) && (rig.benchDeg ?? 0) >= 70),
    why: 'Overhead the front and the side delt lie too near each other to be told apart.',
    together: [['deltFront', 'deltSide']],
  },
  {
    holds: (m) => m.pattern === 'raise front',
    why: 'In a front raise the side delt comes out too high.',
    not: ['deltSide'],
  },
  {
    holds: (m, rig) => m.pattern === 'fly' && m.implement === 'cable' && (rig.pulleyStature ?? 0.82) < 0.4,
    where: 'Cable flies from below the waist',
    why: 'With the pulley this low the side delt comes out too high, and upper chest and front delt cannot be told apart.',
    not: ['deltSide'],
    together: [['pecUpper', 'deltFront']],
  },
  {
    holds: (m, rig) => isPress(m) && (rig.gripBiacromial ?? 1.5) < 0.9,
    where: 'Presses with the hands inside the shoulders',
    why: 'With the hands this narrow the side delt comes out too high.',
    not: ['deltSide'],
  },
];

/** Every limit of the model that a movement at a rig meets. */
export const untoldOf = (movement: Movement, rig: Rig): readonly Untold[] =>
  limits.filter((l) => l.holds(movement, rig));

/** All of them, to be read as a list. */
export const allLimits: readonly Untold[] = limits;
