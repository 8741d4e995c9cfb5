/**
 * The catalogue: movements, the names they go by, how they can be set up, and what a coach makes of them.
 *
 * @example
 * const { movement, rig } = findEntry('incline-dumbbell-press')!;
 * fullRig(movement, rig).benchDeg;         // its angle, degrees
 * searchEntries('db incline')[0]?.entry;    // found by its words
 */
export { attachmentNames, attachments } from './attachments';
export { entries, findEntry, findMovement, movementOf, movements } from './catalogue';
export { faults } from './faults';
export {
  type AtHome,
  type BorrowedRatio,
  type Caution,
  type Cues,
  type Entry,
  type FamilyId,
  familyIds,
  familyNames,
  type HardWhere,
  type Implement,
  type KnobFactor,
  type Limiter,
  type LimitId,
  type Movement,
  type Pattern,
  type ReferenceLift,
  type Teaching,
  type WarmupPart,
  warmupParts,
} from './model';
export { wordMatch, wordsOf } from './name-words';
export {
  bringKeptBack,
  deleteKept,
  keepOwn,
  keepTemplate,
  type NotebookChange,
  setCues,
  setOffered,
} from './notebook-changes';
export {
  allEntries,
  canComeBack,
  clientCuesSchema,
  DELETED_DAYS,
  dress,
  emptyNotebook,
  entryIn,
  findOwn,
  type Notebook,
  notebookSchema,
  offeredEntries,
  type OwnMovement,
  ownMovementSchema,
  pinsSchema,
  type Template,
  goneId,
} from './notebook';
export {
  type ChoiceKnob,
  choiceKnobs,
  choiceWords,
  type NumericKnob,
  numericKnobs,
  pulleyWord,
  type Rig,
  rigSchema,
  rigWords,
} from './rig';
export { indexOf, type Match, searchEntries } from './search';
export {
  anchoredCredits,
  atHome,
  fullRig,
  knobFactor,
  meantAt,
  movementName,
  perHandWords,
  variantOf,
} from './settings';
