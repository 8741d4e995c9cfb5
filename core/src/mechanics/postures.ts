import type { Body } from '../anatomy';
import type { Movement, Rig } from '../movements';
import { clamp } from '../units';
import type { Gear } from './loads/changing-loads';
import { handForces } from './loads/hand-force';
import { armFrame, type ArmFrame } from './muscles/arm-frame';
import { armPathAt } from './paths/arm-path';
import type { ArmPose } from './paths/pose';
import { rangeShares } from './paths/range';
import { torques, type Torques } from './statics';
import { standOf, upOf } from './stands';
import { cross, dot, length, minus, unit, type Vec } from './vector';

/** One posture of a repetition and what it asks: statics only. */
export interface Posture {
  pose: ArmPose;
  frame: ArmFrame;
  /** Bend of the elbow, radians. */
  bend: number;
  asked: Torques;
  /** Force of load and hand on the arm, newtons, trunk frame. */
  force: Vec;
  /** Share of the hand's whole way that this posture stands for. */
  weight: number;
  /** How far a bench holds the blades back, 0 to 1. */
  pin: number;
  /** The upper arm leans on the ribs. */
  rests: boolean;
  /** The upper arm is held still while the elbow works. */
  held: boolean;
}

/** Ways of working the elbow or turning the forearm with the upper arm against the ribs. */
const leansOnRibs = (movement: Movement): boolean =>
  (movement.pattern === 'elbow down' && movement.id !== 'cross-body-extension') ||
  (movement.pattern === 'rotation' && movement.id !== 'elbow-on-knee-rotation');

/** The hinge before the first posture: that of the most bent one. */
function firstHinge(poses: readonly ArmPose[]): Vec {
  let most = 0;
  let hinge: Vec = [0, 0, 1];
  for (const pose of poses) {
    const axis = pose.hinge ?? cross(pose.upper, pose.fore);
    const bent = pose.hinge ? 1 : length(axis);
    if (bent > most) {
      most = bent;
      hinge = unit(axis);
    }
  }
  return hinge;
}

/**
 * Postures over one repetition with what each asks, from the stretched to the short end. `loadKg` as the
 * coach says it. Empty for things without an arm path.
 */
export function posturesOf(
  movement: Movement,
  rig: Rig,
  body: Body,
  loadKg: number,
  count: number,
  gear?: Gear,
): Posture[] {
  const shares = rangeShares(movement, rig, count);
  const path = armPathAt(movement, rig, body, shares);
  const { poses } = path;
  if (poses.length === 0) return [];
  const stand = standOf(movement, rig);
  const forces = handForces(movement, rig, stand, body, path, shares, loadKg, gear);
  const steps = poses.map((_, i) =>
    length(minus(poses[Math.min(count - 1, i + 1)]!.hand, poses[Math.max(0, i - 1)]!.hand)),
  );
  const way = steps.reduce((a, b) => a + b, 0);
  const rests = leansOnRibs(movement);
  let hinge = firstHinge(poses);
  return poses.map((pose, i): Posture => {
    const frame = armFrame(pose.upper, pose.fore, pose.hinge ?? hinge);
    hinge = frame.z;
    const force = forces[i]!;
    return {
      pose,
      frame,
      bend: Math.acos(clamp(dot(pose.upper, pose.fore), -1, 1)),
      asked: torques(pose, frame, force, pose.up ?? upOf(stand), body),
      force,
      weight: way < 1e-6 ? 1 / count : steps[i]! / way,
      pin: stand.pin,
      rests,
      held: movement.pattern.startsWith('elbow'),
    };
  });
}
