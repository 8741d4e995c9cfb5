import type { RegionId } from '../../anatomy/regions';
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

/**
 * Forces: Saul et al. 2015; latissimus and teres major Holzbaur et al. 2005; posterior deltoid by its
 * area, about a quarter of front plus middle, Bassett et al. 1990; then brought to men's measured isometric
 * strength: chest, deltoids and coracobrachialis × .6 (horizontal adduction about 100 N·m, measured
 * 80–120), triceps × 1.25 with the anconeus in it (elbow extension 65 N·m, measured 45–70). Lengths:
 * Holzbaur et al. 2005. All from memory of the named sources; the place within the measured ranges was
 * chosen with published activity in view.
 *
 * Lines: fitted to published moment arms (Ackland 2008, Kuechle 1997 and 2000, Garner & Pandy 2001, from
 * memory) within 20–25 mm an axis of own estimates of the attachments; effective lines, not anatomy. The
 * chest's heads and the front deltoid are fans: two lines between their borders, each with half the force.
 *
 * Prices: the cuff is strongly active in pressing (Wattanaprakornkul et al. 2011, from memory); chosen.
 */
export const muscles: readonly Muscle[] = [
  {
    id: 'pectoralis, clavicular, inner',
    region: 'pecUpper',
    line: {
      bone: 'trunk',
      origin: [0.0558, 0.0486, -0.1286],
      insertion: [0.0008, -0.0595, 0.009],
      side: [0.7099, -0.4433, -0.5473],
      clearM: 0.014,
      shiftShare: 0.5,
    },
    force: 133,
    bestM: 0.144,
    price: 1,
  },
  {
    id: 'pectoralis, clavicular, outer',
    region: 'pecUpper',
    line: {
      bone: 'trunk',
      origin: [0.0402, 0.07, -0.0533],
      insertion: [0.0098, -0.0621, 0.0058],
      side: [0.6266, -0.4105, -0.6624],
      clearM: 0.0156,
      shiftShare: 0.5,
    },
    force: 133,
    bestM: 0.144,
    price: 1,
  },
  {
    id: 'pectoralis, sternal, upper',
    region: 'pecMiddle',
    line: {
      bone: 'trunk',
      origin: [0.0597, 0.0057, -0.1657],
      insertion: [0.03, -0.0721, -0.0058],
      side: [0.7577, 0.5782, 0.3026],
      clearM: 0.014,
      shiftShare: 1,
    },
    force: 198,
    bestM: 0.138,
    price: 1,
  },
  {
    id: 'pectoralis, sternal, lower',
    region: 'pecMiddle',
    line: {
      bone: 'trunk',
      origin: [0.0891, -0.0796, -0.1645],
      insertion: [-0.0052, -0.03, -0.0053],
      side: [0.4994, -0.2623, 0.8257],
      clearM: 0.044,
      shiftShare: 1,
    },
    force: 198,
    bestM: 0.138,
    price: 1,
  },
  {
    id: 'pectoralis, costal, upper',
    region: 'pecLower',
    line: {
      bone: 'trunk',
      origin: [0.0925, -0.1092, -0.1515],
      insertion: [0.0282, -0.061, -0.0108],
      side: [0.927, -0.3325, -0.1737],
      clearM: 0.026,
      shiftShare: 1,
    },
    force: 150,
    bestM: 0.138,
    price: 1,
  },
  {
    id: 'pectoralis, costal, lower',
    region: 'pecLower',
    line: {
      bone: 'trunk',
      origin: [0.1014, -0.1709, -0.1184],
      insertion: [-0.008, -0.0214, 0],
      side: [0.6455, -0.7255, -0.2386],
      clearM: 0.044,
      shiftShare: 1,
    },
    force: 150,
    bestM: 0.138,
    price: 1,
  },
  {
    id: 'deltoid, anterior, inner',
    region: 'deltFront',
    line: {
      bone: 'collar',
      origin: [0.0322, 0.0291, -0.0191],
      insertion: [0.0049, -0.1127, 0.0127],
      side: [0.4284, -0.8795, -0.2071],
      clearM: 0.0216,
    },
    force: 366,
    bestM: 0.098,
    price: 1,
  },
  {
    id: 'deltoid, anterior, outer',
    region: 'deltFront',
    line: {
      bone: 'collar',
      origin: [0.0093, 0.0372, 0.0039],
      insertion: [0.0007, -0.1186, 0.0163],
      side: [0.8589, -0.5102, -0.0446],
      clearM: 0.014,
    },
    force: 366,
    bestM: 0.098,
    price: 1,
  },
  {
    id: 'deltoid, lateral',
    region: 'deltSide',
    line: {
      bone: 'blade',
      origin: [-0.0044, 0.0306, 0.0056],
      insertion: [-0.0066, -0.1225, 0.0206],
      side: [0.0077, 0.6185, 0.7857],
      clearM: 0.014,
    },
    force: 662,
    bestM: 0.108,
    price: 1,
  },
  {
    id: 'deltoid, posterior',
    region: 'deltRear',
    line: {
      bone: 'blade',
      origin: [-0.0393, 0.0209, -0.0272],
      insertion: [-0.0086, -0.1118, 0.019],
      side: [-0.9217, -0.2985, 0.2479],
      clearM: 0.0317,
    },
    force: 336,
    bestM: 0.137,
    price: 1,
  },
  {
    id: 'triceps, long head',
    region: 'triLong',
    line: {
      bone: 'blade',
      origin: [-0.0178, -0.0098, -0.0103],
      insertion: [-0.0165, -0.2799, 0.0012],
      side: [-0.7881, -0.6156, -0.0027],
      clearM: 0.014,
    },
    force: 965,
    bestM: 0.134,
    elbow: 'triceps',
    price: 1,
  },
  {
    id: 'triceps, lateral head',
    region: 'triLateral',
    line: null,
    force: 898,
    bestM: 0.114,
    elbow: 'triceps',
    price: 1,
  },
  {
    id: 'triceps, medial head',
    region: 'triMedial',
    line: null,
    force: 898,
    bestM: 0.114,
    elbow: 'triceps',
    price: 1,
  },
  {
    id: 'coracobrachialis',
    region: null,
    line: {
      bone: 'blade',
      origin: [0.0261, 0.0175, -0.0154],
      insertion: [0.0019, -0.1392, -0.0097],
      side: [0.2014, -0.249, -0.9473],
      clearM: 0.0158,
    },
    force: 125,
    bestM: 0.093,
    price: 1,
  },
  {
    id: 'biceps, short head',
    region: null,
    line: {
      bone: 'blade',
      origin: [0.0277, 0.0177, -0.0142],
      insertion: [0.0095, -0.2598, -0.0013],
      side: [0.1608, -0.4156, -0.8952],
      clearM: 0.014,
    },
    force: 317,
    bestM: 0.132,
    elbow: 'biceps',
    price: 1,
  },
  {
    id: 'biceps, long head',
    region: null,
    line: {
      bone: 'blade',
      origin: [0.0124, 0.0152, -0.0067],
      insertion: [0.0124, -0.26, 0.0038],
      side: [0.7795, 0.5468, 0.3057],
      clearM: 0.014,
    },
    force: 525,
    bestM: 0.116,
    elbow: 'biceps',
    price: 1,
  },
  {
    id: 'elbow flexors',
    region: null,
    line: null,
    force: 1454,
    bestM: 0.086,
    elbow: 'brachialis',
    price: 1,
  },
  {
    id: 'latissimus',
    region: null,
    line: {
      bone: 'trunk',
      origin: [-0.095, -0.2701, -0.0891],
      insertion: [0.0045, -0.0405, -0.0006],
      side: [0.1956, -0.9512, -0.2385],
      clearM: 0.0258,
      shiftShare: 1,
    },
    force: 1059,
    bestM: 0.254,
    price: 1,
  },
  {
    id: 'teres major',
    region: null,
    line: {
      bone: 'blade',
      origin: [-0.0861, -0.1154, -0.0743],
      insertion: [0.003, -0.0489, -0.0033],
      side: [0.1105, -0.6708, -0.7333],
      clearM: 0.014,
    },
    force: 425,
    bestM: 0.162,
    price: 1,
  },
  {
    id: 'supraspinatus',
    region: null,
    line: {
      bone: 'blade',
      origin: [-0.0453, 0.0238, -0.0758],
      insertion: [0.0001, 0.0184, 0.0133],
      side: [0.1154, 0.9837, 0.1378],
      clearM: 0.025,
    },
    force: 499,
    bestM: 0.068,
    price: 0.45,
  },
  {
    id: 'infraspinatus, teres minor',
    region: null,
    line: {
      bone: 'blade',
      origin: [-0.0699, -0.0447, -0.0838],
      insertion: [-0.0127, 0.0024, 0.0183],
      side: [-0.8225, -0.1792, 0.5399],
      clearM: 0.023,
    },
    force: 1345,
    bestM: 0.076,
    price: 0.23,
  },
  {
    id: 'subscapularis',
    region: null,
    line: {
      bone: 'blade',
      origin: [-0.0465, -0.0398, -0.0769],
      insertion: [0.022, 0.0027, -0.0014],
      side: [0.9645, 0.1641, -0.2071],
      clearM: 0.0198,
    },
    force: 1307,
    bestM: 0.087,
    price: 0.23,
  },
];
