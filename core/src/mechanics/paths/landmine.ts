import { type Body, segmentsOf } from '../../anatomy';
import { clamp } from '../../units';
import { landmineBar } from '../loads/changing-loads';
import { crossing } from '../rounding';
import { add, dot, length, mix, radians, scale, squareTo, unit, type Vec } from '../vector';
import { chestFrontM } from './chest';
import type { ArmPath } from './pose';
import { elbowAtFlare, elbowToward, poleOf, poseAt } from './two-links';

export interface LandmineKnobs {
  flareDeg: number;
  /** World's up and the way ahead along the floor, trunk frame. */
  up: Vec;
  ahead: Vec;
  /** The shoulder joint above the floor, metres. */
  jointHeightM: number;
}

const REACH = 0.985;
/** How high the pivot lies above the floor, metres. */
const PIVOT_M = 0.05;

/**
 * Postures of a landmine press: the hand stays on the circle about the pivot, from the chest (0) to the
 * arm's reach (1). Each posture carries how far the bar stands above the level.
 */
export function landminePath(knobs: LandmineKnobs, body: Body, shares: readonly number[]): ArmPath {
  const seg = segmentsOf(body);
  const h = body.statureM;
  const { up, ahead } = knobs;
  const flare = radians(knobs.flareDeg);
  const start: Vec = [chestFrontM(-0.02 * h, h) + 0.03 * h, -0.02 * h, 0.02 * h - seg.jointHalfWidthM];
  const startPole = poleOf(elbowAtFlare(start, flare, seg), start);
  const r = landmineBar.handM;
  const low = Math.asin(clamp((knobs.jointHeightM + dot(start, up) - PIVOT_M) / r, 0.05, 0.98));
  const handAt = (a: number): Vec =>
    add(
      start,
      add(scale(up, r * (Math.sin(a) - Math.sin(low))), scale(ahead, r * (Math.cos(low) - Math.cos(a)))),
    );
  const reach = REACH * (seg.upperArmM + seg.elbowToGripM);
  const high = crossing((a) => length(handAt(a)) - reach, low, Math.min(low + 0.6, radians(89)));
  const endDir = unit(handAt(high));
  const endPole = add(scale(unit(squareTo([0, -1, 0], endDir)), Math.cos(flare)), [0, 0, Math.sin(flare)]);
  return {
    poses: shares.map((s) => {
      const a = low + (high - low) * s;
      const hand = handAt(a);
      return {
        ...poseAt(elbowToward(hand, mix(startPole, endPole, s), seg), hand, seg),
        leverRad: a,
      };
    }),
  };
}
