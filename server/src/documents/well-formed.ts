import { nulIn, tooDeep } from '@drimbo/core/formats';
import type { RequestHandler } from 'express';
import { Problem } from '../problems/problem';

const nul = (path: string): Problem =>
  new Problem(400, 'invalid', 'There is a NUL in this text, which no text of yours has. Take it out.', path);

/** No address has a NUL in it. */
export const noNul: RequestHandler = (request, _response, next) => {
  next(/%00/.test(request.originalUrl) ? nul('') : undefined);
};

/**
 * Looks at a body before it is read: what is nested to exhaust whoever walks it goes no further. Throws an Error, which
 * is answered as any body that cannot be read.
 */
export function notTooDeep(_request: unknown, _response: unknown, bytes: Buffer): void {
  if (tooDeep(bytes.toString('latin1')) !== null) throw new Error('nested too deep');
}

/** Every text of a body is whole. */
export const wholeTexts: RequestHandler = (request, _response, next) => {
  const at = nulIn(request.body);
  next(at === null ? undefined : nul(at));
};
