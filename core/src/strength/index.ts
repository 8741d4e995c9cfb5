/**
 * Maxes from sets: formulas, ratios between lifts, how sure they are and how they change.
 *
 * @example
 * estimatedMax(80, 8, 2);                        // kg, with two repetitions left
 * maxOf(movement, rig, context).basis;           // from what it is known
 */
export {
  A_LOT,
  type LiftRecord,
  liftRecordSchema,
  type Logged,
  loggedSchema,
  type MaxRecord,
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
export { ahead, type Ahead, levelSlope, type LevelSlope, type Reading, smoothed } from './level-slope';
export { dayReadings, type MaxEstimate, maxOf } from './max';
export { paceOf, USUAL_REP_S } from './pace';
export { familyShare, movedShare, OVERHEAD_PER_BENCH, ratioAt, references } from './ratios';
export { maxTrend, type TrendPoint } from './trend';
