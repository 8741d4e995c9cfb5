import type { Refused } from '@drimbo/core/contract';
import type { ErrorRequestHandler, Response } from 'express';
import { troubleOf } from '../database/troubles';
import { Problem } from '../problems/problem';

/** Seconds after which a refusal for the moment is worth another try. */
const TRY_AGAIN_S = 1;

function tell(response: Response, problem: Problem): void {
  const { status, code, message, path, current } = problem;
  if (status === 503) response.setHeader('Retry-After', TRY_AGAIN_S);
  const refused: Refused = {
    error: { code, message, path },
    ...(current === undefined ? {} : { current }),
  };
  response.status(status).json(refused);
}

/** What the reading of requests refuses, in words; null for anything else. */
function unread(error: unknown): Problem | null {
  const { status, type } = (error ?? {}) as { status?: unknown; type?: unknown };
  if (type === 'entity.verify.failed')
    return new Problem(400, 'too-deep', 'This request is nested deeper than anything Drimbo takes.');
  if (typeof status !== 'number' || status < 400 || status >= 500) return null;
  return status === 413
    ? new Problem(status, 'too-large', 'This is more than Drimbo takes in one request (1 MB).')
    : new Problem(status, 'unreadable', 'The request is not readable JSON.');
}

const internal = new Problem(
  500,
  'internal',
  'Something went wrong on the server; nothing was changed. Try again.',
);

/** The last handler: problems as they are, anything else as a plain 500. No stack leaves the server. */
export const answerProblems =
  (log: (error: unknown) => void): ErrorRequestHandler =>
  (error: unknown, _request, response, next) => {
    if (response.headersSent) {
      next(error);
      return;
    }
    const known = error instanceof Problem ? error : unread(error);
    if (known) {
      tell(response, known);
      return;
    }
    log(error);
    tell(response, troubleOf(error) ?? internal);
  };
