import { type Body, segmentsOf } from '../../anatomy';
import { softCos } from '../rounding';
import { add, dot, mix, radians, scale, type Vec } from '../vector';
import type { ArmPath } from './pose';
import { elbowToward, poleOf, poseAt, withinReach } from './two-links';

export interface DipKnobs {
  /** The trunk's lean at the bottom, degrees from upright. */
  leanDeg: number;
  flareDeg: number;
  /** A machine keeps trunk and handles where they are. */
  machine?: boolean;
}

/** Own estimates. */
const shape = {
  gripBiacromial: 1.35,
  /** The body's middle ahead of the joint for a full lean, share of stature. */
  centre: 0.25,
  /** Share of the lean given up on the way up (.3–.6). */
  straighten: 0.5,
  /** Handles of a machine behind the joint, share of stature. */
  handlesBehind: 0.04,
  /** The upper arm at the bottom, degrees above the level of the shoulder. */
  elbowUpDeg: 3,
  reach: 0.985,
} as const;

/** Press direction (down the bars) and what lies square to it (backward), trunk frame. */
const frameAt = (leanDeg: number): { up: Vec; back: Vec } => {
  const b = radians(leanDeg - 90);
  return { up: [Math.cos(b), Math.sin(b), 0], back: [Math.sin(b), -Math.cos(b), 0] };
};

/**
 * Postures of a dip from the upper arms about level (0) to nearly straight arms (1): the hands stay under
 * the body's centre of mass, the trunk comes more upright on the way and each posture carries the world's up. In a machine it does not.
 */
export function dipPath(knobs: DipKnobs, body: Body, shares: readonly number[]): ArmPath {
  const seg = segmentsOf(body);
  const h = body.statureM;
  const flare = radians(knobs.flareDeg);
  const straighten = knobs.machine ? 0 : shape.straighten;
  const leanAt = (s: number): number => knobs.leanDeg * (1 - straighten * s);
  const behindAt = (s: number): number =>
    (knobs.machine ? shape.handlesBehind : shape.centre * Math.sin(radians(leanAt(s)))) * h;
  const { up, back } = frameAt(knobs.leanDeg);
  const out = (shape.gripBiacromial * seg.biacromialM) / 2 - seg.jointHalfWidthM;

  const rise = -radians(shape.elbowUpDeg);
  const level = add(scale(back, Math.cos(flare)), [0, 0, Math.sin(flare)]);
  const elbow = scale(add(scale(level, Math.cos(rise)), scale(up, Math.sin(rise))), seg.upperArmM);
  const toBack = (behindAt(0) - dot(elbow, back)) / seg.elbowToGripM;
  const toOut = (out - elbow[2]) / seg.elbowToGripM;
  const sideways = Math.hypot(toBack, toOut);
  const kept = (0.95 * softCos(sideways / 0.95)) / Math.max(sideways, 1e-9);
  const fore = add(
    add(scale(back, toBack * kept), [0, 0, toOut * kept]),
    scale(up, Math.sqrt(1 - (sideways * kept) ** 2)),
  );
  const low = add(elbow, scale(fore, seg.elbowToGripM));
  const pole = poleOf(elbow, low);
  const reach = shape.reach * (seg.upperArmM + seg.elbowToGripM);
  const from = { up: dot(low, up), back: dot(low, back), out: low[2] };
  const endUp = Math.sqrt(reach * reach - behindAt(1) ** 2 - out * out);
  return {
    poses: shares.map((s) => {
      const here = frameAt(leanAt(s));
      const backward = behindAt(s) + (from.back - behindAt(0)) * (1 - s);
      const hand = withinReach(
        add(add(scale(here.up, from.up + (endUp - from.up) * s), scale(here.back, backward)), [
          0,
          0,
          from.out + (out - from.out) * s,
        ]),
        reach,
      );
      const startPole = add(add(scale(here.up, dot(pole, up)), scale(here.back, dot(pole, back))), [
        0,
        0,
        pole[2],
      ]);
      const endPole = add(scale(here.back, Math.cos(flare)), [0, 0, Math.sin(flare)]);
      return {
        ...poseAt(elbowToward(hand, mix(startPole, endPole, s), seg), hand, seg),
        ...(knobs.machine ? {} : { up: scale(here.up, -1) }),
      };
    }),
  };
}
