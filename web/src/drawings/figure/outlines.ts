import type { Girth } from './shapes';

/** Outlines of a body in shares of its stature. Own drawing, measured against the segments the mechanics use. */
type Outline = readonly (readonly [number, number])[];

/** From the side, in the frame of the shoulder joint: forward and up. */
export const trunkSide: Outline = [
  [0.026, 0.062],
  [0.036, 0.034],
  [0.064, 0.006],
  [0.084, -0.046],
  [0.083, -0.092],
  [0.066, -0.15],
  [0.06, -0.21],
  [0.064, -0.262],
  [0.048, -0.318],
  [-0.004, -0.334],
  [-0.052, -0.318],
  [-0.064, -0.27],
  [-0.04, -0.2],
  [-0.05, -0.13],
  [-0.066, -0.05],
  [-0.056, 0.006],
  [-0.03, 0.044],
  [-0.026, 0.07],
];
/** A head in profile, about its middle. */
export const headSide: Outline = [
  [0, 0.07],
  [0.034, 0.06],
  [0.052, 0.03],
  [0.055, 0.006],
  [0.064, -0.012],
  [0.052, -0.024],
  [0.05, -0.05],
  [0.026, -0.066],
  [-0.006, -0.05],
  [-0.028, -0.062],
  [-0.05, -0.03],
  [-0.058, 0.014],
  [-0.04, 0.056],
];

/** From the front, the right half: outward from the midline, and up. */
export const trunkFront: Outline = [
  [0, 0.076],
  [0.03, 0.074],
  [0.036, 0.05],
  [0.078, 0.03],
  [0.118, 0.012],
  [0.13, -0.024],
  [0.112, -0.066],
  [0.096, -0.11],
  [0.086, -0.168],
  [0.078, -0.208],
  [0.088, -0.262],
  [0.096, -0.31],
  [0.06, -0.336],
  [0, -0.336],
];
export const headFront: Outline = [
  [0, 0.07],
  [0.034, 0.058],
  [0.046, 0.022],
  [0.044, -0.012],
  [0.034, -0.046],
  [0.014, -0.066],
  [0, -0.068],
];

/** Limbs in shares of stature: along the bone, half the breadth in front of it and behind. */
export const limbs = {
  thigh: [
    [0, 0.044, 0.05],
    [0.35, 0.044, 0.044],
    [0.75, 0.034, 0.034],
    [1, 0.03, 0.03],
  ],
  shank: [
    [0, 0.028, 0.03],
    [0.28, 0.026, 0.036],
    [0.65, 0.02, 0.022],
    [1, 0.016, 0.018],
  ],
  upperArm: [
    [0, 0.034, 0.032],
    [0.35, 0.029, 0.03],
    [0.75, 0.024, 0.024],
    [1, 0.022, 0.022],
  ],
  foreArm: [
    [0, 0.022, 0.022],
    [0.3, 0.025, 0.024],
    [0.75, 0.017, 0.017],
    [0.92, 0.014, 0.014],
  ],
} as const satisfies Record<string, readonly Girth[]>;

/** Of the hand and the foot, shares of stature. */
export const FIST = 0.024;
export const HEEL = 0.018;
