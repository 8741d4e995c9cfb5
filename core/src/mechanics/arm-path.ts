import type { Body } from '../anatomy/body';
import type { Movement, Pattern } from '../movements/model';
import type { Rig } from '../movements/rig';
import { interpolate } from '../units/numbers';
import { pressPath, type ArmPose } from './press-path';
import { isDip, standOf, type Stand } from './stands';
import { add, cross, dot, length, radians, scale, sweep, turn, unit, type Vec } from './vector';

/** The axis the elbow bends about at each posture; where the arm points at the goal, that of the posture after. */
function hinges(uppers: readonly Vec[], towards: Vec): Vec[] {
  const found: Vec[] = [];
  let last: Vec = [0, 0, 1];
  for (let i = uppers.length - 1; i >= 0; i--) {
    const axis = cross(uppers[i]!, towards);
    if (length(axis) > 0.3) last = unit(axis);
    found[i] = last;
  }
  return found;
}

interface Sweep {
  from: Vec;
  /** A direction passed on the way, where the shortest way would be another. */
  via?: Vec;
  to: Vec;
  /** Elbow bend at start and end, degrees, toward a direction. */
  bend: [number, number];
  towards: Vec;
}

const forward: Vec = [1, 0, 0];
const head: Vec = [0, 1, 0];

const still = (at: Vec, bend: [number, number], towards: Vec): Sweep => ({
  from: unit(at),
  to: unit(at),
  bend,
  towards,
});

const sweepOfPattern: Partial<Record<Pattern, Sweep>> = {
  'raise side': { from: unit([0.05, -1, 0.12]), to: unit([0.25, 0.03, 1]), bend: [14, 14], towards: forward },
  'raise front': { from: unit([0.05, -1, 0.1]), to: unit([1, 0.08, 0.12]), bend: [10, 10], towards: head },
  'raise rear': {
    from: unit([1, -0.05, 0.08]),
    to: unit([0.05, 0.05, 1]),
    bend: [18, 18],
    towards: forward,
  },
  'elbow lying': still([0.94, 0.34, 0.06], [120, 10], head),
  'elbow overhead': still([0.18, 0.97, 0.12], [125, 10], [-1, 0, 0]),
  'elbow down': still([0.12, -1, 0.08], [110, 10], forward),
  curl: { from: unit([0.05, -1, 0.08]), to: unit([0.15, -1, 0.08]), bend: [10, 130], towards: forward },
  row: { from: unit([1, 0.05, 0.05]), to: unit([-0.15, 0.1, 1]), bend: [12, 95], towards: forward },
  pullover: { from: unit([0.1, 1, 0.08]), to: unit([1, 0.25, 0.08]), bend: [25, 20], towards: head },
  shrug: still([0, -1, 0.1], [6, 6], forward),
  'pass-through': {
    from: unit([0.6, -0.75, 0.35]),
    via: unit([0.35, 0.85, 0.4]),
    to: unit([-0.75, 0.25, 0.6]),
    bend: [4, 4],
    towards: head,
  },
  'wall slide': {
    from: unit([0.72, -0.25, 0.6]),
    to: unit([0.4, 0.9, 0.2]),
    bend: [100, 25],
    towards: head,
  },
  stretch: still([-0.3, 0.05, 1], [85, 85], head),
  easy: { from: unit([-0.45, -0.9, 0.12]), to: unit([0.5, -0.85, 0.12]), bend: [60, 80], towards: forward },
};

const sweepOfMovement: Record<string, Sweep> = {
  kickback: still([-0.1, -1, 0.1], [95, 8], forward),
  'wide-upright-row': {
    from: unit([0.05, -1, 0.2]),
    to: unit([0.2, 0, 1]),
    bend: [12, 110],
    towards: [0.2, -1, -0.4],
  },
  'face-pull': {
    from: unit([1, 0.15, 0.05]),
    to: unit([-0.1, 0.1, 1]),
    bend: [10, 110],
    towards: [0.6, 0.9, 0],
  },
  'band-face-pull': {
    from: unit([1, 0.15, 0.05]),
    to: unit([-0.1, 0.1, 1]),
    bend: [10, 110],
    towards: [0.6, 0.9, 0],
  },
  'w-to-y-press': {
    from: unit([-0.1, -0.35, 0.9]),
    to: unit([0.1, 0.9, 0.45]),
    bend: [105, 14],
    towards: head,
  },
  'single-arm-crossover': {
    from: unit([0.1, -0.1, 1]),
    via: unit([0.85, -0.25, 0.45]),
    to: unit([0.85, -0.4, -0.5]),
    bend: [24, 24],
    towards: forward,
  },
  'cross-body-extension': still([0.75, -0.55, 0.2], [115, 12], [0, 0.4, -1]),
};

/** The closed end of a fly: straight up from the bench, or along the line of the cable. */
function flySweep(movement: Movement, rig: Rig, pressDeg: number): Sweep {
  const deg =
    movement.implement === 'cable'
      ? interpolate(
          [
            { at: 0.2, value: 38 },
            { at: 0.82, value: 0 },
            { at: 1.1, value: -32 },
          ],
          rig.pulleyStature ?? 0.82,
        )
      : pressDeg;
  const b = radians(deg);
  const closed = unit([Math.cos(b), Math.sin(b), 0.12]);
  const depth = rig.stance === 'floor' ? 0.02 : rig.range === 'full' ? -0.45 : -0.2;
  const open = unit([Math.cos(b) * depth, Math.sin(b) * depth - 0.12, 1]);
  return { from: open, to: closed, bend: [28, 28], towards: closed };
}

