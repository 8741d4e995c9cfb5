import { type PressingRegion, pressingRegions } from '../anatomy';
import type { Movement, Pattern, Rig } from '../movements';
import { clamp } from '../units';

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

/** A limit of the model as one movement at one rig meets it. */
export interface Met extends Untold {
  /** How far it holds, over 0 to 1: near its edge it begins by degrees, so that no figure jumps there. */
  share: number;
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
  /** 0 where it does not hold, 1 where it holds whole. */
  share: (movement: Movement, rig: Rig) => number;
}

/** From nothing to whole between two values of a setting, either way up. */
const between = (value: number, none: number, all: number): number =>
  clamp((value - none) / (all - none), 0, 1);
const wholly = (holds: boolean): number => (holds ? 1 : 0);

const isPress = (m: Movement): boolean => m.pattern === 'press';
const isPushUp = (m: Movement): boolean => isPress(m) && m.implement === 'bodyweight' && m.id !== 'dip';

/** How the model failed where it was checked against bodies drawn at random and disturbed muscle lines. */
const limits: readonly Limit[] = [
  {
    share: (m) =>
      wholly(unchecked.includes(m.pattern) || m.id === 'behind-neck-press' || m.id === 'w-to-y-press'),
    where: 'Rows, curls, rotations, shrugs, stretches, presses behind the neck',
    why: 'Nothing published to check this movement against.',
    not: pressingRegions,
  },
  {
    share: (m) => wholly(m.pattern.startsWith('elbow')),
    why: 'In elbow work the model lets the shoulder muscles hold the upper arm, which the trunk and the other hand do.',
    not: [...chest, ...delts],
    together: [triceps],
  },
  {
    share: (m) => wholly(m.implement === 'landmine'),
    why: 'On the landmine’s arc the heads of the chest come out differently with the smallest change of their lines.',
    not: chest,
  },
  {
    share: (m, rig) => wholly(isPress(m) && rig.forearm === 'supinated'),
    where: 'Presses with the palms turned up',
    why: 'The model does not see what turning the palms up does at the shoulder.',
    together: [chest],
  },
  {
    share: (m) => wholly(isPushUp(m)),
    why: 'In a push-up the heads of the chest cannot be told apart.',
    together: [chest],
  },
  {
    share: (m, rig) => wholly(isPushUp(m)) * between(rig.elevationM ?? 0, 0.3, 0.46),
    where: 'Push-ups with the feet almost half a metre up or more',
    why: 'With the feet this high the triceps come out far too large.',
    not: triceps,
  },
  {
    share: (m, rig) => wholly(m.id === 'chest-press-machine' && rig.stance !== 'low seat'),
    why: 'On the chest press machine the heads of the chest cannot be told apart.',
    together: [chest],
  },
  {
    share: (m, rig) =>
      m.id === 'decline-press-machine' ? 1 : wholly(isPress(m)) * between(rig.benchDeg ?? 0, 0, -8),
    why: 'On a decline the upper chest and the front delt come out too high.',
    not: ['pecUpper', 'deltFront'],
  },
  {
    share: (m, rig) =>
      wholly(isPress(m)) * (m.family === 'overhead' ? 1 : between(rig.benchDeg ?? 0, 55, 70)),
    why: 'Overhead the front and the side delt lie too near each other to be told apart.',
    together: [['deltFront', 'deltSide']],
  },
  {
    share: (m) => wholly(m.pattern === 'raise front'),
    why: 'In a front raise the side delt comes out too high.',
    not: ['deltSide'],
  },
  {
    share: (m, rig) =>
      wholly(m.pattern === 'fly' && m.implement === 'cable') * between(rig.pulleyStature ?? 0.82, 0.55, 0.39),
    where: 'Cable flies from below the waist',
    why: 'With the pulley this low the side delt comes out too high, and upper chest and front delt cannot be told apart.',
    not: ['deltSide'],
    together: [['pecUpper', 'deltFront']],
  },
  {
    share: (m, rig) => wholly(isPress(m)) * between(rig.gripBiacromial ?? 1.5, 1.1, 0.89),
    where: 'Presses with the hands inside the shoulders',
    why: 'With the hands this narrow the side delt comes out too high.',
    not: ['deltSide'],
  },
];

/** Every limit of the model that a movement at a rig meets, and how far. */
export const untoldOf = (movement: Movement, rig: Rig): readonly Met[] =>
  limits.flatMap(({ share, ...told }) => {
    const met = share(movement, rig);
    return met > 0 ? [{ ...told, share: met }] : [];
  });

/** All of them, to be read as a list. */
export const allLimits: readonly Untold[] = limits;
