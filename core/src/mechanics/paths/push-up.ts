import { type Body, segmentsOf } from '../../anatomy';
import { crossing, smoothstep } from '../rounding';
import { mix, radians, scale, type Vec } from '../vector';
import { chestFrontM } from './chest';
import type { ArmPath } from './pose';
import { elbowAtFlare, elbowToward, poleOf, poseAt, withinReach } from './two-links';

export interface PushUpKnobs {
  gripBiacromial: number;
  flareDeg: number;
  /** Toes above hands, metres; below zero the hands are the higher. */
  riseM: number;
  /** As in a press. */
  gapM?: number;
}

/** Shares of stature unless said. Own estimates. */
const shape = {
  toeToShoulder: 0.82,
  /** From the index finger to the middle of the heel of the hand (.01–.025). */
  palmOut: 0.015,
  /** Shoulders ahead of the hands with straight arms (0–.04). */
  lead: 0.03,
  /** How far the push leans from upright to square with the trunk where the trunk stands steeply, as a share (0–.5). */
  leanShare: 0.3,
  reach: 0.985,
  /** The middle of the head above the shoulder along the trunk, and behind it with the neck bent back. */
  headUp: 0.12,
  headBack: 0.025,
  /** From the middle of the head to the face, and what stays between face and floor. */
  face: 0.062,
  faceClear: 0.006,
} as const;

/** Height of the face over the hands, metres, with the trunk `t` above level and the shoulder at `high`. */
const faceAbove = (t: number, high: number, h: number): number =>
  high + h * (shape.headUp * Math.sin(t) + shape.headBack * Math.cos(t) - shape.face - shape.faceClear);

/** Where the hand is outward of the joint (m), and the length of the arm in the upright plane (m). */
export function pushUpReach(gripBiacromial: number, body: Body): { outM: number; flatM: number } {
  const seg = segmentsOf(body);
  const outM = (gripBiacromial * seg.biacromialM) / 2 + shape.palmOut * body.statureM - seg.jointHalfWidthM;
  const reach = shape.reach * (seg.upperArmM + seg.elbowToGripM);
  return { outM, flatM: Math.sqrt(reach * reach - outM * outM) };
}

/**
 * Postures of a push-up: hands and toes stay, the body turns about the toes, from the chest at the hands, or
 * the face at the floor (0), to straight arms (1). Each posture carries the world's up and the ground's push in the trunk frame.
 */
export function pushUpPath(knobs: PushUpKnobs, body: Body, shares: readonly number[]): ArmPath {
  const seg = segmentsOf(body);
  const h = body.statureM;
  const flare = radians(knobs.flareDeg);
  const { outM, flatM } = pushUpReach(knobs.gripBiacromial, body);
  const span = shape.toeToShoulder * h;
  const leanOf = (t: number): number => shape.leanShare * smoothstep(Math.abs(t), radians(20), radians(60));
  const tooHigh = (t: number): number => knobs.riseM + span * Math.sin(t) - flatM * Math.cos(leanOf(t) * t);
  const top = crossing(tooHigh, radians(-70), radians(80));
  const lean = leanOf(top);
  const shoulder = (t: number): [number, number] => [span * Math.cos(t), knobs.riseM + span * Math.sin(t)];
  const [ahead, high] = shoulder(top);
  const ground = [
    ahead + flatM * Math.sin(lean * top) - shape.lead * h,
    high - flatM * Math.cos(lean * top),
  ] as const;
  const handAt = (t: number): Vec => {
    const [x, y] = shoulder(t);
    const v = [ground[0] - x, ground[1] - y] as const;
    return [v[0] * Math.sin(t) - v[1] * Math.cos(t), v[0] * Math.cos(t) + v[1] * Math.sin(t), outM];
  };
  const gapM = knobs.gapM ?? 0;
  /** What is left under the chest, or under the face where the feet stand high: it meets the floor first. */
  const clear = (t: number): number => {
    const hand = handAt(t);
    const floorM = Math.min(0, gapM);
    return Math.min(hand[0] - chestFrontM(hand[1], h) - gapM, faceAbove(t, shoulder(t)[1], h) - floorM);
  };
  const bottom = crossing(clear, top - radians(60), top);
  const lowHand = handAt(bottom);
  const startPole = poleOf(elbowAtFlare(lowHand, flare, seg), lowHand);
  const endPole: Vec = [0, -Math.cos(flare), Math.sin(flare)];
  const reach = shape.reach * (seg.upperArmM + seg.elbowToGripM);
  return {
    poses: shares.map((s) => {
      const t = bottom + (top - bottom) * s;
      const hand = withinReach(handAt(t), reach);
      const push = t - lean * t;
      return {
        ...poseAt(elbowToward(hand, mix(startPole, endPole, s), seg), hand, seg),
        up: [-Math.cos(t), Math.sin(t), 0],
        ground: scale([-Math.cos(push), Math.sin(push), 0], 1 / Math.cos(lean * t)),
      };
    }),
  };
}
