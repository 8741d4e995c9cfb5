import type { Body } from '../anatomy/body';
import type { Movement } from '../movements/model';
import type { Rig } from '../movements/rig';
import { interpolate } from '../units/numbers';
import { pressPath, type ArmPose } from './press-path';
import { cross, length, radians, sweep, turn, unit, type Vec } from './vector';

/** How the trunk stands in the world and which way a press leaves it. */
export interface Stand {
  /** Trunk above the horizontal: 0 on the back, 90 upright, past 90 leaning forward, 180 face down. */
  trunkDeg: number;
  /** Direction pressed, against the trunk. */
  pressDeg: number;
  support: 'bench' | 'floor' | 'stand' | 'kneel' | 'seat' | 'push-up' | 'dip' | 'prone bench' | 'hinge';
}

const fixedStands: Record<string, Stand> = {
  'chest-press-machine': { trunkDeg: 84, pressDeg: 2, support: 'seat' },
  'incline-press-machine': { trunkDeg: 70, pressDeg: 32, support: 'seat' },
  'machine-overhead-press': { trunkDeg: 85, pressDeg: 88, support: 'seat' },
  'machine-dip': { trunkDeg: 90, pressDeg: -80, support: 'seat' },
  'machine-fly': { trunkDeg: 85, pressDeg: 0, support: 'seat' },
  'reverse-machine-fly': { trunkDeg: 92, pressDeg: 0, support: 'seat' },
  'machine-lateral-raise': { trunkDeg: 88, pressDeg: 0, support: 'seat' },
  'lying-triceps-extension': { trunkDeg: 0, pressDeg: 0, support: 'bench' },
  pullover: { trunkDeg: 0, pressDeg: 0, support: 'bench' },
  kickback: { trunkDeg: 155, pressDeg: 0, support: 'hinge' },
  'side-lying-rotation': { trunkDeg: 0, pressDeg: 0, support: 'floor' },
};

/** Where the body is for a movement at a rig. */
export function standOf(movement: Movement, rig: Rig): Stand {
  const fixed = fixedStands[movement.id];
  if (fixed) return fixed;
  if (movement.id === 'push-up' || movement.id === 'easy-push-up')
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
  if (movement.id === 'dip')
    return { trunkDeg: 90 + (rig.leanDeg ?? 30), pressDeg: -90 + (rig.leanDeg ?? 30), support: 'dip' };
  if (movement.id === 'landmine-press')
    return { trunkDeg: 82, pressDeg: 42, support: rig.stance === 'standing' ? 'stand' : 'kneel' };
  if (movement.id === 'cable-press')
    return { trunkDeg: 92, pressDeg: 0, support: rig.stance === 'seated' ? 'seat' : 'stand' };
  if (rig.stance === 'floor') return { trunkDeg: 0, pressDeg: 0, support: 'floor' };
  if (rig.stance === 'hinged') return { trunkDeg: 158, pressDeg: 0, support: 'hinge' };
  if (rig.stance === 'prone') return { trunkDeg: 145, pressDeg: 0, support: 'prone bench' };
  if (rig.benchDeg !== undefined) return { trunkDeg: rig.benchDeg, pressDeg: rig.benchDeg, support: 'bench' };
  const overhead = movement.family === 'overhead' ? 88 : 0;
  return { trunkDeg: 90, pressDeg: overhead, support: rig.stance === 'seated' ? 'seat' : 'stand' };
}

/** The axis the elbow bends about at each posture; where the arm points at the goal, that of the posture after. */
function hinges(uppers: readonly Vec[], towards: Vec): Vec[] {
  const found: Vec[] = [];
  let last: Vec = [0, 0, 1];
  for (let i = uppers.length - 1; i >= 0; i--) {
    const axis = cross(uppers[i]!, towards);
    if (length(axis) > 0.3) last = unit(axis);
    found[i] = last;
  }
  return found;
}

interface Sweep {
  from: Vec;
  to: Vec;
  /** Elbow bend at start and end, degrees, toward a direction. */
  bend: [number, number];
  towards: Vec;
}

const forward: Vec = [1, 0, 0];
const head: Vec = [0, 1, 0];

/** The closed end of a fly: straight up from the bench, or along the line of the cable. */
function flySweep(movement: Movement, rig: Rig, pressDeg: number): Sweep {
  const deg =
    movement.implement === 'cable'
      ? interpolate(
          [
            { at: 0.2, value: 38 },
            { at: 0.82, value: 0 },
            { at: 1.1, value: -32 },
          ],
          rig.pulleyStature ?? 0.82,
        )
      : pressDeg;
  const b = radians(deg);
  const closed = unit([Math.cos(b), Math.sin(b), 0.12]);
  const depth = rig.stance === 'floor' ? 0.02 : rig.range === 'full' ? -0.45 : -0.2;
  const open = unit([Math.cos(b) * depth, Math.sin(b) * depth - 0.12, 1]);
  return { from: open, to: closed, bend: [28, 28], towards: closed };
}

