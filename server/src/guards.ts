import type { RequestHandler } from 'express';
import { Problem } from './problem';

const localNames = new Set(['127.0.0.1', 'localhost', '[::1]']);

const nameOf = (host: string): string => host.replace(/:\d+$/, '');

/** Only requests that were addressed to this machine by name: another name means a rebound address. */
export const allowHosts: RequestHandler = (request, _response, next) => {
  const host = request.headers.host ?? '';
  next(
    localNames.has(nameOf(host))
      ? undefined
      : new Problem(421, 'host', 'This address does not serve Drimbo.'),
  );
};

/** Writes come from our own pages, or from a tool that sends no Origin at all. */
export const sameOriginWrites: RequestHandler = (request, _response, next) => {
  if (request.method === 'GET' || request.method === 'HEAD') {
    next();
    return;
  }
  const { origin, host } = request.headers;
  const foreign =
    (origin !== undefined && origin !== `http://${host}`) ||
    request.headers['sec-fetch-site'] === 'cross-site';
  next(foreign ? new Problem(403, 'origin', 'Writes are taken from this site only.') : undefined);
};
