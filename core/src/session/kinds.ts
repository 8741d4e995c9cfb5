import { findMovement, fullRig, type Rig } from '../movements';
import { groupOfEmphasis } from './emphasis';
import { linesOf, type DayKind, type Session } from './document';

export const dayKindNames: Record<DayKind, string> = {
  chest: 'Chest day',
  push: 'Push day',
  shoulders: 'Shoulder day',
  arms: 'Arm day',
};

/** A bench from this angle on makes a press one for the shoulders, degrees. */
const SHOULDER_PRESS = 70;

/** Words of titles, by what they call a day. */
const words: readonly [DayKind, RegExp][] = [
  ['push', /\bpush(es|ing)?\b/i],
  ['chest', /\b(chest|pecs?)\b/i],
  ['shoulders', /\b(shoulders?|delts?|deltoids?)\b/i],
  ['arms', /\b(arms?|triceps|tris?)\b/i],
];

type Part = 'chest' | 'shoulders' | 'arms';

/** What a movement is on a day for; null for what belongs to none. */
function partOf(id: string, rig: Rig): Part | null {
  const movement = findMovement(id)!;
  const { family } = movement;
  const isSteep = family === 'press' && (fullRig(movement, rig).benchDeg ?? 0) >= SHOULDER_PRESS;
  if (family === 'overhead' || family === 'raise' || isSteep) return 'shoulders';
  if (family === 'press' || family === 'fly') return 'chest';
  // A dip or a press for the triceps makes no other day of one for the chest.
  return family === 'triceps' && !movement.compound ? 'arms' : null;
}

/** The share of the work from which movements agree with a title that names one part. Own estimate. */
const AGREES = 0.5;

/** What a title calls a day, where its movements agree. */
function namedIn(title: string, parts: readonly Part[]): DayKind | null {
  const named = words.filter(([, word]) => word.test(title)).map(([kind]) => kind);
  if (named.includes('push') || (named.includes('chest') && named.includes('shoulders'))) return 'push';
  if (named.length === 0 || parts.length === 0) return named[0] ?? null;
  const meant = parts.filter((part) => named.includes(part)).length;
  return meant / parts.length >= AGREES ? named[0]! : null;
}

/** What its movements make a day: chest with shoulders or triceps is a push day. */
function madeOf(session: Session, parts: readonly Part[]): DayKind {
  const [chest, shoulders, arms] = (['chest', 'shoulders', 'arms'] as const).map((p) => parts.includes(p));
  if (chest) return shoulders || arms ? 'push' : 'chest';
  if (shoulders) return arms && groupOfEmphasis(session.emphasis) === 'triceps' ? 'arms' : 'shoulders';
  return arms ? 'arms' : 'push';
}

/** The kind of day a session is: what the coach says, what its title says, else what its movements make it. */
export function kindOf(session: Session): DayKind {
  if (session.kind) return session.kind;
  const parts = linesOf(session).flatMap(({ movement, rig }) => partOf(movement, rig) ?? []);
  return namedIn(session.title, parts) ?? madeOf(session, parts);
}

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
  push: ['upper chest', 'stretch', 'side delts', 'rear delts', 'long head', 'triceps angles'],
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
