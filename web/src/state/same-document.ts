import type { Documents } from '@drimbo/core/formats/opening';
import { mergedAlone } from '@drimbo/core/formats/parts';
import type { DocumentKind } from '@drimbo/core/formats/steps';
import type { ZodType } from 'zod';
import type { Stored } from '../data/queries';

/** Two versions of one document, and how the coach's choice is said. */
export interface Conflicting<T> {
  kind: DocumentKind;
  base: T | null;
  mine: T;
  theirs: Stored<T>;
  settle: (chosen: T) => void;
}

/** Both versions in one where no part was changed twice and the whole is a valid document; null otherwise. */
export function soundMerge<T extends object>(
  kind: DocumentKind,
  schema: ZodType<T>,
  base: T | null,
  mine: T,
  theirs: T,
): T | null {
  type Any = Documents[DocumentKind];
  const both = mergedAlone(kind, base as Any | null, mine as unknown as Any, theirs as unknown as Any);
  return both === null ? null : (schema.safeParse(both).data ?? null);
}

/** Whether two documents of a kind say the same, whatever the order of their keys. */
export const sameBy =
  <T>(schema: ZodType<T>) =>
  (a: T, b: T): boolean =>
    JSON.stringify(schema.parse(a)) === JSON.stringify(schema.parse(b));
