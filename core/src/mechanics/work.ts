import { segmentsOf, type Body } from '../anatomy/body';
import { pressingRegions, type PressingRegion } from '../anatomy/regions';
import type { Movement } from '../movements/model';
import type { Rig } from '../movements/rig';
import { movedShare } from '../strength/max';
import { clamp } from '../units/numbers';
import { armPath, standOf, type Stand } from './arm-path';
import { armFrame, pulls } from './muscle-lines';
import type { ArmPose } from './press-path';
import { pullFit } from './split';
import { GRAVITY, torques } from './statics';
import { add, cross, dot, length, radians, scale, unit, type Vec } from './vector';

/** One posture of the range with what it asks. */
export interface WorkPoint {
  /** Share of the hand's way, 0 where the movement is stretched. */
  at: number;
  /** Torques the muscles must answer, N·m: swing at the shoulder; straightening (+) or bending (−) at the elbow. */
  shoulderNm: number;
  elbowNm: number;
  axialNm: number;
  /** Horizontal adduction (+: across the body), N·m. */
  adductionNm: number;
}

export interface Work {
  points: WorkPoint[];
  /** Share of the nine pressing regions, summing to 1. A model's estimate. */
  shares: Record<PressingRegion, number>;
  travelM: number;
}

/** The world's up in the trunk's frame. */
const upOf = (movement: Movement, stand: Stand): Vec => {
  if (movement.id === 'side-lying-rotation') return [0, 0, 1];
  const t = radians(stand.trunkDeg);
  return [Math.cos(t), Math.sin(t), 0];
};

const handAt = (pose: ArmPose, body: Body): Vec => {
  const seg = segmentsOf(body);
  return add(scale(pose.upper, seg.upperArmM), scale(pose.fore, seg.elbowToGripM));
};

/** Where the cable comes from, in the trunk's frame. */
function pulley(movement: Movement, rig: Rig, stand: Stand, body: Body): Vec {
  const h = body.statureM;
  const height =
    (rig.pulleyStature ??
      (movement.pattern === 'elbow down' ? 1.15 : movement.pattern === 'elbow overhead' ? 0.3 : 0.6)) *
      h -
    0.82 * h;
  const t = radians(stand.trunkDeg - 90);
  const tilt = (v: Vec): Vec => [
    v[0] * Math.cos(t) + v[1] * Math.sin(t),
    -v[0] * Math.sin(t) + v[1] * Math.cos(t),
    v[2],
  ];
  if (movement.pattern === 'fly') return tilt([-0.35, height, 1.05]);
  if (movement.pattern === 'raise side') return tilt([-0.15, height, -0.8]);
  if (movement.pattern === 'raise rear') return tilt([0.9, height, -0.7]);
  if (movement.pattern === 'elbow down') return tilt([0.45, height, 0]);
  if (movement.pattern === 'rotation') return tilt([0.25, -0.3, -1.2]);
  if (movement.pattern === 'press') return tilt([-0.8, height, 0.4]);
  return tilt([movement.pattern === 'row' ? 1.2 : -0.5, height, 0]);
}

/** How much a bar is pushed apart as well as up, as a share of its weight at the hand. */
const barSpread = (grip: number): number => 0.15 * clamp(grip - 0.6, 0, 1.2);

/**
 * The force at one hand over the range, newtons, trunk frame. `loadKg` as the coach says it: the whole
 * bar, each hand, added to the body.
 */
function handForces(
  movement: Movement,
  rig: Rig,
  stand: Stand,
  body: Body,
  path: readonly ArmPose[],
  loadKg: number,
): Vec[] {
  const up = upOf(movement, stand);
  const perHand = movement.load.kind === 'external' && movement.load.perHand;
  const kg = perHand || movement.oneSided ? loadKg : loadKg / 2;
  const down = scale(up, -kg * GRAVITY);
  switch (movement.implement) {
    case 'barbell':
    case 'guided bar': {
      const k = barSpread(rig.gripBiacromial ?? 1.5);
      return path.map(() => [down[0], down[1], down[2] - k * kg * GRAVITY]);
    }
    case 'cable': {
      const from = pulley(movement, rig, stand, body);
      return path.map((pose) => scale(unit(add(from, scale(handAt(pose, body), -1))), kg * GRAVITY));
    }
    case 'machine':
      return path.map((_, i) => {
        const a = handAt(path[Math.max(0, i - 1)]!, body);
        const b = handAt(path[Math.min(path.length - 1, i + 1)]!, body);
        return scale(unit(add(a, scale(b, -1))), kg * GRAVITY);
      });
    case 'bodyweight': {
      const share = movement.load.kind === 'bodyweight' ? movedShare(movement, rig) : 0.3;
      return path.map(() => scale(up, ((share * body.massKg + loadKg) * GRAVITY) / 2));
    }
    case 'landmine':
      return path.map((pose) => {
        const lever = unit(add(handAt(pose, body), [-1.4, 1.1, 0]));
        const away = unit(add(down, scale(lever, -dot(down, lever))));
        return scale(away, length(down) * Math.sqrt(Math.max(0, 1 - dot(unit(down), lever) ** 2)));
      });
    default:
      return path.map(() => down);
  }
}

