/**
 * One movement or another: limits and what is kinder, swaps, cuts, another gym, less time.
 *
 * @example
 * sameJob(line, context, wish)[0]?.entry.name;     // does the same work
 * shortened(session, context, 45);                // an edit, or null where nothing can go
 */
export { type Adaptation, adaptations, adapted } from './adapting';
export { shortages } from './at-once';
export { type AtNotch, atNotches, bestNotch, sweepCatalogue } from './best-notch';
export { type Complement, differentJob } from './complements';
export { cutsOf, isForWeakPoint, isOnlyOne } from './cuts';
export { elsewhere } from './elsewhere';
export { filterEntries, mainRegions } from './filters';
export { hardnessOf } from './hard';
export {
  bringsUnkind,
  isKinder,
  kindEntries,
  type Kindness,
  kindnessOf,
  kindSettings,
  turnedWords,
  turnWords,
} from './kindness';
export { cautionFor, cautionsOf, doingOf, limitsMet, metBy } from './limits';
export { keepsLimits, otherwise, swapWords } from './otherwise';
export { type Job, overlap, sameHardness, sameLineOfWork, sameRegions, sameReps } from './overlap';
export { setValues } from './set-values';
export { isWork, setsShared } from './sets-shared';
export { type Fitted, cutDown, fitting, shortened, shortening } from './shortening';
export { soFar } from './so-far';
export { type Change, changeBy, jobOf, jobOfEntry, sameJob, type Swap, type SwapWish } from './swaps';
export { weightsIn } from './worth';
export { usualness } from './usual';
export { usualDay } from './usual-day';
