import type { Movement, Rig } from '../../movements';

/** Shares from the first of `ends` to the last by way of the others, at an even pace. */
function through(count: number, ...ends: number[]): number[] {
  const legs = ends.slice(1).map((to, i) => Math.abs(to - ends[i]!));
  const whole = legs.reduce((a, b) => a + b, 0);
  return Array.from({ length: count }, (_, n) => {
    let left = (whole * n) / (count - 1);
    for (let i = 0; i < legs.length; i++) {
      if (left <= legs[i]! + 1e-12 || i === legs.length - 1)
        return ends[i]! + (ends[i + 1]! - ends[i]!) * (left / legs[i]!);
      left -= legs[i]!;
    }
    return ends[ends.length - 1]!;
  });
}

/** Shares of the whole way that a posture list passes: all of it, part of it, or part of it twice. */
export function rangeShares(movement: Movement, rig: Rig, count: number): number[] {
  switch (rig.range) {
    case 'lengthened half':
      return through(count, 0, 0.5);
    case 'mid pins':
      return through(count, 0.5, 1);
    case 'one and a half':
      return movement.pattern === 'raise side' ? through(count, 0, 1, 0.5, 1) : through(count, 0, 0.5, 0, 1);
    default:
      return through(count, 0, 1);
  }
}

/** How far from the chest the hand stops at the bottom, metres; below zero it goes deeper than a bar could. */
const gaps: Partial<Record<NonNullable<Rig['range']>, number>> = {
  pins: 0.02,
  hover: 0.03,
  box: 0.08,
  deficit: -0.05,
};

export const gapOf = (rig: Rig): number => (rig.range && gaps[rig.range]) ?? 0;
