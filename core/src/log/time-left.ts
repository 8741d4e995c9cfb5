import { cutDown, cutsOf, type Fitted } from '../choosing';
import { type Context, measure, type Measured } from '../measure';
import { applyEdit, type Session } from '../session';
import { floorSteps, minutesOfSteps, type FloorStep } from './floor';

/** How far a session is: sets that were logged, and what else was ticked off. */
export interface SoFar {
  sets: readonly { lineId: string; setIndex: number }[];
  ticked: readonly string[];
}

const openIn = ({ sets, ticked }: SoFar): ((step: FloorStep) => boolean) => {
  const done = new Set(sets.map((s) => `${s.lineId} ${s.setIndex}`));
  const begun = new Set(sets.map((s) => s.lineId));
  return (step) => {
    if (step.is === 'set') return !done.has(step.id);
    // Nobody warms up for what is begun.
    return !ticked.includes(step.id) && !(step.is === 'ramp' && begun.has(step.line.id));
  };
};

/** Minutes a session still takes from here. */
export const minutesLeft = (measured: Measured, soFar: SoFar): number =>
  minutesOfSteps(floorSteps(measured), openIn(soFar));

/** Whether what was done is still in the session as it was done. */
function keepsDone(before: Measured, after: Session, context: Context, { sets }: SoFar): boolean {
  const now = new Map(measure(after, context).lines.map((m) => [m.id, m]));
  const was = new Map(before.lines.map((m) => [m.id, m]));
  return sets.every((s) => {
    const line = now.get(s.lineId);
    return (
      !was.has(s.lineId) || (line?.movement === was.get(s.lineId)!.movement && s.setIndex < line.sets.length)
    );
  });
}

/**
 * Brings what is left of a session under so many minutes at the least cost. What was done stays as it was, and what is
 * begun is not put in turn with anything. As short as it goes where that is not enough; null where nothing has to
 * change. Stops after every try.
 */
export function fittingRest(
  session: Session,
  context: Context,
  soFar: SoFar,
  minutes: number,
): Generator<void, Fitted | null> {
  const begun = new Set(soFar.sets.map((s) => s.lineId));
  return cutDown(session, context, minutes, {
    minutesOf: (m) => minutesLeft(m, soFar),
    cutsOf: (m, depth) =>
      cutsOf(m, depth).filter(
        ({ edit }) =>
          !(edit.do === 'pair' && (begun.has(edit.line) || begun.has(edit.with))) &&
          keepsDone(m, applyEdit(m.session, edit), context, soFar),
      ),
  });
}
