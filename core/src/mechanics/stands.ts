import { type Body, shareOfStature } from '../anatomy';
import type { Movement, Rig } from '../movements';
import { clamp, interpolate } from '../units';
import { smoothstep } from './rounding';
import { radians, type Vec } from './vector';

export type Support =
  | 'bench'
  | 'floor'
  | 'side'
  | 'stand'
  | 'kneel'
  | 'seat'
  | 'push-up'
  | 'dip'
  | 'prone bench'
  | 'hinge';

/** How the trunk stands in the world and which way a press leaves it. Degrees. */
export interface Stand {
  /** The back above the horizontal: 0 on the back, 90 upright, past 90 leaning forward, 180 face down. */
  trunkDeg: number;
  /** Direction pressed, as a coach says it: the angle of the bench. */
  pressDeg: number;
  /** How far a tall chest turns the shoulders footward of that; 0 where nothing is arched. */
  archDeg: number;
  /** How far a bench or seat holds the blades back and down, 0 to 1. */
  pin: number;
  support: Support;
}

const at = (trunkDeg: number, pressDeg: number, support: Support): Stand => ({
  trunkDeg,
  pressDeg,
  archDeg: 0,
  pin: 0,
  support,
});

const fixedStands: Record<string, Stand> = {
  'chest-press-machine': at(84, 2, 'seat'),
  'incline-press-machine': at(70, 32, 'seat'),
  'decline-press-machine': at(84, -18, 'seat'),
  'machine-overhead-press': at(85, 88, 'seat'),
  'machine-dip': { ...at(90, -85, 'seat'), pin: 0.5 },
  'machine-fly': { ...at(85, 0, 'seat'), pin: 1 },
  'reverse-machine-fly': at(92, 0, 'seat'),
  'machine-lateral-raise': at(88, 0, 'seat'),
  'lying-triceps-extension': at(0, 0, 'bench'),
  pullover: at(0, 0, 'bench'),
  kickback: at(160, 0, 'hinge'),
  'side-lying-rotation': at(0, 0, 'side'),
  'elbow-on-knee-rotation': at(96, 0, 'seat'),
};

const pushUps = new Set(['push-up', 'easy-push-up', 'push-up-ladder', 'push-up-plus']);
export const isPushUp = (movement: Movement): boolean => pushUps.has(movement.id);
export const isDip = (movement: Movement): boolean => movement.id === 'dip' || movement.id === 'assisted-dip';

/** On a flat bench a modestly tall chest turns the press toward the feet, on an incline less (0–10). Own estimate. */
const archOf = (benchDeg: number): number => 5 * clamp(1 - benchDeg / 45, 0, 1);
const heldBack = (aimDeg: number): number => 1 - smoothstep(aimDeg, 40, 85);

/** A press with the back against something. */
function pressedFrom(stand: Stand, arched = true): Stand {
  const archDeg = arched ? archOf(stand.pressDeg) : 0;
  return { ...stand, archDeg, pin: heldBack(stand.pressDeg - archDeg) };
}

function bareStand(movement: Movement, rig: Rig): Stand {
  if (rig.stance === 'low seat') return at(84, 20, 'seat');
  const fixed = fixedStands[movement.id];
  if (fixed) return fixed;
  if (isPushUp(movement)) {
    const lean = interpolate(
      [
        { at: -0.6, value: 38 },
        { at: 0, value: 12 },
        { at: 0.6, value: -12 },
      ],
      rig.elevationM ?? 0,
    );
    return at(180 - lean, (rig.elevationM ?? 0) * 50, 'push-up');
  }
  if (isDip(movement)) return at(90 + (rig.leanDeg ?? 30), -90 + (rig.leanDeg ?? 30), 'dip');
  if (movement.id === 'landmine-press')
    return rig.stance === 'incline bench'
      ? at(55, 38, 'bench')
      : at(82, 42, rig.stance === 'standing' ? 'stand' : 'kneel');
  if (movement.id === 'cable-press') return at(92, 0, rig.stance === 'seated' ? 'seat' : 'stand');
  if (rig.stance === 'floor') return at(0, 0, 'floor');
  if (rig.stance === 'side lying') return at(0, 0, 'side');
  if (rig.stance === 'hinged') return at(movement.pattern === 'raise rear' ? 164 : 158, 0, 'hinge');
  if (rig.stance === 'prone') return at(145, 0, 'prone bench');
  if (rig.stance === 'incline bench') return at(60, 0, 'bench');
  if (rig.benchDeg !== undefined) return at(rig.benchDeg, rig.benchDeg, 'bench');
  const overhead = movement.family === 'overhead' ? 88 : 0;
  return at(90, overhead, rig.stance === 'seated' ? 'seat' : 'stand');
}

