import type { Body } from '../anatomy/body';
import { pressingRegions, type PressingRegion } from '../anatomy/regions';
import type { Movement } from '../movements/model';
import type { Rig } from '../movements/rig';
import { clamp } from '../units/numbers';
import { armPath } from './arm-path';
import type { Gear } from './changing-loads';
import { handAt, handForces, rigidHandles } from './hand-force';
import { armFrame, pulls, restingLength, type Pull } from './muscle-lines';
import { pullFit } from './split';
import { torques, type Torques } from './statics';
import { standOf, upOf, type Stand } from './stands';
import { add, cross, dot, length, scale, unit, type Vec } from './vector';

/** One posture of the range with what it asks. */
export interface WorkPoint {
  /** Share of the hand's way, 0 where the movement is stretched. */
  at: number;
  /** Torques the muscles must answer, N·m: swing at the shoulder; straightening (+) or bending (−) at the elbow. */
  shoulderNm: number;
  elbowNm: number;
  /** About the upper arm's own axis: rotation. */
  axialNm: number;
  /** Horizontal adduction (+: across the body) and flexion (+: forward and up), N·m. */
  adductionNm: number;
  flexionNm: number;
  /** Force on the shoulder joint forward, as a share of the force into the socket. A model's estimate. */
  frontStrain: number;
  /** The elbow ahead of the shoulder joint (m); below zero it is behind the trunk's side line. */
  elbowAheadM: number;
}

export interface Work {
  points: WorkPoint[];
  /** Share of the nine pressing regions, summing to 1. A model's estimate. */
  shares: Record<PressingRegion, number>;
  /** Longest each region gets over the range, as a share of its length with the arm hanging and the elbow square. */
  longest: Record<PressingRegion, number>;
  travelM: number;
}

/** Everything known of one posture before anyone asks who does the work. */
export interface Posture {
  asked: Torques;
  frame: ReturnType<typeof armFrame>;
  pulls: Pull[];
  /** Force of load and hand on the arm, newtons, trunk frame. */
  force: Vec;
  hand: Vec;
  elbow: Vec;
  /** Share of the hand's whole way that this posture stands for. */
  weight: number;
}

/** Ways of pressing with the blades held against something. */
const isPinned = (stand: Stand, movement: Movement): boolean =>
  (stand.support === 'bench' || stand.support === 'floor' || stand.support === 'seat') &&
  movement.family !== 'overhead' &&
  stand.pressDeg < 75;

/** Postures over one repetition with what each asks: statics only. */
export function posturesOf(
  movement: Movement,
  rig: Rig,
  body: Body,
  loadKg: number,
  count: number,
  gear?: Gear,
): Posture[] {
  const path = armPath(movement, rig, body, count);
  if (path.length === 0) return [];
  const stand = standOf(movement, rig);
  const up = upOf(stand);
  const pinned = isPinned(stand, movement);
  const forces = handForces(movement, rig, stand, body, path, loadKg, gear);
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
  const way = steps.reduce((a, b) => a + b, 0);
  return path.map((pose, i): Posture => {
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
    return {
      asked,
      frame,
      pulls: pulls(pose.upper, frame, bend, pinned),
      force,
      hand: hands[i]!,
      elbow: scale(pose.upper, 0.186 * body.statureM),
      weight: way < 1e-6 ? 1 / count : steps[i]! / way,
    };
  });
}

/** Sums of activity per region over a repetition, weighted by hand travel. */
function regionShares(
  postures: readonly Posture[],
  splits: readonly (readonly number[])[],
): Record<PressingRegion, number> {
  const activity = new Map<PressingRegion, number>(pressingRegions.map((id) => [id, 0]));
  postures.forEach((p, i) =>
    p.pulls.forEach(({ muscle }, n) => {
      const region = muscle.region as PressingRegion | null;
      if (region && activity.has(region))
        activity.set(region, activity.get(region)! + p.weight * splits[i]![n]!);
    }),
  );
  const sum = [...activity.values()].reduce((a, b) => a + b, 0) || 1;
  return Object.fromEntries(pressingRegions.map((id) => [id, activity.get(id)! / sum])) as Record<
    PressingRegion,
    number
  >;
}

