/**
 * One model of a set: what a set with this load gives this client, today, as tired as they are; and what a done set says
 * about them. Loads, tiredness, the floor, the weeks ahead and progress ask here and have no rule of their own.
 *
 * @example
 * const training = new Training({ massKg: 80, trainingAge: '1 to 3 years' }, [bench]);
 * training.test(0, { lift: bench.id, movesKg: 90, reps: 5 });
 * const line = { lift: 0, bodyKg: 0, stores: freshStores(), sets };   // four sets of 6–8, leaving 3 down to 1
 * nextLoad(training.belief, line, [75, 77.5, 80], noRun)?.kg;        // the load of this kit that asks least amiss
 */
export { noWatch, type Watch, watched } from './alarm';
export {
  type Able,
  ableAt,
  type Belief,
  beliefBefore,
  copyOfBelief,
  formIndex,
  growthOf,
  type Lifting,
  type MaxBelief,
  maxBelief,
  openDay,
  ownReps,
  passTime,
  zoneOf,
} from './belief';
export {
  type Bounds,
  chooseEach,
  chooseOne,
  inHand,
  isOff,
  type LineAsked,
  type Tried,
  tryLoad,
} from './choosing';
export { atFailure, type Curve, curveOf, usualCurve } from './curve';
export { type Asked, doneOf, missOf, stretchOf } from './doing';
export { type DoneSet, learnCurve, learnFrom, type Surprise } from './evidence';
export { type AskedSet, type Expected, outlook } from './expecting';
export { withLift } from './extending';
export type { Lift } from './lift';
export { normalBelow } from './normal';
export {
  boundsOf,
  lighterLoad,
  lighterSets,
  nextLoad,
  type NextLoad,
  noRun,
  type Run,
  runAfter,
  type Step,
  stepTo,
} from './raising';
export { type DayReading, type Slope, type Standing, standingOf, straightLine, studentT } from './standing';
export {
  amountOf,
  copyOfStores,
  felt,
  freshStores,
  leftAfter,
  lossOf,
  putStores,
  recover,
  type Stores,
  tire,
  type Work,
} from './stores';
export { A_LOT, setModelTable } from './table';
export { biasWeight, leftThought, tellingSd } from './telling';
export { ANY_RANGE, runKey, type TrainedSet } from './record';
export { Training } from './training';
