/**
 * Weeks of training: phases and days in the calendar, what comes between, and what each week gives.
 *
 * @example
 * const block = startBlock('ada', client, wish);
 * placed(block)[0]?.date;                          // where every day falls
 * appraiseBlock(block, context).findings;          // what speaks against the weeks
 */
export { appraiseBlock, type BlockAppraisal, type WeekSheet } from './appraise-block';
export { applyChange } from './changes';
export {
  type LifeEvent,
  lifeKinds,
  MOST_DAYS,
  type Phase,
  phaseAt,
  type Rotation,
  sessionsIn,
  type TrainingBlock,
  trainingBlockSchema,
  type TrainingDay,
  type WeekRule,
  weeksOf,
} from './document';
export { type Due, dueOf, type PlannedDay, plannedIn } from './due';
export { findingsOf } from './judging';
export {
  answerNames,
  answersFor,
  type DayChange,
  dayChanges,
  eventsOf,
  lifeNames,
  lifePreviews,
  sayLife,
  unsayLife,
} from './life';
export { followAgain, frozenSession, madeOf, sessionOfDay } from './making';
export { measureBlock, measureDay } from './measuring';
export type {
  BlockChange,
  BlockContext,
  BlockFinding,
  BlockFix,
  BlockRule,
  MeasuredBlock,
  MeasuredDay,
  ScoreBar,
} from './model';
export { moveDay, moveEveryWeek, splitFrom } from './moving';
export {
  blockContext,
  type BlockExample,
  blockPages,
  chestFirst,
  overheadFirst,
  sampleBlock,
  sound,
} from './pages';
export { endsOn, isShortDay, placed, type PlacedDay } from './placing';
export { blockRemedies } from './remedies';
export { proposedRotations } from './rotating';
export { blockRules } from './rules';
export type { DaySheet, LineSheet } from './sheets';
export { readShortDay, shortDayText } from './short-day';
export { type Split, splits } from './splits';
export { dayOf, emptyBlock, gently, startBlock, weeksFor } from './starting';
export { addDay, canGo, dropDay, nameDay, putOn } from './training-days';
export { lightOf } from './weekly';
export { setsText, weeksText } from './words';
