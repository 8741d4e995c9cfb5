import type { PressingRegion } from '@drimbo/core/anatomy';

/** Strands of one region: where they begin, where they gather, and how far they bow. */
export interface Bundle {
  from: [[number, number], [number, number]];
  to: [[number, number], [number, number]];
  bow: [number, number];
}

/** Half a trunk from the front, 128 × 190: breastbone on the left, arm on the right. */
export const bundles: Record<PressingRegion, Bundle> = {
  pecUpper: {
    from: [
      [14, 26],
      [58, 22],
    ],
    to: [
      [92, 64],
      [95, 60],
    ],
    bow: [6, 10],
  },
  pecMiddle: {
    from: [
      [10, 44],
      [10, 86],
    ],
    to: [
      [92, 68],
      [92, 74],
    ],
    bow: [8, 2],
  },
  pecLower: {
    from: [
      [11, 94],
      [20, 122],
    ],
    to: [
      [91, 76],
      [90, 82],
    ],
    bow: [4, -8],
  },
  deltFront: {
    from: [
      [66, 22],
      [80, 21],
    ],
    to: [
      [100, 84],
      [101, 86],
    ],
    bow: [10, -6],
  },
  deltSide: {
    from: [
      [84, 20],
      [94, 22],
    ],
    to: [
      [103, 86],
      [105, 86],
    ],
    bow: [16, -4],
  },
  deltRear: {
    from: [
      [97, 23],
      [106, 29],
    ],
    to: [
      [107, 86],
      [109, 84],
    ],
    bow: [14, 0],
  },
  triLong: {
    from: [
      [98, 88],
      [100, 90],
    ],
    to: [
      [100, 166],
      [102, 168],
    ],
    bow: [-5, 4],
  },
  triLateral: {
    from: [
      [107, 92],
      [113, 94],
    ],
    to: [
      [107, 168],
      [110, 166],
    ],
    bow: [8, 4],
  },
  triMedial: {
    from: [
      [103, 110],
      [106, 112],
    ],
    to: [
      [104, 168],
      [106, 168],
    ],
    bow: [1, 4],
  },
};

const mix = (a: [number, number], b: [number, number], t: number): [number, number] => [
  a[0] + (b[0] - a[0]) * t,
  a[1] + (b[1] - a[1]) * t,
];

/** The way of one strand, `t` of the way across its bundle, 0 to 1. */
export function strandPath(b: Bundle, t: number): string {
  const [x0, y0] = mix(b.from[0], b.from[1], t);
  const [x1, y1] = mix(b.to[0], b.to[1], t);
  const cx = (x0 + x1) / 2 + b.bow[0];
  const cy = (y0 + y1) / 2 + b.bow[1];
  return `M${x0} ${y0} Q${cx} ${cy} ${x1} ${y1}`;
}
