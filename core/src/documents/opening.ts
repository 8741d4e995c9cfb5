import { z, ZodError, type ZodType } from 'zod';
import { beyondIn, isNoWorse, type Beyond } from './bounds';
import type { DocumentRecord, Raw } from './record';

/** What bringing a document to its newest version needs to know of its kind. */
type Opened<T extends object> = Pick<DocumentRecord<string, T>, 'name' | 'schema' | 'steps'>;

/** Why a step between two versions cannot be done, and where in the document. */
export class CannotOpen extends Error {
  constructor(
    readonly why: string,
    readonly at: readonly (string | number)[] = [],
  ) {
    super(why);
  }
}

export const isRaw = (value: unknown): value is Raw =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

const refusal = (message: string, path: readonly (string | number)[]): { error: ZodError } => ({
  error: new ZodError([{ code: 'custom', message, path: [...path], input: undefined }]),
});

/**
 * A document of any version brought to the newest, or why it cannot be: it was written by a later Drimbo, or a step
 * could not be done. What is no document at all is given back as it is, for the schema to say what is wrong.
 */
export function broughtUp<T extends object>(
  { name, steps }: Opened<T>,
  document: unknown,
): { document: unknown } | { error: ZodError } {
  if (!isRaw(document)) return { document };
  const [from, newest] = [Number(document.version), steps.length + 1];
  if (!Number.isInteger(from) || from < 1 || from === newest) return { document };
  if (from > newest)
    return refusal(
      `this ${name} is of version ${from}, and this Drimbo knows versions up to ${newest}: open it with a later one`,
      ['version'],
    );
  let found = document;
  for (const [i, step] of steps.entries()) {
    if (i + 1 < from) continue;
    try {
      found = step.does(found);
    } catch (error) {
      if (!(error instanceof CannotOpen)) throw error;
      return refusal(`version ${i + 2} (${step.name}) cannot be made of it: ${error.why}`, error.at);
    }
  }
  return { document: { ...found, version: newest } };
}

/** A document as it is kept: of the newest version, and where it is beyond the bounds of today. */
export type Kept<T> = { document: T; beyond: readonly Beyond[] } | { error: ZodError };

/**
 * Opens a document that was kept, of whatever version. What an earlier version took stays a document: beyond the bounds
 * of today it is read as it is, and told where.
 */
export function openKept<T extends object>(kind: Opened<T>, raw: unknown): Kept<T> {
  const now = broughtUp(kind, raw);
  if ('error' in now) return now;
  const { success, data, error } = kind.schema.safeParse(now.document);
  if (success) return { document: data, beyond: [] };
  const beyond = beyondIn(error, now.document);
  return beyond === null ? { error } : { document: now.document as T, beyond };
}

/**
 * Whether a document may take the place of one that is kept: it is within the bounds, or beyond them nowhere further
 * than the one that is there. So one that is too large can be made smaller step by step.
 */
export function mayReplace<T extends object>(kind: Opened<T>, next: unknown, here: unknown): Kept<T> {
  const opened = openKept(kind, next);
  if ('error' in opened || opened.beyond.length === 0) return opened;
  const before = openKept(kind, here);
  if (!('error' in before) && isNoWorse(opened.beyond, before.beyond)) return opened;
  return { error: kind.schema.safeParse(opened.document).error! };
}

const taking = <T extends object>(open: (raw: unknown) => { document: T } | { error: ZodError }) =>
  z.unknown().transform((raw, context) => {
    const opened = open(raw);
    if ('document' in opened) return opened.document;
    for (const issue of opened.error.issues) context.addIssue({ ...issue, path: [...issue.path] } as never);
    return z.NEVER;
  }) as unknown as ZodType<T>;

/** A schema that takes what is kept, bounds or not. */
export const keptFrom = <T extends object>(kind: Opened<T>): ZodType<T> =>
  taking((raw) => openKept(kind, raw));

/** A schema for documents of any version ever written, within the bounds of today; what comes out is of the newest. */
export const newestFrom = <T extends object>(kind: Opened<T>): ZodType<T> =>
  taking((raw) => {
    const now = broughtUp(kind, raw);
    if ('error' in now) return now;
    const { success, data, error } = kind.schema.safeParse(now.document);
    return success ? { document: data } : { error };
  });
