/**
 * Body measures as shares of stature, used when a client has not been measured.
 * Segment lengths: Drillis & Contini 1966, in Winter, Biomechanics and Motor Control of Human Movement.
 * Biacromial breadth: bony points, ANSUR II survey 2012 (0.23–0.24 men, 0.22–0.23 women).
 * All from memory of the named source.
 */
export const shareOfStature = {
  upperArm: 0.186,
  forearm: 0.146,
  /** Wrist to the middle of the grip. */
  grip: 0.03,
  biacromial: 0.229,
  /** Front of the chest ahead of the shoulder joint, at the collar bone and at the lower sternum. */
  chestFrontHigh: 0.06,
  chestFrontLow: 0.09,
  trunk: 0.288,
  neckAndHead: 0.182,
  thigh: 0.245,
  shank: 0.246,
  foot: 0.152,
} as const;

/** The shoulder joint's distance from the midline as a share of the biacromial breadth. Own estimate. */
const jointShareOfBreadth = 0.45;

export interface Body {
  statureM: number;
  massKg: number;
  /** Measured shoulder breadth, when known. */
  biacromialM?: number | undefined;
}

export interface Segments {
  upperArmM: number;
  forearmM: number;
  /** Elbow to grip centre. */
  elbowToGripM: number;
  biacromialM: number;
  jointHalfWidthM: number;
}

export function segmentsOf(body: Body): Segments {
  const h = body.statureM;
  const biacromialM = body.biacromialM ?? shareOfStature.biacromial * h;
  return {
    upperArmM: shareOfStature.upperArm * h,
    forearmM: shareOfStature.forearm * h,
    elbowToGripM: (shareOfStature.forearm + shareOfStature.grip) * h,
    biacromialM,
    jointHalfWidthM: jointShareOfBreadth * biacromialM,
  };
}
