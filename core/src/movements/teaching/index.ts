/**
 * What is taught of each movement: cues, faults, when to choose it. A book of its own, opened when somebody reads in it.
 *
 * @example
 * cueList(teachingOf(movement, rig).cues);  // sentences, the set-up first
 */
export { teachingOf } from './book';
export { cueList } from './cues';
export { ownFrom } from './own-from';
