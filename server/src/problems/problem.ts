import type { ProblemCode } from '@drimbo/core/contract';
import { dayAfter, daysAfter } from '@drimbo/core/units';
import type { ZodError, ZodType } from 'zod';

/** A refusal that the client is told in full: code, sentence, and where in the input. */
export class Problem extends Error {
  constructor(
    readonly status: number,
    readonly code: ProblemCode,
    message: string,
    readonly path: string = '',
    /** For a conflict: what the server holds now. */
    readonly current?: unknown,
  ) {
    super(message);
  }
}

export const notFound = (what: string): Problem =>
  new Problem(404, 'not-found', `There is no ${what} with this id.`);

function fromZod(error: ZodError, at: string): Problem {
  const issue = error.issues[0]!;
  const path = [at, ...issue.path.map(String)].filter(Boolean).join('.');
  return new Problem(400, 'invalid', issue.message, path);
}

/** The input as the schema types it. Throws a 400 that names the first thing wrong and where. */
export function checked<T>(schema: ZodType<T>, input: unknown, at = ''): T {
  const result = schema.safeParse(input);
  if (!result.success) throw fromZod(result.error, at);
  return result.data;
}

/** What was opened. Throws as `checked` does for what could not be. */
export function checkedOver<T>(opened: { document: T } | { error: ZodError }, at = ''): T {
  if ('error' in opened) throw fromZod(opened.error, at);
  return opened.document;
}

/** Refuses days that lie more than a year ahead of today, wherever they stand. */
export function upToAYearAhead(today: string, input: unknown, at = ''): void {
  const found = dayAfter(daysAfter(today, 366), input);
  if (found === null) return;
  const path = at ? `${at}.${found}` : found;
  throw new Problem(400, 'invalid', 'This day lies more than a year ahead.', path);
}
