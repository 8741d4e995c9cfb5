/**
 * What leaves the house and comes back: sheets, reports, calendars, tables, schemas, what a phone is given.
 *
 * @example
 * makeSheet(session, appraisal, context).blocks;
 * readCalendar(text, '2026-12-01', '2027-03-01').entries;
 */
export { byTitle, type CalendarEntry, type CalendarRead, readBack, readCalendar } from './calendar-reading';
export { type CalendarBlock, dayOfUid, writeCalendar } from './calendar';
export { cuesFor } from './cues';
export {
  clientOnFloor,
  type FloorFile,
  type FloorNews,
  notebookOnFloor,
  schoolOnFloor,
  sessionOnFloor,
} from './floor-file';
export {
  entryAt,
  type House,
  HOUSE_FILE,
  type HouseEntry,
  houseSchema,
  pathOf,
  sessionTextPath,
  setsPath,
} from './house';
export type {
  AccessState,
  BlockBrief,
  ClientBrief,
  ClientLink,
  Deleted,
  FloorBrief,
  FloorList,
  Found,
  Page,
  SessionListed,
  Unreadable,
} from './lists';
export { loadText } from './load-words';
export type { Plan, PlannedFile, Wrong } from './plan';
export { makeReport } from './report';
export { jsonSchemas } from './schemas';
export { cellsOfSet, neededInHeader, setOfCells, setsHeader } from './sets-table';
export { makeSheet, type Sheet, type SheetLine, stopSigns } from './sheet';
export { fromTemplate, sessionIn, templateOf } from './templates';
export { nulIn, tooDeep } from './well-formed';
