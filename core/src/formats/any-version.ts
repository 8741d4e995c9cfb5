import { z, type ZodError, type ZodType } from 'zod';
import { beyondIn, isNoWorse, type Beyond } from '../session/bounds';
import { sessionSchema, type Session } from '../session/document';
import { newest, type DocumentKind } from './steps';

/** The schema of a kind for documents of any version ever written; what comes out is of the newest. */
export const fromAny = <T>(kind: DocumentKind, newestSchema: ZodType<T>): ZodType<T> =>
  z.preprocess((raw) => newest(kind, raw), newestSchema);

/** A document as it is kept: of the newest version, and where it is beyond the bounds of today. */
export type Kept<T> = { document: T; beyond: readonly Beyond[] } | { error: ZodError };

/**
 * Opens a document that was kept, of whatever version. What an earlier version took stays a document: beyond the bounds
 * of today it is read as it is, and told where.
 */
export function keptBy<T>(kind: DocumentKind, newestSchema: ZodType<T>, raw: unknown): Kept<T> {
  const now = newest(kind, raw);
  const { success, data, error } = newestSchema.safeParse(now);
  if (success) return { document: data, beyond: [] };
  const beyond = beyondIn(error, now);
  return beyond === null ? { error } : { document: now as T, beyond };
}

/**
 * Whether a document may take the place of one that is kept: it is within the bounds, or beyond them nowhere further
 * than the one that is there. So one that is too large can be made smaller step by step.
 */
export function replacing<T>(
  kind: DocumentKind,
  newestSchema: ZodType<T>,
  next: unknown,
  here: unknown,
): Kept<T> {
  const opened = keptBy(kind, newestSchema, next);
  if ('error' in opened || opened.beyond.length === 0) return opened;
  const before = keptBy(kind, newestSchema, here);
  const isFine = !('error' in before) && isNoWorse(opened.beyond, before.beyond);
  return isFine ? opened : { error: newestSchema.safeParse(newest(kind, next)).error! };
}

/** A schema that takes what is kept, bounds or not. */
export const keptFrom = <T>(kind: DocumentKind, newestSchema: ZodType<T>): ZodType<T> =>
  z.unknown().transform((raw, context) => {
    const opened = keptBy(kind, newestSchema, raw);
    if ('document' in opened) return opened.document;
    for (const { message, path } of opened.error.issues)
      context.addIssue({ code: 'custom', message, path: [...path] });
    return z.NEVER;
  }) as unknown as ZodType<T>;

/** Sessions by themselves: whoever opens one need not know all that can be kept. */
export const anySession: ZodType<Session> = fromAny('session', sessionSchema);
export const keptSession: ZodType<Session> = keptFrom('session', sessionSchema);