/** Where the body is for a movement at a rig. */
export function standOf(movement: Movement, rig: Rig): Stand {
  const stand = bareStand(movement, rig);
  if (movement.pattern === 'fly' && (stand.support === 'bench' || stand.support === 'floor'))
    return { ...stand, pin: 1 };
  if (movement.pattern !== 'press' || movement.id === 'machine-dip' || movement.implement === 'landmine')
    return stand;
  if (stand.support === 'bench' || movement.implement === 'machine') return pressedFrom(stand, true);
  return stand.support === 'floor' ? pressedFrom(stand, false) : stand;
}

/** Which way a press leaves the shoulders, degrees against the trunk. */
export const aimOf = (stand: Stand): number => stand.pressDeg - stand.archDeg;

/** The shoulders above the horizontal, degrees: the back, less what a tall chest on a bench turns them. */
const chestDeg = (stand: Stand): number =>
  stand.support === 'bench' ? stand.trunkDeg - stand.archDeg : stand.trunkDeg;

/** The world's up in the trunk's frame. */
export function upOf(stand: Stand): Vec {
  if (stand.support === 'side') return [0, 0, 1];
  const t = radians(chestDeg(stand));
  return [Math.cos(t), Math.sin(t), 0];
}

/** The level direction the client looks along, in the trunk's frame. */
export function aheadOf(stand: Stand): Vec {
  const t = radians(chestDeg(stand));
  return [Math.sin(t), -Math.cos(t), 0];
}

/** The hip above the floor, metres. */
export const hipHeight = (support: Support, h: number): number =>
  ({
    bench: 0.43 + 0.065 * h,
    seat: 0.43 + 0.065 * h,
    floor: 0.07 * h,
    side: 0.1 * h,
    stand: 0.53 * h,
    hinge: 0.5 * h,
    kneel: 0.29 * h,
    'prone bench': 0.38 * h,
    'push-up': 0.2,
    dip: 1.0,
  })[support];

/** The shoulder joint above the floor, metres. */
export const shoulderHeight = (stand: Stand, body: Body): number =>
  hipHeight(stand.support, body.statureM) +
  (stand.support === 'side' ? 0 : shareOfStature.trunk * body.statureM * Math.sin(radians(stand.trunkDeg)));

/** The shoulder joint above the floor when standing, share of stature; pulleys are set against it. */
const JOINT_STANDING = 0.818;

/** Where a cable leaves its pulley: ahead of the joint, outward of it (m), and how high as a share of stature. */
interface PulleyPlace {
  ahead: number;
  out: number;
  stature?: number;
}

const pulleyPlaces: Record<string, PulleyPlace> = {
  'single-arm-crossover': { ahead: -0.25, out: 1.15 },
  'cross-body-extension': { ahead: 0.25, out: -0.6, stature: 1.02 },
  fly: { ahead: -0.35, out: 1.05, stature: 0.82 },
  'raise side': { ahead: -0.15, out: -0.8, stature: 0.4 },
  'raise rear': { ahead: 0.9, out: -0.7 },
  'elbow down': { ahead: 0.25, out: 0, stature: 1.15 },
  'elbow overhead': { ahead: -0.5, out: 0, stature: 0.3 },
  rotation: { ahead: 0.25, out: -1.2, stature: 0.65 },
  press: { ahead: -0.8, out: 0.4 },
  row: { ahead: 1.2, out: 0 },
  other: { ahead: -0.5, out: 0 },
};

/** Where the cable of a movement leaves its pulley: trunk frame, from the right shoulder, metres. */
export function pulleyOf(movement: Movement, rig: Rig, stand: Stand, body: Body): Vec {
  const place = pulleyPlaces[movement.id] ?? pulleyPlaces[movement.pattern] ?? pulleyPlaces.other!;
  const share = rig.pulleyStature ?? place.stature ?? 0.6;
  const high = (share - JOINT_STANDING) * body.statureM;
  const up = upOf(stand);
  const ahead = aheadOf(stand);
  return [ahead[0] * place.ahead + up[0] * high, ahead[1] * place.ahead + up[1] * high, place.out];
}
