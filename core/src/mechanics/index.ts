/**
 * From a movement set up on a body to forces, torques over the range, and shares per region. A model’s estimate.
 *
 * @example
 * const work = workOf(movement, rig, { statureM: 1.75, massKg: 80 }, 60);
 * work?.points[0]?.shoulderNm;                   // N·m where it is stretched
 * creditsOf(movement, rig).pecUpper;             // of a set, 0 to 1
 */
export { type Eye, type FigureBody, type FrontBody, seenBy } from './body-figure';
export { type CreditMove, creditsOf, type CreditSum, creditSums } from './credits';
export { type Effort, type EffortLevel, type Efforts, effortsOf, effortValues, levelOf } from './effort';
export { type Figure, figureOf, figureWords, type Moment } from './figure';
export { GRAVITY } from './gravity';
export {
  addedKg,
  type Gear,
  landmineBar,
  landmineLever,
  leverForce,
  usualGear,
} from './loads/changing-loads';
export { sayingEachHand } from './loads/hand-force';
export { armPath } from './paths/arm-path';
export { type Pull, pullsOf } from './pulls';
export { shoulderHeight, standOf, upOf } from './stands';
export { strengthAlong, type StrengthPoint } from './strength-along';
export { allLimits } from './told';
export { dot, type Vec } from './vector';
export { type PerRegion, type Work, workOf } from './work';
