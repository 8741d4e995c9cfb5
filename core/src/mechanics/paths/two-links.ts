import type { Segments } from '../../anatomy';
import { softCos } from '../rounding';
import { add, cross, length, minus, scale, squareTo, unit, type Vec } from '../vector';
import type { ArmPose } from './pose';

type Links = Pick<Segments, 'upperArmM' | 'elbowToGripM'>;

/** The circle the elbow can lie on for a hand: its middle and radius along and about the line to the hand. */
function elbowCircle(hand: Vec, { upperArmM, elbowToGripM }: Links) {
  const reach = length(hand);
  const toHand = scale(hand, 1 / reach);
  const along = (upperArmM ** 2 - elbowToGripM ** 2 + reach * reach) / (2 * reach);
  const radius = Math.sqrt(Math.max(1e-8, upperArmM ** 2 - along * along));
  return { toHand, along, radius };
}

/** The elbow (m) for a hand, on the side of the line from the shoulder to the hand that `pole` points to. */
export function elbowToward(hand: Vec, pole: Vec, links: Links): Vec {
  const { toHand, along, radius } = elbowCircle(hand, links);
  return add(scale(toHand, along), scale(unit(squareTo(pole, toHand)), radius));
}

/**
 * The elbow (m) for a hand, outward, such that the upper arm stands `flareRad` off the trunk's footward
 * axis. Exact where the flare can be reached with this hand; bends off smoothly where it cannot.
 */
export function elbowAtFlare(hand: Vec, flareRad: number, links: Links): Vec {
  const { toHand, along, radius } = elbowCircle(hand, links);
  const tucked = unit(squareTo([0, -1, 0], toHand));
  let aside = cross(toHand, tucked);
  if (aside[2] < 0) aside = scale(aside, -1);
  const cosine = (links.upperArmM * Math.cos(flareRad) + along * toHand[1]) / (radius * -tucked[1]);
  const turned = Math.acos(softCos(cosine));
  return add(
    scale(toHand, along),
    add(scale(tucked, radius * Math.cos(turned)), scale(aside, radius * Math.sin(turned))),
  );
}

/** The way the elbow points off the line from the shoulder to the hand. */
export const poleOf = (elbow: Vec, hand: Vec): Vec => unit(squareTo(elbow, unit(hand)));

export const poseAt = (elbow: Vec, hand: Vec, links: Links): ArmPose => ({
  upper: scale(elbow, 1 / links.upperArmM),
  fore: scale(minus(hand, elbow), 1 / links.elbowToGripM),
  hand,
});

/** A hand brought back to a reach (m) it would exceed. */
export function withinReach(hand: Vec, reach: number): Vec {
  const far = length(hand);
  return far > reach ? scale(hand, reach / far) : hand;
}
