/**
 * The session and its client as documents, set schemes, efforts, and every edit of a session as data.
 *
 * @example
 * const after = applyEdit(session, { do: 'line', line: id, patch: { restS: 90 } });
 * setTargets(linesOf(after)[0]!).length;          // its sets, stages counted
 */
export { asRun, floorEditsOf, leftOut, standing, swapsOf } from './as-run';
export {
  type BodyEntry,
  type BodyMeasure,
  bodyMeasures,
  LAGS,
  lastRatings,
  measureRange,
  withEntry,
} from './body-log';
export {
  type Aim,
  aims,
  type Aside,
  asideSchema,
  type Client,
  clientSchema,
  clientVersion,
  competitions,
  type LimitId,
  limitIds,
  newClient,
  trainingAges,
} from './client';
export {
  type Block,
  type DayKind,
  dayKinds,
  dismissalSchema,
  type Done,
  doneSchema,
  type Emphasis,
  type Line,
  lineSchema,
  linesOf,
  LONGEST_NOTE,
  MOST_BLOCKS,
  MOST_BOUTS,
  MOST_LINES,
  type SchoolId,
  schoolIds,
  type Session,
  sessionSchema,
  statuses,
  type Tempo,
  tempoSchema,
  type WarmupItem,
} from './document';
export { applyEdit, type Edit } from './edits';
export {
  parseReserve,
  parseTempo,
  rangeTime,
  repSeconds,
  reserveText,
  tempoText,
  tempoWords,
} from './effort';
export { groupOfEmphasis } from './emphasis';
export { type FloorChange, floorChangeSchema, type FloorEdit } from './floor-changes';
export {
  answered,
  askedOn,
  type Health,
  healthQuestionIds,
  healthQuestions,
  healthScreen,
  mustAskFirst,
  neverAsked,
  unansweredBy,
  yesTo,
} from './health';
export { homesOf } from './homes';
export { dayKindNames, kindOf, type Owed, owes } from './kinds';
export { inOrder, type Need, needsOf, type SessionBrief } from './needs';
export {
  parseScheme,
  promisedReps,
  type RepRange,
  type Scheme,
  type SchemeKind,
  schemeText,
  schemeWords,
  setCountOf,
  type SetTarget,
  setTargets,
  turnedInto,
  withSetCount,
} from './schemes';
export { moduleOf, schemeKinds, schemeModules } from './schemes/all';
export { COUNTS_FURTHER, readReps, repRangeSchema, repsText, type SchemeField } from './schemes/model';
export { becoming, emptySession, singleBlock, startedFor } from './starting';
export { filledUp, missingParts, partOf } from './warming';
