/**
 * A gym: what is there, what can be made of it, and which of that is nearest to a wish.
 *
 * @example
 * const loads = makeableLoads(kit, movement);   // ascending, kg as the coach says it
 * nearestLoad(loads, 81).load.kg;               // 80 or 82.5
 */
export {
  barUses,
  handsOf,
  type MadeLoad,
  makeableLoads,
  missingFor,
  nearestLoad,
  placeNames,
  stacksAt,
} from './fitting';
export {
  emptyKit,
  type Kit,
  kitSchema,
  metresApart,
  MOST_CHOICES,
  nearestNotch,
  notchesOf,
  pinsOf,
} from './kit';
export { bandPointsText, readAngles, readBandPoints, readSizes, type Size, sizesText } from './lists';
export { usualGym, type UsualGymId, usualGymIds, usualGymWords } from './usual-gyms';
export { beltLoads, plateMoves, type PlateStack } from './plates';
