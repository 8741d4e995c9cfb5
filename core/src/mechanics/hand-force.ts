import { segmentsOf, type Body } from '../anatomy/body';
import type { Movement } from '../movements/model';
import type { Rig } from '../movements/rig';
import { movedShare } from '../strength/max';
import { clamp } from '../units/numbers';
import { addedKg, landmineBar, landmineLever, leverForce, usualGear, type Gear } from './changing-loads';
import type { ArmPose } from './press-path';
import { GRAVITY } from './statics';
import { aheadOf, isDip, pulleyOf, shoulderHeight, upOf, type Stand } from './stands';
import { add, dot, length, scale, unit, type Vec } from './vector';

/** Where the hand is: trunk frame, from the shoulder joint, metres. */
export const handAt = (pose: ArmPose, body: Body): Vec => {
  const seg = segmentsOf(body);
  return add(scale(pose.upper, seg.upperArmM), scale(pose.fore, seg.elbowToGripM));
};

/**
 * How much a bar is pushed apart as well as up, as a share of its weight at the hand; near the .25 of
 * Duffey & Challis 2011 for usual grips (from memory).
 */
const barSpread = (grip: number): number => 0.15 * clamp(grip - 0.6, 0, 1.2);

/** Share of a bell's weight with which bells pressed together push back. Own estimate. */
const SQUEEZE = 0.35;

/** What a band is stretched to in light work, newtons. */
const LIGHT_BAND = 60;

/** The load, as a coach says it, that puts the same kilograms in each hand of any movement. */
export const sayingEachHand = (movement: Movement, kg: number): number => {
  if (movement.load.kind !== 'external' || isDip(movement)) return 0;
  return movement.load.perHand || movement.oneSided ? kg : 2 * kg;
};

/** Handles that cannot slide may be pushed apart: as far as the elbow needs no help from its flexors. */
export const rigidHandles = (movement: Movement): number =>
  movement.implement === 'machine'
    ? 0.4
    : ['barbell', 'guided bar', 'bodyweight'].includes(movement.implement)
      ? 0.25
      : 0;

/**
 * The force at one hand over the range, newtons, trunk frame. `loadKg` as the coach says it: the whole
 * bar, each hand, added to the body. `gear`: the chains and bands it would be hung with.
 */
export function handForces(
  movement: Movement,
  rig: Rig,
  stand: Stand,
  body: Body,
  path: readonly ArmPose[],
  loadKg: number,
  gear: Gear = usualGear,
): Vec[] {
  const up = upOf(stand);
  const perHand = movement.load.kind === 'external' && movement.load.perHand;
  const kg = perHand || movement.oneSided ? loadKg : loadKg / 2;
  const hands = path.map((pose) => handAt(pose, body));
  const joint = shoulderHeight(stand, body);
  const floorM = (hand: Vec): number => Math.max(0, joint + dot(hand, up));
  switch (movement.implement) {
    case 'barbell':
    case 'guided bar': {
      const k = barSpread(rig.gripBiacromial ?? 1.5);
      return hands.map((hand) => {
        const newtons = (kg + addedKg(rig.added, gear, floorM(hand)) / 2) * GRAVITY;
        return add(scale(up, -newtons), [0, 0, -k * newtons]);
      });
    }
    case 'cable': {
      const from = pulleyOf(movement, rig, stand, body);
      return hands.map((hand) => scale(unit(add(from, scale(hand, -1))), kg * GRAVITY));
    }
    case 'machine': {
      if (isDip(movement))
        return hands.map(() => scale(up, (Math.max(0, body.massKg - loadKg) * GRAVITY) / 2));
      // A press machine pushes back along the line of its handles, a lever machine along its arc.
      const [first, last] = [hands[0]!, hands[hands.length - 1]!];
      if (movement.pattern === 'press') {
        const back = scale(unit(add(first, scale(last, -1))), kg * GRAVITY);
        return hands.map(() => back);
      }
      return hands.map((_, i) => {
        const before = hands[Math.max(0, i - 1)]!;
        const after = hands[Math.min(hands.length - 1, i + 1)]!;
        return scale(unit(add(before, scale(after, -1))), kg * GRAVITY);
      });
    }
    case 'bodyweight': {
      const share = movement.load.kind === 'bodyweight' ? movedShare(movement, rig) : 0.3;
      return hands.map(() => scale(up, ((share * body.massKg + loadKg) * GRAVITY) / 2));
    }
    case 'landmine': {
      const ahead = aheadOf(stand);
      return hands.map((hand) => {
        const sine = clamp((floorM(hand) - 0.05) / landmineBar.handM, 0, 0.98);
        const cosine = Math.sqrt(1 - sine * sine);
        const deg = (Math.asin(sine) * 180) / Math.PI;
        return scale(add(scale(up, cosine), scale(ahead, sine)), -leverForce(landmineLever(loadKg), deg) / 2);
      });
    }
    case 'band':
      return movement.pattern === 'row'
        ? hands.map((hand) =>
            scale(unit(add(add(scale(aheadOf(stand), 1.2), scale(up, 0.1)), scale(hand, -1))), LIGHT_BAND),
          )
        : hands.map((hand): Vec => [0, 0, -LIGHT_BAND * clamp(hand[2] / length(hand), 0, 1)]);
    case 'none':
      return hands.map(() => [0, 0, 0]);
    default:
      return hands.map(() =>
        add(scale(up, -kg * GRAVITY), rig.hands === 'together' ? [0, 0, SQUEEZE * kg * GRAVITY] : [0, 0, 0]),
      );
  }
}
