import { createHash } from 'node:crypto';
import type { RequestHandler } from 'express';
import { whoOf } from '../access/who';
import { Problem } from '../problems/problem';

/** What was answered to a request, with a digest of what it asked. */
interface Answer {
  of: string;
  status: number;
  /** As it was sent; null for an answer without a body. */
  body: string | null;
}

/** So many answers are remembered, the last ones. */
const MOST = 2000;
const KEY = /^[a-z0-9][a-z0-9-]{15,99}$/;

/**
 * A POST that names a key (`Idempotency-Key`) is done once: sent again by the same asker, also while the first is under
 * way, it is answered as the first was. Refused ones are looked at again. Answers live in memory, as those of somebody
 * erased must not lie in a file; what has to outlive a restart is known by ids in the request itself. Throws a 422
 * Problem where the key was another request's.
 */
export function answeredOnce(): RequestHandler {
  const answers = new Map<string, Answer>();
  const underWay = new Map<string, Promise<void>>();
  return async (request, response, next) => {
    const key = request.get('idempotency-key');
    if (request.method !== 'POST' || key === undefined) return next();
    if (!KEY.test(key)) throw new Problem(400, 'invalid', 'This is no key of a request.', 'Idempotency-Key');
    const who = whoOf(response);
    const name = `${who?.is} ${who?.is === 'client' ? who.clientId : ''} ${request.path} ${key}`;
    const asked: unknown = request.is('json') ? request.body : request.originalUrl;
    const of = createHash('sha256').update(JSON.stringify(asked)).digest('base64url');
    await underWay.get(name);
    const known = answers.get(name);
    if (known && known.of !== of)
      throw new Problem(
        422,
        'other-request',
        'This key was sent with another request before.',
        'Idempotency-Key',
      );
    if (known) {
      response.status(known.status);
      if (known.body === null) response.end();
      else response.type('json').send(known.body);
      return;
    }
    let over = (): void => undefined;
    underWay.set(name, new Promise((done) => (over = done)));
    let body: string | null = null;
    const send = response.send.bind(response);
    response.send = (told: unknown) => {
      if (typeof told === 'string') body = told;
      return send(told);
    };
    response.once('close', () => {
      // The connection may be gone by now; what was done is done all the same.
      if (response.statusCode < 400 && (response.writableEnded || body !== null)) {
        answers.set(name, { of, status: response.statusCode, body });
        for (const oldest of answers.keys()) {
          if (answers.size <= MOST) break;
          answers.delete(oldest);
        }
      }
      underWay.delete(name);
      over();
    });
    next();
  };
}
