import { shareOfStature, segmentsOf, type Body } from '../anatomy/body';
import { clamp } from '../units/numbers';
import { add, dot, radians, scale, sweep, unit, type Vec } from './vector';

/** One posture of the right arm in the trunk's frame, origin at the shoulder joint. */
export interface ArmPose {
  /** Unit vector of the upper arm, shoulder to elbow. */
  upper: Vec;
  /** Unit vector of the forearm, elbow to grip. */
  fore: Vec;
}

export interface PressKnobs {
  /** Direction pressed against the trunk: 0 straight ahead of the chest, 90 overhead, −90 a dip. */
  deg: number;
  tuckDeg: number;
  /** Hands apart in biacromial breadths; null where each hand is free. */
  gripBiacromial: number | null;
  /** Where the hands end when that is elsewhere than they began. */
  topGripBiacromial?: number;
  /** How far the hand stays off the chest at the bottom, metres; below zero it goes deeper than a bar could. */
  gapM?: number;
  /** Lowest the upper arm may go, degrees below the shoulder's level; the floor stops it. */
  stopDeg?: number;
  /** The hands stay where they are and the body turns about the feet: the arms end leaning back to the same spot. */
  handsStay?: boolean;
  /** Where the hand begins across the press, metres; the forearm leans to reach it and rights itself on the way. */
  handAcrossM?: number;
}

/** Rows of trunk coordinates that the press moves in: along the press, across it, outward. */
const frameOf = (deg: number): { up: Vec; across: Vec; out: Vec } => {
  const b = radians(deg);
  return { up: [Math.cos(b), Math.sin(b), 0], across: [Math.sin(b), -Math.cos(b), 0], out: [0, 0, 1] };
};

/** How far the front of the chest lies ahead of the shoulder joint at a height `y` (m, headward). */
const chestFront = (y: number, h: number): number => {
  const low = clamp(-y / (0.07 * h), 0, 1);
  return (
    h * (shareOfStature.chestFrontHigh + (shareOfStature.chestFrontLow - shareOfStature.chestFrontHigh) * low)
  );
};

/**
 * Postures of a press at shares of the way from the lowest the chest, the floor or the joint allows
 * (0) to nearly straight arms (1). The flare is measured from the trunk; the forearm stays upright in the side
 * view; the upper arm sweeps a great circle from bottom to top.
 */
export function pressPath(knobs: PressKnobs, body: Body, shares: readonly number[]): ArmPose[] {
  const seg = segmentsOf(body);
  const { up, across, out } = frameOf(knobs.deg);
  const flare = radians(knobs.tuckDeg);
  const overhead = clamp((Math.abs(knobs.deg) - 45) / 30, 0, 1);
  const b = radians(knobs.deg);
  const barZ =
    knobs.gripBiacromial === null ? null : (knobs.gripBiacromial * seg.biacromialM) / 2 - seg.jointHalfWidthM;

  const aside = (alpha: number): number => {
    if (overhead >= 1) return flare;
    const c = clamp(
      (Math.cos(flare) + Math.sin(alpha) * Math.sin(b)) / (Math.cos(alpha) * Math.max(Math.cos(b), 0.2)),
      -0.15,
      1,
    );
    return (1 - overhead) * Math.acos(c) + overhead * flare;
  };
  const upperAt = (alpha: number): Vec => {
    const phi = aside(alpha);
    const level = add(scale(across, Math.cos(phi)), scale(out, Math.sin(phi)));
    return add(scale(level, Math.cos(alpha)), scale(up, Math.sin(alpha)));
  };
  const foreTo = (upper: Vec, handZ: number, righted = 0): Vec => {
    const fz = clamp((handZ - seg.upperArmM * upper[2]) / seg.elbowToGripM, -0.95, 0.95);
    const wish =
      knobs.handAcrossM === undefined
        ? 0
        : (knobs.handAcrossM - seg.upperArmM * dot(upper, across)) / seg.elbowToGripM;
    const fa = clamp(wish, -0.7, 0.5) * (1 - righted);
    return unit(
      add(
        add(scale(out, fz), scale(across, fa)),
        scale(up, Math.sqrt(Math.max(1e-6, 1 - fz * fz - fa * fa))),
      ),
    );
  };
  const handOf = (upper: Vec, fore: Vec): Vec =>
    add(scale(upper, seg.upperArmM), scale(fore, seg.elbowToGripM));

  const poseAt = (alpha: number): ArmPose => {
    const upper = upperAt(alpha);
    return { upper, fore: foreTo(upper, barZ ?? seg.upperArmM * upper[2]) };
  };
  /** The lowest the upper arm can go before the hand is in the way of something. */
  const lowest = (clear: (hand: Vec) => boolean): number => {
    let alpha = radians(knobs.stopDeg ?? ((knobs.gapM ?? 0) < 0 ? -48 : -35));
    for (; alpha < 1.2; alpha += radians(0.25)) {
      const pose = poseAt(alpha);
      if (clear(handOf(pose.upper, pose.fore))) break;
    }
    return alpha;
  };
  const toChest = lowest((hand) => hand[0] >= chestFront(hand[1], body.statureM) + (knobs.gapM ?? 0));
  // Overhead the hand stays above the shoulder; in a dip the upper arm stops about level.
  const ending = knobs.deg > 0 ? lowest((hand) => dot(hand, up) >= 0.05) : radians(-3);
  // No chest is in the way of a dip, however far it leans.
  const clear = knobs.deg < -30 ? 1 : overhead;
  const low = poseAt((1 - clear) * toChest + clear * ending);
  const bottom = low.upper;
  const bottomFore = low.fore;
  const lowZ = handOf(bottom, bottomFore)[2];
  const topZ =
    knobs.topGripBiacromial === undefined
      ? (barZ ?? 0)
      : (knobs.topGripBiacromial * seg.biacromialM) / 2 - seg.jointHalfWidthM;
  const reach = (seg.upperArmM + seg.elbowToGripM) * 0.995;
  const topAcross = knobs.handsStay ? dot(handOf(bottom, bottomFore), across) * 1.35 : 0;
  const topUp = Math.sqrt(reach * reach - topZ * topZ - topAcross * topAcross);
  const top = unit(add(add(scale(out, topZ), scale(up, topUp)), scale(across, topAcross)));
  const lowUp = dot(handOf(bottom, bottomFore), up);
  return shares.map((t) => {
    const upper = sweep(bottom, top, 0.985 * t);
    let handZ = lowZ + (topZ - lowZ) * t;
    let fore = foreTo(upper, handZ, t);
    for (let pass = 0; pass < 3; pass++) {
      const risen = clamp((dot(handOf(upper, fore), up) - lowUp) / Math.max(0.02, topUp - lowUp), 0, 1);
      handZ = lowZ + (topZ - lowZ) * risen;
      fore = foreTo(upper, handZ, t);
    }
    return { upper, fore };
  });
}
