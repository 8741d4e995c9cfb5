/**
 * Counting sets by what they train, beside the bands of a school, and what a further one is worth.
 *
 * @example
 * countDose(sets, school, 'chest', 1).groups.chest.fractional;
 * nextSetWorth(6, 4);                             // of the worth of the first, 0 to 1
 */
export { countDose, type CountedSet, DIRECT, type DoseSheet, isHard } from './dose';
export { loggedGroups } from './logged';
export { doseValue, effortWorth, nextSetWorth } from './value';
