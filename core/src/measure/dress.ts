import { type Credits, leadVoice } from '../anatomy';
import { creditsOf } from '../mechanics';
import {
  atHome,
  dress,
  findOwn,
  fullRig,
  type Movement,
  movementOf,
  type Rig,
  rigWords,
  variantOf,
} from '../movements';
import { type Line, repSeconds } from '../session';
import { paceOf, references } from '../strength';
import { clientLift, maxIn, type ClientLift } from './client-max';
import type { Context } from './context';
import type { DressedLine } from './model';
import { rememberDressed } from './remembered';

/** The movement of a line: the coach's own where the line names one that the notebook has. */
export function lineMovement(line: Pick<Line, 'movement' | 'own'>, context: Context): Movement {
  const own = findOwn(context.notebook, line.own);
  return own?.movement === line.movement ? dress(own) : movementOf(line.movement);
}

function lineCredits(line: Line, movement: Movement, rig: Rig): Credits {
  const credits = creditsOf(movement, rig);
  if (!line.pins) return credits;
  const pinned = Object.entries({ ...credits, ...line.pins }).filter(([, credit]) => credit > 0);
  return Object.fromEntries(pinned) as Credits;
}

/** Of what is not lifted nothing is known; it has a place in the model all the same. */
function nothingLifted(context: Context): ClientLift {
  const { bench } = references;
  return { ...clientLift(movementOf(bench.movement), bench.rig, context)!, isKnown: false };
}

function dressedUp(line: Line, context: Context): Omit<DressedLine, 'blockId'> {
  const movement = lineMovement(line, context);
  const rig = fullRig(movement, line.rig);
  const credits = lineCredits(line, movement, rig);
  const variant = variantOf(movement, rig);
  const lift = clientLift(movement, rig, context, line.hung) ?? nothingLifted(context);
  return {
    id: line.id,
    line,
    movement,
    rig,
    name: variant.name,
    entryId: variant.id,
    home: atHome(movement, rig),
    detail: rigWords(rig, movement.knobs),
    credits,
    voice: leadVoice(credits),
    lift,
    max: maxIn(lift, movement, rig, context),
    pace: paceOf(repSeconds(line.tempo)),
  };
}

/** First stage: a line with its movement, settings, credits and today's max. */
export const dressLine = (line: Line, blockId: string, context: Context): DressedLine => ({
  ...rememberDressed(line, context, () => dressedUp(line, context)),
  blockId,
});
