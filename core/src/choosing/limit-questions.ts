import type { Movement, Rig } from '../movements';

/** What is judged: a movement as it is set up, and where it stands in a session how it is done. */
export interface Setting {
  movement: Movement;
  rig: Rig;
}

/** How hard a line is meant to be. */
export interface Doing {
  /** Fewest repetitions left of all its sets. */
  reserve: number;
  /** Fewest repetitions a set asks for; null for holds and open sets. */
  fewest: number | null;
  /** The longest contraction held still, or squeezed between sets, seconds. */
  holdS: number;
}

/** Hands as wide as this are wide for a shoulder or a chest that complains, × shoulder breadth. */
export const WIDE = 1.7;
export const TUCKED = 45;
export const STEEP = 60;
export const HEAVY_REPS = 6;
/** Heavier than this an old strain of the chest is asked too much, repetitions. Common practice. */
export const STRAINED_REPS = 8;
export const LONG_HOLD_S = 10;

const { includes } = Array.prototype;
export const isOneOf = (value: unknown, ...of: unknown[]): boolean => includes.call(of, value);

export const isPress = ({ movement }: Setting): boolean =>
  movement.pattern === 'press' && (movement.family === 'press' || movement.family === 'overhead');
export const isDip = ({ movement }: Setting): boolean =>
  movement.station === 'dip bars' || movement.station === 'assisted dip';
export const isOverhead = ({ movement }: Setting): boolean => movement.family === 'overhead';
export const isBehindNeck = ({ movement }: Setting): boolean => movement.id === 'behind-neck-press';
export const isBar = ({ movement }: Setting): boolean =>
  isOneOf(movement.implement, 'barbell', 'curl bar', 'guided bar');
export const isFree = ({ movement }: Setting): boolean =>
  isOneOf(movement.implement, 'barbell', 'dumbbells', 'dumbbell');
export const isPushUp = ({ movement, rig }: Setting): boolean =>
  movement.implement === 'bodyweight' && movement.pattern === 'press' && !isDip({ movement, rig });
export const isWide = (s: Setting): boolean => isPress(s) && (s.rig.gripBiacromial ?? 0) >= WIDE;
export const isOnFloor = ({ rig }: Setting): boolean => rig.stance === 'floor';
export const isCutShort = (s: Setting): boolean =>
  isOnFloor(s) || isOneOf(s.rig.range, 'box', 'pins', 'mid pins');
export const isDeep = ({ rig }: Setting): boolean => isOneOf(rig.range, 'deficit', 'lengthened half');
/** A fly that goes as far as its rig lets it; a cable fly stops at the chest by its cue. */
export const isDeepFly = (s: Setting): boolean =>
  s.movement.pattern === 'pullover' ||
  (s.movement.pattern === 'fly' &&
    s.movement.implement !== 'cable' &&
    s.rig.range !== 'chest level' &&
    !isOnFloor(s));
/** Loaded through a plate or a bell on a bench; a machine or a cable holds its own path. */
export const isFreePressOnBench = (s: Setting): boolean =>
  s.movement.family === 'press' && isPress(s) && isFree(s) && !isCutShort(s);
export const tuckOf = ({ rig }: Setting): number => rig.tuckDeg ?? TUCKED;
export const isRounded = ({ rig }: Setting): boolean =>
  rig.forearm === 'neutral' || rig.forearm === 'supinated';

export const isSupported = ({ rig, movement }: Setting): boolean =>
  isOneOf(rig.stance, 'seated', 'prone', 'lying', 'floor', 'incline bench') ||
  movement.implement === 'machine' ||
  movement.pattern === 'elbow lying';
