import type { RegionId } from '../../anatomy';
import type { Vec } from '../vector';

/** The bone a muscle comes from: the trunk stays, collar bone and blade turn with the arm. */
export type Bone = 'trunk' | 'collar' | 'blade';
export type ElbowArm = 'triceps' | 'biceps' | 'brachialis';

/**
 * One line of pull from origin to insertion. Origin in metres from the shoulder joint with the arm hanging,
 * insertion in the upper arm's frame (forward of the bend, toward the shoulder, along the hinge).
 */
export interface MuscleLine {
  bone: Bone;
  origin: Vec;
  insertion: Vec;
  /** The side on which it passes the head of the upper arm, and how near it may come (m). */
  side: Vec;
  clearM: number;
  /** Of a line from the trunk: how much of the joint's own shift it feels. */
  shiftShare?: number;
}

export interface Muscle {
  id: string;
  region: RegionId | null;
  line: MuscleLine | null;
  /** Largest force, newtons. */
  force: number;
  /** Length at which it pulls best, metres. */
  bestM: number;
  elbow?: ElbowArm;
  /** What a unit of its activity costs against the others': the rotator cuff is cheap. */
  price: number;
}