/** Handles that cannot slide may be pushed apart: as far as the elbow needs no help from its flexors. */
const rigidHandles = (movement: Movement): number =>
  movement.implement === 'machine'
    ? 0.4
    : ['barbell', 'guided bar', 'bodyweight'].includes(movement.implement)
      ? 0.25
      : 0;

/** Ways of pressing with the blades held against something. */
const isPinned = (stand: Stand, movement: Movement): boolean =>
  (stand.support === 'bench' || stand.support === 'floor' || stand.support === 'seat') &&
  movement.family !== 'overhead' &&
  stand.pressDeg < 75;

function compute(movement: Movement, rig: Rig, body: Body, loadKg: number, count: number): Work | null {
  const path = armPath(movement, rig, body, count);
  if (path.length === 0) return null;
  const stand = standOf(movement, rig);
  const up = upOf(movement, stand);
  const pinned = isPinned(stand, movement);
  const forces = handForces(movement, rig, stand, body, path, loadKg);
  const spread = rigidHandles(movement);
  const bentMost = path.reduce((a, b) =>
    length(cross(b.upper, b.fore)) > length(cross(a.upper, a.fore)) ? b : a,
  );
  let hinge = unit(cross(bentMost.upper, bentMost.fore));
  if (length(hinge) < 0.5) hinge = [0, 0, 1];

  const hands = path.map((pose) => handAt(pose, body));
  const steps = hands.map((_, i) =>
    length(add(hands[Math.min(count - 1, i + 1)]!, scale(hands[Math.max(0, i - 1)]!, -1))),
  );
  const still = steps.reduce((a, b) => a + b, 0) < 1e-6;
  const total = still ? count : steps.reduce((a, b) => a + b, 0);
  const activity = new Map<PressingRegion, number>(pressingRegions.map((id) => [id, 0]));
  let way = 0;
  const points = path.map((pose, i): WorkPoint => {
    const frame = armFrame(pose.upper, pose.fore, hinge);
    hinge = frame.z;
    let force = forces[i]!;
    let asked = torques(pose, frame, force, up, body);
    if (spread > 0 && asked.elbow > 0) {
      const outward = torques(pose, frame, add(force, [0, 0, -length(force)]), up, body).elbow - asked.elbow;
      if (outward < 0) {
        force = add(force, [0, 0, -Math.min(spread, asked.elbow / -outward) * length(force)]);
        asked = torques(pose, frame, force, up, body);
      }
    }
    const bend = Math.acos(clamp(dot(pose.upper, pose.fore), -1, 1));
    const lines = pulls(pose.upper, frame, bend, pinned);
    const split = pullFit(lines, frame, asked);
    const weight = still ? 1 / total : steps[i]! / total;
    lines.forEach((line, n) => {
      const region = line.muscle.region as PressingRegion | null;
      if (region && activity.has(region)) activity.set(region, activity.get(region)! + weight * split[n]!);
    });
    if (i > 0) way += length(add(hands[i]!, scale(hands[i - 1]!, -1)));
    return {
      at: way,
      shoulderNm: asked.swing,
      elbowNm: -asked.elbow,
      axialNm: asked.axial,
      adductionNm: asked.shoulder[1],
    };
  });
  const travelM = way;
  for (const p of points) p.at = travelM > 1e-6 ? p.at / travelM : 0;
  const sum = [...activity.values()].reduce((a, b) => a + b, 0) || 1;
  const shares = Object.fromEntries(
    pressingRegions.map((id) => [id, activity.get(id)! / sum]),
  ) as Work['shares'];
  return { points, shares, travelM };
}

const remembered = new WeakMap<Rig, { key: string; work: Work | null }>();

/**
 * What a movement asks over one repetition at a rig, for a body and a load (kg as the coach says it):
 * torques by statics, shares by the pull-fit model. Null for things without an arm path.
 */
export function workOf(movement: Movement, rig: Rig, body: Body, loadKg: number, count = 20): Work | null {
  const key = `${movement.id} ${body.statureM} ${body.massKg} ${body.biacromialM ?? ''} ${loadKg} ${count}`;
  const known = remembered.get(rig);
  if (known?.key === key) return known.work;
  const work = compute(movement, rig, body, loadKg, count);
  remembered.set(rig, { key, work });
  return work;
}

/** The six shoulder regions' shares among themselves: where bench-angle trends live. */
export function shoulderShares(work: Work): Record<PressingRegion, number> {
  const six = pressingRegions.slice(0, 6);
  const sum = six.reduce((t, id) => t + work.shares[id], 0) || 1;
  return Object.fromEntries(six.map((id) => [id, work.shares[id] / sum])) as Record<PressingRegion, number>;
}