/** Shares of the nine pressing regions under any rule that splits a posture's torques among the muscles. */
export const sharesBy = (
  postures: readonly Posture[],
  split: (posture: Posture) => readonly number[],
): Record<PressingRegion, number> => regionShares(postures, postures.map(split));

function frontStrain(p: Posture, split: readonly number[]): number {
  let joint: Vec = p.force;
  p.pulls.forEach(({ muscle, along }, n) => {
    joint = add(joint, scale(along, muscle.force * split[n]!));
  });
  return joint[2] < -1 ? joint[0] / -joint[2] : 0;
}

function longestOf(postures: readonly Posture[]): Record<PressingRegion, number> {
  const longest = Object.fromEntries(pressingRegions.map((id) => [id, 0])) as Record<PressingRegion, number>;
  for (const p of postures)
    for (const pull of p.pulls) {
      const region = pull.muscle.region as PressingRegion | null;
      if (region && region in longest)
        longest[region] = Math.max(
          longest[region],
          1 + (pull.lengthM - restingLength(pull.muscle)) / pull.muscle.bestM,
        );
    }
  return longest;
}

function compute(
  movement: Movement,
  rig: Rig,
  body: Body,
  loadKg: number,
  count: number,
  gear?: Gear,
): Work | null {
  const postures = posturesOf(movement, rig, body, loadKg, count, gear);
  if (postures.length === 0) return null;
  const splits = postures.map((p) => pullFit(p.pulls, p.frame, p.asked));
  let way = 0;
  const points = postures.map((p, i): WorkPoint => {
    if (i > 0) way += length(add(p.hand, scale(postures[i - 1]!.hand, -1)));
    return {
      at: way,
      shoulderNm: p.asked.swing,
      elbowNm: -p.asked.elbow,
      axialNm: p.asked.axial,
      adductionNm: p.asked.shoulder[1],
      flexionNm: p.asked.shoulder[2],
      frontStrain: frontStrain(p, splits[i]!),
      elbowAheadM: p.elbow[0],
    };
  });
  const travelM = way;
  for (const p of points) p.at = travelM > 1e-6 ? p.at / travelM : 0;
  return { points, shares: regionShares(postures, splits), longest: longestOf(postures), travelM };
}

/** The last few bodies and loads a rig was asked about. */
const remembered = new WeakMap<Rig, Map<string, Work | null>>();
const KEPT = 6;

/**
 * What a movement asks over one repetition at a rig, for a body and a load (kg as the coach says it):
 * torques by statics, shares by the pull-fit model. `gear`: the chains and bands it would be hung with,
 * common ones when left out. Null for things without an arm path.
 */
export function workOf(
  movement: Movement,
  rig: Rig,
  body: Body,
  loadKg: number,
  count = 20,
  gear?: Gear,
): Work | null {
  const hung = gear && (rig.added === 'chains' || rig.added === 'bands') ? JSON.stringify(gear) : '';
  const key = `${movement.id} ${body.statureM} ${body.massKg} ${body.biacromialM ?? ''} ${loadKg} ${count} ${hung}`;
  let known = remembered.get(rig);
  if (!known) remembered.set(rig, (known = new Map()));
  let work = known.get(key);
  if (work === undefined) {
    work = compute(movement, rig, body, loadKg, count, gear);
    if (known.size >= KEPT) known.clear();
    known.set(key, work);
  }
  return work;
}

/** The six shoulder regions' shares among themselves: where bench-angle trends live. */
export function shoulderShares(work: Work): Record<PressingRegion, number> {
  const six = pressingRegions.slice(0, 6);
  const sum = six.reduce((t, id) => t + work.shares[id], 0) || 1;
  return Object.fromEntries(six.map((id) => [id, work.shares[id] / sum])) as Record<PressingRegion, number>;
}
