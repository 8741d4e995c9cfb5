import type { Body } from '../../anatomy';
import type { Movement, Rig } from '../../movements';
import { aheadOf, aimOf, isDip, isPushUp, shoulderHeight, standOf, upOf, type Stand } from '../stands';
import { dipPath } from './dip';
import { landminePath } from './landmine';
import type { ArmPath } from './pose';
import { pressPath, type Lead, type PressKnobs } from './press';
import { pushUpPath } from './push-up';
import { gapOf, rangeShares } from './range';
import { sweepPath, turningPath } from './sweep';
import { swingOf, turningOf } from './swings';

const leadOf = (movement: Movement): Lead =>
  movement.implement === 'machine'
    ? 'lever'
    : movement.implement === 'guided bar'
      ? 'rails'
      : movement.implement === 'barbell'
        ? 'bar'
        : 'free';

/** Hands apart at the bottom and, where they close on the way, at the top; how far free hands are brought in. */
function handsOf(movement: Movement, rig: Rig): Partial<PressKnobs> {
  if (movement.implement === 'machine')
    return movement.family === 'overhead'
      ? { gripBiacromial: 1.7, topGripBiacromial: 1.2 }
      : { gripBiacromial: 2, topGripBiacromial: 1.1 };
  switch (rig.hands) {
    case 'together':
      return { handsIn: 0.75, topGripBiacromial: 0.35 };
    case 'along the ribs':
      return { handsIn: 0.2 };
    case 'wide to close':
      return { topGripBiacromial: 0.35 };
    default:
      return rig.gripBiacromial === undefined ? {} : { gripBiacromial: rig.gripBiacromial };
  }
}

/** A machine's handles stop a centimetre off the chest. */
const HANDLE_GAP_M = 0.01;

function pressing(
  movement: Movement,
  rig: Rig,
  stand: Stand,
  body: Body,
  shares: readonly number[],
): ArmPath {
  const flareDeg = rig.tuckDeg ?? 50;
  if (isPushUp(movement))
    return pushUpPath(
      { gripBiacromial: rig.gripBiacromial ?? 1.5, flareDeg, riseM: rig.elevationM ?? 0, gapM: gapOf(rig) },
      body,
      shares,
    );
  if (movement.id === 'machine-dip')
    return dipPath({ leanDeg: 5, flareDeg: 20, machine: true }, body, shares);
  if (isDip(movement)) {
    const leanDeg = rig.leanDeg ?? 30;
    // Upright the elbows stay closer: 20° at a lean of 10°, 40° at 30°.
    return dipPath({ leanDeg, flareDeg: rig.tuckDeg ?? Math.min(45, 10 + leanDeg) }, body, shares);
  }
  if (movement.implement === 'landmine')
    return landminePath(
      {
        flareDeg: rig.tuckDeg ?? 35,
        up: upOf(stand),
        ahead: aheadOf(stand),
        jointHeightM: shoulderHeight(stand, body),
      },
      body,
      shares,
    );
  const lead = leadOf(movement);
  return pressPath(
    {
      aimDeg: aimOf(stand),
      flareDeg,
      lead,
      ...handsOf(movement, rig),
      gapM: gapOf(rig) + (lead === 'lever' ? HANDLE_GAP_M : 0),
      onFloor: rig.stance === 'floor',
      pin: stand.support === 'stand' ? 0 : stand.pin,
      behindNeck: movement.id === 'behind-neck-press',
    },
    body,
    shares,
  );
}

/** The arm over one repetition at shares of its way, 0 the stretched end, 1 the short one. */
export function armPathAt(movement: Movement, rig: Rig, body: Body, shares: readonly number[]): ArmPath {
  const stand = standOf(movement, rig);
  if (movement.pattern === 'press') return pressing(movement, rig, stand, body, shares);
  if (movement.pattern === 'rotation') return turningPath(turningOf(movement), body, shares);
  const swing = swingOf(movement, rig, stand.pressDeg);
  return swing ? sweepPath(swing, body, shares) : { poses: [] };
}

/** Postures of the right arm over one repetition, from the stretched to the short end of its range. */
export const armPath = (movement: Movement, rig: Rig, body: Body, count = 20): ArmPath =>
  armPathAt(movement, rig, body, rangeShares(movement, rig, count));
