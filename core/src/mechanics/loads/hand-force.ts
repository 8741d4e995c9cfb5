import type { Body } from '../../anatomy';
import type { Movement, Rig } from '../../movements';
import { movedShare } from '../../strength';
import { clamp } from '../../units';
import { GRAVITY } from '../gravity';
import type { ArmPath } from '../paths/pose';
import { pushUpReach } from '../paths/push-up';
import { aheadOf, isDip, isPushUp, pulleyOf, shoulderHeight, upOf, type Stand } from '../stands';
import { add, dot, length, minus, scale, unit, type Vec } from '../vector';
import { addedKg, landmineLever, leverForce, usualGear, type Gear } from './changing-loads';
import { offPath, offPathSigned } from './off-path';

/** Share of a bell's weight with which bells pressed together push back. Own estimate. */
const SQUEEZE = 0.35;

/** What a band is stretched to in light work, newtons. */
const LIGHT_BAND = 60;

/** The load, as a coach says it, that puts the same kilograms in each hand of any movement. */
export const sayingEachHand = (movement: Movement, kg: number): number => {
  if (movement.load.kind !== 'external' || isDip(movement)) return 0;
  return movement.load.perHand || movement.oneSided ? kg : 2 * kg;
};

interface Asked {
  movement: Movement;
  rig: Rig;
  stand: Stand;
  body: Body;
  path: ArmPath;
  /** Shares of the way, to know which way the hand is led. */
  shares: readonly number[];
  /** In one hand, kilograms. */
  kg: number;
  /** As the coach says it, kilograms. */
  saidKg: number;
  gear: Gear;
}

type ForceLaw = (asked: Asked) => Vec[];

/** The hand above the floor at each posture, metres. */
function floorHeights({ stand, body, path }: Asked): number[] {
  const joint = shoulderHeight(stand, body);
  const up = upOf(stand);
  return path.poses.map((pose) => Math.max(0, joint + dot(pose.hand, up)));
}

/** Which way the hand goes toward the short end, at each posture; one-sided at the ends and where it turns back. */
function directions({ path: { poses }, shares }: Asked): Vec[] {
  const last = poses.length - 1;
  return poses.map((_, i) => {
    const a = Math.max(0, i - 1);
    const next = Math.min(last, i + 1);
    const b = shares[a] === shares[next] ? i : next;
    const way = minus(poses[b]!.hand, poses[a]!.hand);
    return unit(shares[b]! >= shares[a]! ? way : scale(way, -1));
  });
}

const hanging: ForceLaw = ({ stand, path, kg, rig }) => {
  const weight = scale(upOf(stand), -kg * GRAVITY);
  const together: Vec = [0, 0, rig.hands === 'together' ? SQUEEZE * kg * GRAVITY : 0];
  return path.poses.map(() => add(weight, together));
};

/** A bar hangs on both hands and is pushed apart; on rails also along the trunk. */
const onBar: ForceLaw = (asked) => {
  const { stand, path, kg, rig, gear, movement } = asked;
  const up = upOf(stand);
  const heights = floorHeights(asked);
  const ends = path.ends ?? { across: 0, out: 0, acrossDir: [0, 0, 0] as Vec };
  const across = movement.implement === 'guided bar' ? offPathSigned(ends.across) : 0;
  return heights.map((high) => {
    const newtons = (kg + addedKg(rig.added, gear, high) / 2) * GRAVITY;
    const weight = add(scale(up, -newtons), scale(ends.acrossDir, -across * newtons));
    return add(weight, [0, 0, -offPath(ends.out) * newtons]);
  });
};

const onCable: ForceLaw = ({ movement, rig, stand, body, path, kg }) => {
  const from = pulleyOf(movement, rig, stand, body);
  return path.poses.map((pose) => scale(unit(minus(from, pose.hand)), kg * GRAVITY));
};

