import { type Body, segmentsOf } from '../../anatomy';
import { add, cross, length, mix, radians, scale, sweep, turn, unit, type Vec } from '../vector';
import type { ArmPath } from './pose';

/** The upper arm swung along a great circle, the elbow bent toward a direction. */
export interface Sweep {
  from: Vec;
  /** A direction passed half-way, where the shortest way would be another. */
  via?: Vec;
  to: Vec;
  /** Elbow bend at start and end, degrees. */
  bend: readonly [number, number];
  /** What the elbow bends toward, at the start and at the end; left out, it bends in the plane of the swing. */
  toward?: readonly [Vec, Vec];
}

/** The forearm turned about an upper arm that rests. */
export interface Turning {
  upper: Vec;
  /** Where the forearm points at no turn. */
  fore: Vec;
  /** From where to where it turns about the upper arm, degrees. */
  turn: readonly [number, number];
}

const withHand = (upper: Vec, fore: Vec, hinge: Vec, body: Body) => {
  const seg = segmentsOf(body);
  return {
    upper,
    fore,
    hinge,
    hand: add(scale(upper, seg.upperArmM), scale(fore, seg.elbowToGripM)),
  };
};

/** The upper arm at a share of the way. */
function swungTo(path: Sweep, s: number): Vec {
  const from = unit(path.from);
  const to = unit(path.to);
  if (!path.via) return sweep(from, to, s);
  const via = unit(path.via);
  return s < 0.5 ? sweep(from, via, 2 * s) : sweep(via, to, 2 * s - 1);
}

/** Below this the arm points where the elbow bends toward, and the hinge is that of the posture after. */
const UNDEFINED = 0.05;

/** Hinges of the postures of a swing. */
function hinges(path: Sweep, uppers: readonly Vec[], shares: readonly number[]): Vec[] {
  const { toward } = path;
  if (!toward) {
    const one = unit(cross(unit(path.from), unit(path.to)));
    return uppers.map(() => one);
  }
  const found: Vec[] = [];
  let last: Vec = [0, 0, 1];
  for (let i = uppers.length - 1; i >= 0; i--) {
    const axis = cross(uppers[i]!, mix(toward[0], toward[1], shares[i]!));
    if (length(axis) > UNDEFINED) last = unit(axis);
    found[i] = last;
  }
  return found;
}

/** Postures of a swing at shares of its way. */
export function sweepPath(path: Sweep, body: Body, shares: readonly number[]): ArmPath {
  const uppers = shares.map((s) => swungTo(path, s));
  const axes = hinges(path, uppers, shares);
  const [first, last] = path.bend;
  return {
    poses: shares.map((s, i) => {
      const bend = radians(first + (last - first) * s);
      return withHand(uppers[i]!, turn(uppers[i]!, axes[i]!, bend), axes[i]!, body);
    }),
  };
}

/** Postures of a forearm turning about a resting upper arm. */
export function turningPath(path: Turning, body: Body, shares: readonly number[]): ArmPath {
  const upper = unit(path.upper);
  const level = unit(
    add(
      path.fore,
      scale(upper, -(path.fore[0] * upper[0] + path.fore[1] * upper[1] + path.fore[2] * upper[2])),
    ),
  );
  const [first, last] = path.turn;
  return {
    poses: shares.map((s) => {
      const fore = turn(level, upper, radians(first + (last - first) * s));
      return withHand(upper, fore, unit(cross(upper, fore)), body);
    }),
  };
}