const sweepOf = (movement: Movement, rig: Rig, stand: Stand): Sweep | undefined => {
  const special = sweepOfMovement[movement.id];
  if (special) return special;
  if (movement.id === 'dumbbell-curl' && rig.stance === 'incline bench')
    return { from: unit([-0.5, -0.86, 0.1]), to: unit([-0.4, -0.9, 0.1]), bend: [8, 125], towards: forward };
  return movement.pattern === 'fly'
    ? flySweep(movement, rig, stand.pressDeg)
    : sweepOfPattern[movement.pattern];
};

/** Lowest upper-arm elevation where the floor stops the arm, degrees. */
const stopOf = (rig: Rig): number | undefined => (rig.stance === 'floor' ? -5 : undefined);

/** How far from the chest the hand stops at the bottom, metres; below zero it goes deeper than a bar could. */
const gapOf: Partial<Record<NonNullable<Rig['range']>, number>> = {
  pins: 0.02,
  hover: 0.03,
  box: 0.08,
  deficit: -0.06,
};

/** Shares of the whole way that a posture list passes: part of the range, or part of it twice. */
export function rangeShares(movement: Movement, rig: Rig, count: number): number[] {
  const through = (...ends: number[]): number[] => {
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
  };
  switch (rig.range) {
    case 'lengthened half':
      return through(0, 0.5);
    case 'mid pins':
      return through(0.5, 1);
    case 'one and a half':
      return movement.pattern === 'raise side' ? through(0, 1, 0.5, 1) : through(0, 0.5, 0, 1);
    default:
      return through(0, 1);
  }
}

/** Hands apart at the bottom and, where they close or open on the way, at the top; in shoulder breadths. */
function handsApart(
  movement: Movement,
  rig: Rig,
): { gripBiacromial: number | null; topGripBiacromial?: number } {
  if (rig.gripBiacromial !== undefined) return { gripBiacromial: rig.gripBiacromial };
  if (isDip(movement) || movement.id === 'machine-dip') return { gripBiacromial: 1.35 };
  if (rig.hands === 'together') return { gripBiacromial: 0.35 };
  if (rig.hands === 'wide to close') return { gripBiacromial: null, topGripBiacromial: 0.35 };
  if (movement.implement === 'machine')
    return movement.family === 'overhead'
      ? { gripBiacromial: 1.7, topGripBiacromial: 1.2 }
      : { gripBiacromial: 2, topGripBiacromial: 1.1 };
  return { gripBiacromial: null };
}

/** The forearm's turn about a resting upper arm, where rotation is the movement. */
function rotationPath(movement: Movement, shares: readonly number[]): ArmPose[] {
  if (movement.id === 'elbow-on-knee-rotation') {
    const upper = unit([0.75, -0.35, 0.55]);
    const level = unit(add([0.6, 0, -0.8], scale(upper, -dot(upper, [0.6, 0, -0.8]))));
    return shares.map((t) => ({ upper, fore: turn(level, upper, radians(-35 + 105 * t)) }));
  }
  // On the side the floor ends the way down.
  const [from, way] = movement.id === 'side-lying-rotation' ? [-26, 92] : [-40, 110];
  return shares.map((t) => ({
    upper: [0, -1, 0] as Vec,
    fore: turn(forward, head, -radians(from! + way! * t)),
  }));
}

/** Postures of the right arm over one repetition, from the stretched to the short end of its range. */
export function armPath(movement: Movement, rig: Rig, body: Body, count = 20): ArmPose[] {
  const stand = standOf(movement, rig);
  const shares = rangeShares(movement, rig, count);
  if (movement.pattern === 'press') {
    const stop = stopOf(rig);
    return pressPath(
      {
        deg: stand.pressDeg,
        tuckDeg: rig.tuckDeg ?? (isDip(movement) ? 25 : 50),
        ...handsApart(movement, rig),
        ...(rig.range && gapOf[rig.range] !== undefined ? { gapM: gapOf[rig.range]! } : {}),
        ...(stop === undefined ? {} : { stopDeg: stop }),
        ...(stand.support === 'push-up' ? { handsStay: true } : {}),
        // The hands stand under the body's centre of mass.
        ...(isDip(movement)
          ? { handAcrossM: 0.25 * body.statureM * Math.sin(radians(rig.leanDeg ?? 30)) }
          : {}),
      },
      body,
      shares,
    );
  }
  if (movement.pattern === 'rotation') return rotationPath(movement, shares);
  const path = sweepOf(movement, rig, stand);
  if (!path) return [];
  const at = (t: number): Vec => {
    if (!path.via) return sweep(path.from, path.to, t);
    return t < 0.5 ? sweep(path.from, path.via, 2 * t) : sweep(path.via, path.to, 2 * t - 1);
  };
  const uppers = shares.map(at);
  const fixed = movement.pattern === 'fly' && !path.via ? unit(cross(path.from, path.to)) : null;
  const axes = hinges(uppers, path.towards);
  return uppers.map((upper, i) => {
    const bend = path.bend[0] + (path.bend[1] - path.bend[0]) * shares[i]!;
    return { upper, fore: turn(upper, fixed ?? axes[i]!, radians(bend)) };
  });
}
