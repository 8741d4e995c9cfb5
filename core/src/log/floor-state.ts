import type { Measured, MeasuredLine } from '../measure';
import { movementOf, variantOf } from '../movements';
import { leftOut, type Session, type FloorEdit } from '../session';
import { floorSteps, type FloorStep } from './floor';
import type { PerformedSet } from './performed-set';
import type { DoneSet } from './today';

/** How far a session is, from what was done, ticked off and left out. */
export interface FloorState {
  steps: FloorStep[];
  /** Which step is next; as many as there are when nothing is left. */
  at: number;
  /** Sets that were done, that were left out, and that are left, of all there are. */
  done: number;
  leftOut: number;
  open: number;
  /** Lines that have sets left. */
  openLines: string[];
  /** Sets of one place, and of one side where sides are told apart, that were logged more than once. */
  doubles: PerformedSet[][];
}

const placeOf = (s: Pick<PerformedSet, 'lineId' | 'setIndex'>): string => `${s.lineId} ${s.setIndex}`;

/**
 * Where a session is. `measured` is of the session as it is run; `ticked`: ids of steps beside sets that are through. A
 * way up is through once its movement was begun or is left out.
 */
export function floorState(
  measured: Measured,
  session: Session,
  sets: readonly PerformedSet[],
  ticked: readonly string[],
): FloorState {
  const steps = floorSteps(measured);
  const bouts = new Map(measured.lines.map((m) => [m.id, m.sets.length]));
  const out = leftOut(session, (line) => bouts.get(line) ?? 0);
  const done = new Set(sets.map(placeOf));
  const begun = new Set(sets.map((s) => s.lineId));
  const isSetThrough = (id: string): boolean => done.has(id) || out.has(id);
  const isLineThrough = (line: string): boolean =>
    Array.from({ length: bouts.get(line) ?? 0 }, (_, i) => `${line} ${i}`).every(isSetThrough);
  const isThrough = (s: FloorStep): boolean => {
    if (s.is === 'set') return isSetThrough(s.id);
    if (ticked.includes(s.id)) return true;
    return s.is === 'ramp' && (begun.has(s.line.id) || isLineThrough(s.line.id));
  };
  const setSteps = steps.filter((s) => s.is === 'set');
  const places = new Map<string, PerformedSet[]>();
  for (const s of sets) {
    const place = `${placeOf(s)} ${s.side ?? ''}`;
    places.set(place, [...(places.get(place) ?? []), s]);
  }
  const at = steps.findIndex((s) => !isThrough(s));
  return {
    steps,
    at: at === -1 ? steps.length : at,
    done: setSteps.filter((s) => done.has(s.id)).length,
    leftOut: setSteps.filter((s) => !done.has(s.id) && out.has(s.id)).length,
    open: setSteps.filter((s) => !isSetThrough(s.id)).length,
    openLines: measured.lines.map((m) => m.id).filter((line) => !isLineThrough(line)),
    doubles: [...places.values()].filter((list) => list.length > 1),
  };
}

/** What a set was of, where its line is another movement by now, or was when it was planned; null where it is the same. */
export const otherNameOf = (
  set: Pick<PerformedSet, 'movement' | 'rig'>,
  m: Pick<MeasuredLine, 'movement'>,
): string | null =>
  set.movement === m.movement.id ? null : variantOf(movementOf(set.movement), set.rig).name;

/** A performed set as the day's form is read from it. */
export const asDone = (s: PerformedSet): DoneSet => ({
  lineId: s.lineId,
  setIndex: s.setIndex,
  loadKg: s.loadKg,
  reps: s.reps,
  reserve: s.reserve,
  movement: s.movement,
  kind: s.kind,
  ended: s.ended,
  comfort: s.comfort,
  technique: s.technique,
  at: s.at,
});

/**
 * A movement put where the one that is next stands, and behind it where that was begun. `session` is the session as it is
 * run, `line` the id of the movement.
 */
export function toComeNext(
  { steps, at }: Pick<FloorState, 'steps' | 'at'>,
  session: Session,
  sets: readonly Pick<PerformedSet, 'lineId'>[],
  line: string,
): Extract<FloorEdit, { do: 'move' }> {
  const step = steps[at];
  const here = step && step.is !== 'warm-up' ? step.line.id : null;
  if (here === null) return { do: 'move', line, to: 0 };
  const isBegun = sets.some((s) => s.lineId === here);
  return { do: 'move', line, to: placeOfLine(session, here) + (isBegun ? 1 : 0) };
}

/** Where a movement stands among the blocks of a session, to be put there; the end where it does not. */
export function placeOfLine(session: Session, line: string): number {
  const found = session.blocks.findIndex((b) => b.lines.some((l) => l.id === line));
  return found === -1 ? session.blocks.length : found;
}
