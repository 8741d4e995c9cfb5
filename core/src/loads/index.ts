/**
 * From a max to loads on this kit: each set’s load, what it is expected to give, and the way up to it.
 *
 * @example
 * prescribe(task).sets[0]?.kg;                    // null where it is to be found
 * rampSets(choices, 80, 'barbell', true);         // lighter sets before the first
 */
export {
  changesAlong,
  gearOf,
  loadAlong,
  loadCurve,
  type LoadPoint,
  shareLeft,
  tightestOf,
} from './along-the-range';
export { askedSet, expectSet, type KnownLift, type SetAsk, type SetExpected } from './expected';
export { type PercentageOfMax, percentagesOfMax } from './percentages';
export { choicesOf, kgsIn } from './choices';
export { type ChosenLoads, chooseLoads, lineAsked, loadSet, prescriptionOf } from './prescribe';
export type { Beside, LoadedSet, LoadTask, Prescription } from './prescription';
export { type RampSet, rampSets, type RampStyle } from './ramp';
