import type { Vec } from '../vector';

/** One posture of the right arm in the trunk's frame, origin at the shoulder joint. */
export interface ArmPose {
  /** Unit vector of the upper arm, shoulder to elbow. */
  upper: Vec;
  /** Unit vector of the forearm, elbow to grip. */
  fore: Vec;
  /** The middle of the grip, metres. */
  hand: Vec;
  /** The axis the elbow bends about, where the movement gives it; else it follows from the bend. */
  hinge?: Vec;
  /** The world's up, where the trunk turns during the repetition. */
  up?: Vec;
  /** The way the ground pushes the hand, where it pushes; longer than 1 where it also pushes aside. */
  ground?: Vec;
  /** How far a lever under the hand stands above the level, radians. */
  leverRad?: number;
}

/** Postures of one repetition. */
export interface ArmPath {
  poses: ArmPose[];
  /** Of a press: how far the hand lies off its line with the arm straight, per unit along it. */
  ends?: { across: number; out: number; acrossDir: Vec };
}