function sweepOf(movement: Movement, rig: Rig, stand: Stand): Sweep | null {
  switch (movement.pattern) {
    case 'fly':
      return flySweep(movement, rig, stand.pressDeg);
    case 'raise side':
      return { from: unit([0.05, -1, 0.12]), to: unit([0.25, 0.03, 1]), bend: [14, 14], towards: forward };
    case 'raise front':
      return { from: unit([0.05, -1, 0.1]), to: unit([1, 0.08, 0.12]), bend: [10, 10], towards: head };
    case 'raise rear':
      return { from: unit([1, -0.05, 0.08]), to: unit([0.05, 0.05, 1]), bend: [18, 18], towards: forward };
    case 'elbow lying':
      return { from: unit([0.94, 0.34, 0.06]), to: unit([0.94, 0.34, 0.06]), bend: [120, 10], towards: head };
    case 'elbow overhead':
      return {
        from: unit([0.18, 0.97, 0.12]),
        to: unit([0.18, 0.97, 0.12]),
        bend: [125, 10],
        towards: [-1, 0, 0],
      };
    case 'elbow down':
      return movement.id === 'kickback'
        ? { from: unit([-0.1, -1, 0.1]), to: unit([-0.1, -1, 0.1]), bend: [95, 8], towards: forward }
        : { from: unit([0.12, -1, 0.08]), to: unit([0.12, -1, 0.08]), bend: [110, 10], towards: forward };
    case 'curl':
      return { from: unit([0.05, -1, 0.08]), to: unit([0.15, -1, 0.08]), bend: [10, 130], towards: forward };
    case 'rotation':
      return { from: [0, -1, 0], to: [0, -1, 0], bend: [90, 90], towards: forward };
    case 'row':
      return movement.id === 'wide-upright-row'
        ? { from: unit([0.05, -1, 0.2]), to: unit([0.2, 0, 1]), bend: [12, 110], towards: [0.2, -1, -0.4] }
        : { from: unit([1, 0.05, 0.05]), to: unit([-0.15, 0.1, 1]), bend: [12, 95], towards: forward };
    case 'pullover':
      return { from: unit([0.1, 1, 0.08]), to: unit([1, 0.25, 0.08]), bend: [25, 20], towards: head };
    case 'shrug':
      return { from: unit([0, -1, 0.1]), to: unit([0, -1, 0.1]), bend: [6, 6], towards: forward };
    default:
      return null;
  }
}

/** Lowest upper-arm elevation where the floor or pins stop the arm. */
const stopOf = (rig: Rig): number | undefined =>
  rig.stance === 'floor' ? -5 : rig.range === 'pins' ? -20 : undefined;

/** Postures of the right arm over one repetition, from the stretched to the short end; empty for things without an arm path. */
export function armPath(movement: Movement, rig: Rig, body: Body, count = 20): ArmPose[] {
  const stand = standOf(movement, rig);
  if (movement.pattern === 'press') {
    const stop = stopOf(rig);
    return pressPath(
      {
        deg: stand.pressDeg,
        tuckDeg: rig.tuckDeg ?? (movement.id === 'dip' ? 25 : 50),
        gripBiacromial: rig.gripBiacromial ?? (movement.id === 'dip' ? 1.35 : null),
        ...(stop === undefined ? {} : { stopDeg: stop }),
        ...(stand.support === 'push-up' ? { handsStay: true } : {}),
        // The hands stand under the body's centre of mass.
        ...(movement.id === 'dip'
          ? { handAcrossM: 0.25 * body.statureM * Math.sin(radians(rig.leanDeg ?? 30)) }
          : {}),
      },
      body,
      count,
    );
  }
  const path = sweepOf(movement, rig, stand);
  if (!path) return [];
  if (movement.pattern === 'rotation')
    return Array.from({ length: count }, (_, i) => {
      const turnBy = radians(-40 + (110 * i) / (count - 1));
      return { upper: path.from, fore: turn(forward, head, -turnBy) };
    });
  const uppers = Array.from({ length: count }, (_, i) => sweep(path.from, path.to, i / (count - 1)));
  const fixed = movement.pattern === 'fly' ? unit(cross(path.from, path.to)) : null;
  const axes = hinges(uppers, path.towards);
  return uppers.map((upper, i) => {
    const bend = path.bend[0] + ((path.bend[1] - path.bend[0]) * i) / (count - 1);
    return { upper, fore: turn(upper, fixed ?? axes[i]!, radians(bend)) };
  });
}
