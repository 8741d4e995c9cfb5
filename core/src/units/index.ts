/**
 * Kilograms and pounds, degrees, seconds, days of the calendar, rounding, and lists in words.
 *
 * @example
 * massText(kgFromLb(45), 'lb');          // '45 lb'
 * daysAfter('2026-12-01', 7);             // '2026-12-08'
 */
export { dayAfter, daysAfter, daysBetween, daySchema, isDay, nearestDay, weekdayOf, weekdays } from './dates';
export { evenly } from './evenly';
export { readHeight } from './height';
export {
  fromKg,
  KG_PER_LB,
  kgFromLb,
  markedUnit,
  markText,
  massFigure,
  massRange,
  massText,
  type MassUnit,
  readMass,
  roughMass,
  toKg,
} from './mass';
export { clamp, interpolate, median, roundTo } from './numbers';
export { atOneGo } from './steps';
export { clockText, dayWords, durationWords, parseDuration } from './time';
export { degrees, listed, sentenceList, withArticle } from './words';
