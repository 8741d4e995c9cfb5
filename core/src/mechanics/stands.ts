import { shareOfStature, type Body } from '../anatomy/body';
import type { Movement } from '../movements/model';
import type { Rig } from '../movements/rig';
import { interpolate } from '../units/numbers';
import { radians, type Vec } from './vector';

export type Support =
  'bench' | 'floor' | 'side' | 'stand' | 'kneel' | 'seat' | 'push-up' | 'dip' | 'prone bench' | 'hinge';

/** How the trunk stands in the world and which way a press leaves it. */
export interface Stand {
  /** Trunk above the horizontal: 0 on the back, 90 upright, past 90 leaning forward, 180 face down. */
  trunkDeg: number;
  /** Direction pressed, against the trunk. */
  pressDeg: number;
  support: Support;
}

const fixedStands: Record<string, Stand> = {
  'chest-press-machine': { trunkDeg: 84, pressDeg: 2, support: 'seat' },
  'incline-press-machine': { trunkDeg: 70, pressDeg: 32, support: 'seat' },
  'decline-press-machine': { trunkDeg: 84, pressDeg: -18, support: 'seat' },
  'machine-overhead-press': { trunkDeg: 85, pressDeg: 88, support: 'seat' },
  'machine-dip': { trunkDeg: 90, pressDeg: -80, support: 'seat' },
  'machine-fly': { trunkDeg: 85, pressDeg: 0, support: 'seat' },
  'reverse-machine-fly': { trunkDeg: 92, pressDeg: 0, support: 'seat' },
  'machine-lateral-raise': { trunkDeg: 88, pressDeg: 0, support: 'seat' },
  'lying-triceps-extension': { trunkDeg: 0, pressDeg: 0, support: 'bench' },
  pullover: { trunkDeg: 0, pressDeg: 0, support: 'bench' },
  kickback: { trunkDeg: 155, pressDeg: 0, support: 'hinge' },
  'side-lying-rotation': { trunkDeg: 0, pressDeg: 0, support: 'side' },
  'elbow-on-knee-rotation': { trunkDeg: 96, pressDeg: 0, support: 'seat' },
};

const pushUps = new Set(['push-up', 'easy-push-up', 'push-up-ladder', 'push-up-plus']);
export const isDip = (movement: Movement): boolean => movement.id === 'dip' || movement.id === 'assisted-dip';

/** Where the body is for a movement at a rig. */
export function standOf(movement: Movement, rig: Rig): Stand {
  if (rig.stance === 'low seat') return { trunkDeg: 84, pressDeg: 20, support: 'seat' };
  const fixed = fixedStands[movement.id];
  if (fixed) return fixed;
  if (pushUps.has(movement.id))
    return {
      trunkDeg:
        180 -
        interpolate(
          [
            { at: -0.6, value: 38 },
            { at: 0, value: 12 },
            { at: 0.6, value: -12 },
          ],
          rig.elevationM ?? 0,
        ),
      pressDeg: (rig.elevationM ?? 0) * 50,
      support: 'push-up',
    };
  if (isDip(movement))
    return { trunkDeg: 90 + (rig.leanDeg ?? 30), pressDeg: -90 + (rig.leanDeg ?? 30), support: 'dip' };
  if (movement.id === 'landmine-press')
    return rig.stance === 'incline bench'
      ? { trunkDeg: 55, pressDeg: 38, support: 'bench' }
      : { trunkDeg: 82, pressDeg: 42, support: rig.stance === 'standing' ? 'stand' : 'kneel' };
  if (movement.id === 'cable-press')
    return { trunkDeg: 92, pressDeg: 0, support: rig.stance === 'seated' ? 'seat' : 'stand' };
  if (rig.stance === 'floor') return { trunkDeg: 0, pressDeg: 0, support: 'floor' };
  if (rig.stance === 'side lying') return { trunkDeg: 0, pressDeg: 0, support: 'side' };
  if (rig.stance === 'hinged') return { trunkDeg: 158, pressDeg: 0, support: 'hinge' };
  if (rig.stance === 'prone') return { trunkDeg: 145, pressDeg: 0, support: 'prone bench' };
  if (rig.stance === 'incline bench') return { trunkDeg: 60, pressDeg: 0, support: 'bench' };
  if (rig.benchDeg !== undefined) return { trunkDeg: rig.benchDeg, pressDeg: rig.benchDeg, support: 'bench' };
  const overhead = movement.family === 'overhead' ? 88 : 0;
  return { trunkDeg: 90, pressDeg: overhead, support: rig.stance === 'seated' ? 'seat' : 'stand' };
}

/** The world's up in the trunk's frame. */
export function upOf(stand: Stand): Vec {
  if (stand.support === 'side') return [0, 0, 1];
  const t = radians(stand.trunkDeg);
  return [Math.cos(t), Math.sin(t), 0];
}

/** The level direction the client looks along, in the trunk's frame. */
export function aheadOf(stand: Stand): Vec {
  const t = radians(stand.trunkDeg);
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

const pulleyHeights: Partial<Record<Movement['pattern'], number>> = {
  'elbow down': 1.15,
  'elbow overhead': 0.3,
};

/** Where the cable of a movement leaves its pulley: trunk frame, from the right shoulder, metres. */
export function pulleyOf(movement: Movement, rig: Rig, stand: Stand, body: Body): Vec {
  const h = body.statureM;
  const share = rig.pulleyStature ?? pulleyHeights[movement.pattern] ?? 0.6;
  const height = share * h - shoulderHeight(stand, body);
  const up = upOf(stand);
  const ahead = aheadOf(stand);
  const at = (forward: number, outward: number, high = height): Vec => [
    ahead[0] * forward + up[0] * high,
    ahead[1] * forward + up[1] * high,
    outward,
  ];
  if (movement.id === 'single-arm-crossover') return at(-0.25, 1.15);
  if (movement.id === 'cross-body-extension') return at(0.25, -0.6, 0.35);
  switch (movement.pattern) {
    case 'fly':
      return at(-0.35, 1.05);
    case 'raise side':
      return at(-0.15, -0.8);
    case 'raise rear':
      return at(0.9, -0.7);
    case 'elbow down':
      return at(0.45, 0);
    case 'rotation':
      return at(0.25, -1.2, -0.3);
    case 'press':
      return at(-0.8, 0.4);
    case 'row':
      return at(1.2, 0);
    default:
      return at(-0.5, 0);
  }
}
