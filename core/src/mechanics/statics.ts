import { type Body, segmentsOf } from '../anatomy';
import { GRAVITY } from './gravity';
import type { ArmFrame } from './muscles/arm-frame';
import type { ArmPose } from './paths/pose';
import { add, cross, dot, scale, type Vec } from './vector';

/**
 * Segment masses as shares of body mass: Dempster 1955, in Winter. Centres of mass as shares of length
 * from the near end: de Leva 1996. From memory of the named sources.
 */
const segment = { upperMass: 0.028, foreMass: 0.016, handMass: 0.006, upperCentre: 0.577, foreCentre: 0.457 };

/** What one posture asks of the muscles. Newton metres, trunk frame. */
export interface Torques {
  /** About the shoulder. */
  shoulder: Vec;
  /** About the elbow's hinge: bending positive, straightening negative. */
  elbow: number;
  /** The part of the shoulder torque that swings the arm. */
  swing: number;
  /** The part about the upper arm's own axis: rotation. */
  axial: number;
}

/**
 * Moments of the force at the hand (N) and of the segments' weights about shoulder and elbow:
 * τ = −Σ r × F. `up` is the world's up in the trunk's frame.
 */
export function torques(
  pose: Pick<ArmPose, 'upper' | 'fore'>,
  frame: ArmFrame,
  handForce: Vec,
  up: Vec,
  body: Body,
): Torques {
  const seg = segmentsOf(body);
  const elbowAt = scale(pose.upper, seg.upperArmM);
  const handFromElbow = scale(pose.fore, seg.elbowToGripM);
  const hand = add(elbowAt, handFromElbow);
  const weight = (share: number): Vec => scale(up, -share * body.massKg * GRAVITY);
  const atHand = add(handForce, weight(segment.handMass));
  const foreFromElbow = scale(pose.fore, seg.forearmM * segment.foreCentre);
  const external = add(
    add(cross(hand, atHand), cross(add(elbowAt, foreFromElbow), weight(segment.foreMass))),
    cross(scale(elbowAt, segment.upperCentre), weight(segment.upperMass)),
  );
  const aboutElbow = add(cross(handFromElbow, atHand), cross(foreFromElbow, weight(segment.foreMass)));
  const shoulder = scale(external, -1);
  const axial = dot(shoulder, frame.y);
  const swing = Math.hypot(dot(shoulder, frame.x), dot(shoulder, frame.z));
  return { shoulder, elbow: -dot(aboutElbow, frame.z), swing, axial };
}
