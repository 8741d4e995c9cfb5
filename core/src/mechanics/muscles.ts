import type { RegionId } from '../anatomy/regions';
import { unit, type Vec } from './vector';

/** The bone a muscle comes from: the trunk moves not, collar bone and blade turn with the arm. */
export type Origin = 'trunk' | 'trunk, upper' | 'collar bone' | 'blade';
export type ElbowArm = 'triceps' | 'biceps' | 'brachialis';

/**
 * A muscle as a line from origin to insertion, with the side on which it passes the head of the
 * upper arm. Metres; origin from the joint with the arm hanging, insertion in the upper arm's frame
 * (forward, toward the shoulder, outward).
 */
export interface Muscle {
  id: string;
  region: RegionId | null;
  line: null | { from: Origin; origin: Vec; insertion: Vec; side: Vec; clearM: number };
  /** Largest force, newtons. */
  force: number;
  /** Length at which it pulls best, metres. */
  bestM: number;
  elbow?: ElbowArm;
}

const at = (from: Origin, origin: Vec, insertion: Vec, side: Vec, clearM: number): Muscle['line'] => ({
  from,
  origin,
  insertion,
  side: unit(side),
  clearM,
});

/**
 * Largest forces after Saul et al. 2015, best lengths after Holzbaur et al. 2005, from memory of the
 * named sources. Attachment points are our own estimates near published models; those of the chest
 * and deltoid were nudged by at most 15 mm to follow the published bench-angle trend, so that
 * trend is a fit and not a validation.
 */
export const muscles: readonly Muscle[] = [
  {
    id: 'pectoralis, clavicular',
    region: 'pecUpper',
    line: at('trunk, upper', [0.04, 0.046, -0.088], [0.008, -0.06, 0.013], [1, 0.4, 0], 0.03),
    force: 444,
    bestM: 0.144,
  },
  {
    id: 'pectoralis, sternal',
    region: 'pecMiddle',
    line: at('trunk', [0.062, -0.069, -0.155], [0.009, -0.055, 0.008], [1, 0, 0], 0.03),
    force: 658,
    bestM: 0.138,
  },
  {
    id: 'pectoralis, costal',
    region: 'pecLower',
    line: at('trunk', [0.094, -0.138, -0.128], [0.014, -0.045, 0.009], [1, -0.2, 0], 0.03),
    force: 498,
    bestM: 0.138,
  },
  {
    id: 'deltoid, anterior',
    region: 'deltFront',
    line: at('collar bone', [0.026, 0.031, -0.006], [0.008, -0.118, 0.012], [1, 0.6, 0.2], 0.026),
    force: 1219,
    bestM: 0.098,
  },
  {
    id: 'deltoid, lateral',
    region: 'deltSide',
    line: at('blade', [-0.01, 0.03, 0.027], [0.002, -0.125, 0.016], [0, 0.6, 0.8], 0.026),
    force: 1104,
    bestM: 0.108,
  },
  {
    id: 'deltoid, posterior',
    region: 'deltRear',
    line: at('blade', [-0.05, 0.024, -0.03], [-0.003, -0.116, 0.013], [-1, 0.1, 0.5], 0.026),
    force: 202,
    bestM: 0.137,
  },
  {
    id: 'triceps, long head',
    region: 'triLong',
    line: at('blade', [-0.008, -0.026, -0.01], [-0.018, -0.28, 0], [-0.7, -0.6, 0], 0.018),
    force: 772,
    bestM: 0.134,
    elbow: 'triceps',
  },
  {
    id: 'triceps, lateral head',
    region: 'triLateral',
    line: null,
    force: 718,
    bestM: 0.114,
    elbow: 'triceps',
  },
  { id: 'triceps, medial head', region: 'triMedial', line: null, force: 718, bestM: 0.114, elbow: 'triceps' },
  {
    id: 'coracobrachialis',
    region: null,
    line: at('blade', [0.034, 0.008, -0.022], [0.006, -0.14, -0.008], [0.8, -0.3, -0.5], 0.018),
    force: 208,
    bestM: 0.093,
  },
  {
    id: 'biceps, short head',
    region: null,
    line: at('blade', [0.034, 0.008, -0.022], [0.012, -0.26, 0], [1, -0.2, -0.2], 0.02),
    force: 317,
    bestM: 0.132,
    elbow: 'biceps',
  },
  {
    id: 'biceps, long head',
    region: null,
    line: at('blade', [0.005, 0.03, -0.005], [0.012, -0.26, 0.004], [0.8, 0.6, 0.2], 0.024),
    force: 525,
    bestM: 0.116,
    elbow: 'biceps',
  },
  { id: 'elbow flexors', region: null, line: null, force: 1454, bestM: 0.086, elbow: 'brachialis' },
  {
    id: 'latissimus',
    region: null,
    line: at('trunk', [-0.095, -0.27, -0.09], [0.01, -0.045, 0], [0.2, -0.8, -0.6], 0.02),
    force: 797,
    bestM: 0.254,
  },
  {
    id: 'teres major',
    region: null,
    line: at('blade', [-0.085, -0.115, -0.075], [0.009, -0.055, -0.004], [0.1, -0.8, -0.6], 0.018),
    force: 144,
    bestM: 0.162,
  },
  {
    id: 'supraspinatus',
    region: null,
    line: at('blade', [-0.045, 0.026, -0.075], [0.004, 0.02, 0.02], [0, 1, 0.2], 0.022),
    force: 499,
    bestM: 0.068,
  },
  {
    id: 'infraspinatus, teres minor',
    region: null,
    line: at('blade', [-0.07, -0.05, -0.08], [-0.012, 0.008, 0.024], [-1, 0.1, 0.4], 0.022),
    force: 1345,
    bestM: 0.076,
  },
  {
    id: 'subscapularis',
    region: null,
    line: at('blade', [-0.045, -0.045, -0.075], [0.02, 0, -0.004], [1, -0.2, 0], 0.022),
    force: 1307,
    bestM: 0.087,
  },
];

/** Arm of a muscle at the elbow (m, bending positive) at a bend in radians. Own estimate. */
export const elbowArm: Record<ElbowArm, (bend: number) => number> = {
  triceps: (t) => -(0.0185 + 0.006 * Math.sin(t)),
  biceps: (t) => 0.014 + 0.03 * Math.sin(t),
  brachialis: (t) => 0.01 + 0.022 * Math.sin(t),
};
