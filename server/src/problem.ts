import type { ErrorRequestHandler } from 'express';
import type { ZodError, ZodType } from 'zod';

/** A refusal that the client is told in full: code, sentence, and where in the input. */
export class Problem extends Error {
  constructor(
    readonly status: number,
    readonly code: string,
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

/** The last handler: problems as they are, anything else as a plain 500. No stack leaves the server. */
export const answerProblems =
  (log: (error: unknown) => void): ErrorRequestHandler =>
  (error: unknown, _request, response, next) => {
    if (response.headersSent) {
      next(error);
      return;
    }
    const status = (error as { status?: unknown }).status;
    if (error instanceof Problem) {
      response.status(error.status).json({
        error: { code: error.code, message: error.message, path: error.path },
        ...(error.current === undefined ? {} : { current: error.current }),
      });
    } else if (typeof status === 'number' && status >= 400 && status < 500) {
      const tooLarge = status === 413;
      response.status(status).json({
        error: {
          code: tooLarge ? 'too-large' : 'unreadable',
          message: tooLarge
            ? 'This is more than Drimbo takes in one request (1 MB).'
            : 'The request is not readable JSON.',
          path: '',
        },
      });
    } else {
      log(error);
      response.status(500).json({
        error: {
          code: 'internal',
          message: 'Something went wrong on the server; nothing was changed. Try again.',
          path: '',
        },
      });
    }
  };
