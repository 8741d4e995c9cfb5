/**
 * What was done: sets as they were performed, the next one, the floor, and what the log says of the weeks to come.
 *
 * @example
 * const set = performed(line, 0, { loadKg: 80, reps: 8, reserve: 2, heldS: null }, nothingSaid);
 * fromHere(measured, done).next.get(line.id);      // the sets it has left, for today
 * floorState(measured, session, sets, []).at;      // which step is next
 */
export { logFromTable } from './csv-log';
export { findingLoad } from './finding-load';
export { asDone, floorState, type FloorState, otherNameOf, placeOfLine, toComeNext } from './floor-state';
export type { FloorStep } from './floor';
export type { DoneSet } from './today';
export { afterList, type KeptSet, type SetList, type TakenAway } from './keeping';
export { needsFromLog } from './needs';
export { fromHere, type FromHere, type NextSet } from './next-set';
export { asksWhy, type Offered, offeredFor } from './offering';
export {
  type Ending,
  endings,
  evidenceOf,
  nothingSaid,
  PAINFUL,
  type PerformedSet,
  performedSetSchema,
  type Said,
  type Technique,
  techniques,
} from './performed-set';
export { corrected, type Figures, kindOf, performed, type Whose } from './performing';
export { type LiftPoint, type LiftProgress, progress, recoveryAlarm, type Standing } from './progress';
export { type Begun, isResting, minutesTrained, sessionDay } from './session-day';
export { fittingRest, minutesLeft, type SoFar } from './time-left';
export { plannedLog, readLog, setsOfLog } from './typed-log';
export { unlikely } from './unlikely';
export { type WeekDone, weeksDone } from './weeks-done';
export { type Proposal, whatNext } from './what-next';