/** Handles led along a path: the hand pushes along it and somewhat off it, and the stack is met exactly. */
const onLever: ForceLaw = (asked) => {
  const { path, kg } = asked;
  const along = directions(asked);
  const { ends } = path;
  if (!ends) return along.map((d) => scale(d, -kg * GRAVITY));
  const aside = add(scale(ends.acrossDir, offPathSigned(ends.across)), [0, 0, offPath(ends.out)]);
  return along.map((d) => {
    const push = add(unit([d[0], d[1], 0]), aside);
    return scale(push, (-kg * GRAVITY) / Math.max(0.3, dot(push, d)));
  });
};

const onBars: ForceLaw = ({ movement, stand, body, path, saidKg }) => {
  const carried = movement.implement === 'machine' ? body.massKg - saidKg : body.massKg + saidKg;
  const newtons = (Math.max(0, carried) * GRAVITY) / 2;
  return path.poses.map((pose) => scale(pose.up ?? upOf(stand), newtons));
};

const onGround: ForceLaw = ({ movement, rig, stand, body, path, saidKg }) => {
  const share = movement.load.kind === 'bodyweight' ? movedShare(movement, rig) : 0.3;
  const newtons = ((share * body.massKg + saidKg) * GRAVITY) / 2;
  if (!isPushUp(movement)) return path.poses.map(() => scale(upOf(stand), newtons));
  const { outM, flatM } = pushUpReach(rig.gripBiacromial ?? 1.5, body);
  const apart: Vec = [0, 0, -offPath(outM / flatM) * newtons];
  return path.poses.map((pose) => add(scale(pose.ground ?? upOf(stand), newtons), apart));
};

/** A bar about its pivot: square to it, by the law of the lever. */
const onLandmine: ForceLaw = ({ stand, path, saidKg }) => {
  const up = upOf(stand);
  const ahead = aheadOf(stand);
  return path.poses.map(({ leverRad = 0 }) => {
    const square = add(scale(up, Math.cos(leverRad)), scale(ahead, Math.sin(leverRad)));
    return scale(square, -leverForce(landmineLever(saidKg), (leverRad * 180) / Math.PI) / 2);
  });
};

const onBand: ForceLaw = ({ movement, stand, path }) => {
  const away = add(scale(aheadOf(stand), 1.2), scale(upOf(stand), 0.1));
  return path.poses.map(({ hand }): Vec =>
    movement.pattern === 'row'
      ? scale(unit(minus(away, hand)), LIGHT_BAND)
      : [0, 0, -LIGHT_BAND * clamp(hand[2] / length(hand), 0, 1)],
  );
};

function lawOf(movement: Movement): ForceLaw {
  if (isDip(movement)) return onBars;
  if (movement.id === 'machine-dip')
    return ({ path, kg, stand }) => path.poses.map(() => scale(upOf(stand), kg * GRAVITY));
  switch (movement.implement) {
    case 'barbell':
    case 'guided bar':
      return movement.pattern === 'press' ? onBar : hanging;
    case 'cable':
      return onCable;
    case 'machine':
      return onLever;
    case 'bodyweight':
      return onGround;
    case 'landmine':
      return onLandmine;
    case 'band':
      return onBand;
    case 'none':
      return ({ path }) => path.poses.map((): Vec => [0, 0, 0]);
    default:
      return hanging;
  }
}

/**
 * The force at one hand over the range, newtons, trunk frame. `loadKg` as the coach says it: the whole
 * bar, each hand, added to the body. `gear`: the chains and bands it would be hung with.
 */
export function handForces(
  movement: Movement,
  rig: Rig,
  stand: Stand,
  body: Body,
  path: ArmPath,
  shares: readonly number[],
  loadKg: number,
  gear: Gear = usualGear,
): Vec[] {
  const perHand = movement.load.kind === 'external' && movement.load.perHand;
  const kg = perHand || movement.oneSided ? loadKg : loadKg / 2;
  return lawOf(movement)({ movement, rig, stand, body, path, shares, kg, saidKg: loadKg, gear });
}
