/**
 * Documents: what is kept, of any kind. Each kind is one record (kinds/): its schema, the steps between versions, the
 * parts that merge, their names, what it points to. From it follow opening, merging, changes and undo.
 *
 * @example
 * const opened = openKept(clientKind, JSON.parse(text));     // of any version
 * if ('error' in opened) throw opened.error;
 * const { start, commit, undo } = historyOf(changesOf(clientKind));
 * const history = commit(start(opened.document), { ...opened.document, minutes: 50 }, 'Minutes');
 * undo(history).present.minutes;                              // as it was
 */
export { documentKinds, kindOfDocument, kinds, type DocumentKind, type Documents } from './all';
export { bothOf, eachOf } from './changed-together';
export { changesOf, refusal, type Algebra, type Change, type Turn } from './changes';
export { historyOf, type History, type HistoryOf, type HistoryStep } from './history';
export { documentKind, type Kind } from './kind';
export { blockKind } from './kinds/block';
export { clientKind } from './kinds/client';
export { kitKind } from './kinds/kit';
export { notebookKind } from './kinds/notebook';
export { schoolKind } from './kinds/school';
export { sessionKind } from './kinds/session';
export { differing, merged, mergedAlone, type Part } from './merging';
export { broughtUp, CannotOpen, mayReplace, openKept, type Kept } from './opening';
export { partName, partText } from './part-words';
export type { DocumentRecord, FieldNames, Pointed, Raw, Reference, Step } from './record';
