import { speakPlainly } from './issue-words';
import type { ZodType } from 'zod';
import { keptFrom, newestFrom } from './opening';
import type { DocumentRecord } from './record';
import { apartBy } from './splitting';

/** A record with what follows from it. */
export interface Kind<K extends string, T extends object> extends DocumentRecord<K, T> {
  /** The version written today. */
  version: number;
  /** Takes a document of any version within the bounds of today, and gives one of the newest. */
  any: ZodType<T>;
  /** Takes what is kept, of any version, beyond the bounds of today too. */
  kept: ZodType<T>;
  apart: (document: T) => Map<string, unknown>;
  together: (parts: ReadonlyMap<string, unknown>) => T;
}

/**
 * A kind of document out of its record.
 *
 * @example
 * const noteKind = documentKind({
 *   kind: 'note', name: 'note', schema: noteSchema,
 *   steps: [{ name: 'a note has a day', does: (note) => ({ ...note, on: null }) }],
 *   splits: {}, names: { text: 'Text', on: 'Day' }, words: {},
 *   refersTo: () => [], isSingle: false, owner: null,
 * });
 */
export function documentKind<const K extends string, T extends object>(
  record: DocumentRecord<K, T>,
): Kind<K, T> {
  speakPlainly();
  return {
    ...record,
    version: record.steps.length + 1,
    any: newestFrom(record),
    kept: keptFrom(record),
    ...apartBy<T>(record.splits),
  };
}
