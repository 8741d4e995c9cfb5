/**
 * Maxes from sets: formulas, ratios between lifts, how sure they are and how they change.
 *
 * @example
 * estimatedMax(80, 8, 2);                        // kg, with two repetitions left
 * maxOf(movement, rig, context).basis;           // from what it is known
 */
export {
  type AskedOfSet,
  askedOfSetSchema,
  atFailureSaid,
  type LiftRecord,
  liftRecordSchema,
  type Logged,
  loggedSchema,
  measuresMax,
} from './evidence';
export {
  estimatedMax,
  estimateError,
  estimateWords,
  type FormulaChoice,
  formulaIds,
  formulaName,
  formulas,
  isRough,
  maxOverLoad,
  MOST_REPS,
  repsAtLoad,
} from './formulas';
export { paceOf, USUAL_REP_S } from './pace';
export { familyShare, inBench, movedShare, OVERHEAD_PER_BENCH, ratioAt, references } from './ratios';
