import { findMovement, fullRig } from '../movements';
import { groupOfEmphasis } from './emphasis';
import { dayKinds, linesOf, type DayKind, type Session } from './document';

export const dayKindNames: Record<DayKind, string> = {
  chest: 'Chest day',
  push: 'Push day',
  shoulders: 'Shoulder day',
  arms: 'Arm day',
};

/** A bench from this angle on makes a press one for the shoulders, degrees. */
const SHOULDER_PRESS = 70;

/** "Chest day", "shoulder day" in a title is the coach's word for it. */
function namedIn(title: string): DayKind | null {
  const word = /\b(chest|push|shoulders?|arms?|triceps)[ -]day\b/i.exec(title)?.[1]?.toLowerCase();
  if (!word) return null;
  if (word === 'triceps') return 'arms';
  return dayKinds.find((kind) => kind === word || kind === `${word}s`) ?? null;
}

/** What its movements make a day: chest with shoulders or triceps is a push day. */
function madeOf(session: Session): DayKind {
  const has = { chest: false, shoulders: false, arms: false };
  for (const { movement: id, rig } of linesOf(session)) {
    const movement = findMovement(id)!;
    const { family } = movement;
    const steep = family === 'press' && (fullRig(movement, rig).benchDeg ?? 0) >= SHOULDER_PRESS;
    if (family === 'overhead' || family === 'raise' || steep) has.shoulders = true;
    else if (family === 'press' || family === 'fly') has.chest = true;
    else if (family === 'triceps') has.arms = true;
  }
  if (has.chest) return has.shoulders || has.arms ? 'push' : 'chest';
  if (has.shoulders)
    return has.arms && groupOfEmphasis(session.emphasis) === 'triceps' ? 'arms' : 'shoulders';
  return has.arms ? 'arms' : 'push';
}

/** The kind of day a session is: what the coach says, what its title says, else what its movements make it. */
export const kindOf = (session: Session): DayKind =>
  session.kind ?? namedIn(session.title) ?? madeOf(session);

/** What a coach expects of a day beside its main work. */
export type Owed =
  | 'upper chest'
  | 'adduction'
  | 'stretch'
  | 'side delts'
  | 'rear delts'
  | 'long head'
  | 'triceps angles';

const owedBy: Record<DayKind, readonly Owed[]> = {
  push: ['upper chest', 'adduction', 'stretch', 'side delts', 'rear delts', 'long head', 'triceps angles'],
  chest: ['upper chest', 'adduction', 'stretch'],
  shoulders: ['side delts', 'rear delts'],
  arms: ['long head', 'triceps angles'],
};

/** Whether a day owes something: its kind does, or the session is meant for it. */
export function owes(session: Session, owed: Owed): boolean {
  const meant: Partial<Record<Session['emphasis'], Owed>> = {
    pecUpper: 'upper chest',
    deltSide: 'side delts',
    deltRear: 'rear delts',
    triLong: 'long head',
  };
  return owedBy[kindOf(session)].includes(owed) || meant[session.emphasis] === owed;
}
