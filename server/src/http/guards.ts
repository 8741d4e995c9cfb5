import type { RequestHandler } from 'express';
import { Problem } from '../problems/problem';

const localNames = new Set(['127.0.0.1', 'localhost', '[::1]']);

/** A host without its port, as names are compared: small letters, no dot at the end. */
const nameOf = (host: string): string => host.replace(/:\d+$/, '').toLowerCase().replace(/\.$/, '');

/**
 * Only requests that were addressed to this machine by its own names or by one of these addresses: another name means
 * a rebound address.
 */
export const allowHosts = (addresses: readonly string[]): RequestHandler => {
  const allowed = new Set([...localNames, ...addresses]);
  return (request, _response, next) => {
    next(
      allowed.has(nameOf(request.headers.host ?? ''))
        ? undefined
        : new Problem(421, 'host', 'This address does not serve Drimbo.'),
    );
  };
};

/** Writes come from our own pages, or from a tool that sends no Origin at all. */
export const sameOriginWrites: RequestHandler = (request, _response, next) => {
  if (request.method === 'GET' || request.method === 'HEAD') {
    next();
    return;
  }
  const { origin, host } = request.headers;
  const foreign =
    (origin !== undefined && origin !== `${request.protocol}://${host}`) ||
    request.headers['sec-fetch-site'] === 'cross-site';
  next(foreign ? new Problem(403, 'origin', 'Writes are taken from this site only.') : undefined);
};

/** What makes work is asked for by our own pages, by hand, or by a tool; a link elsewhere starts nothing. */
export const ownPages: RequestHandler = (request, _response, next) => {
  const site = request.headers['sec-fetch-site'];
  const isForeign = site !== undefined && site !== 'same-origin' && site !== 'none';
  next(
    isForeign ? new Problem(403, 'origin', 'This is asked for from the pages of Drimbo only.') : undefined,
  );
};

/** Half a year, as OWASP's secure headers have it at least. */
const HSTS = 'max-age=15768000';

/**
 * Who came by TLS comes by TLS from now on (RFC 6797). Not said under this machine's own names, which stand for whatever
 * else runs here too.
 */
export const onlyByTls: RequestHandler = (request, response, next) => {
  if (request.secure && !localNames.has(nameOf(request.headers.host ?? '')))
    response.setHeader('Strict-Transport-Security', HSTS);
  next();
};

/** JSON is UTF-8; anything else is refused before it is read. */
export const onlyUtf8: RequestHandler = (request, _response, next) => {
  const charset = /charset\s*=\s*"?([^\s;"]+)/i.exec(request.headers['content-type'] ?? '')?.[1];
  next(
    charset === undefined || /^utf-?8$/i.test(charset)
      ? undefined
      : new Problem(415, 'charset', `Drimbo reads UTF-8; this request says ${charset}.`),
  );
};

/** Answers of the API are of this moment: nobody keeps them. */
export const notKept: RequestHandler = (_request, response, next) => {
  response.setHeader('Cache-Control', 'no-store');
  next();
};

/** A write is acknowledged only while the file it went to is there, before and after. */
export const onlyWhile =
  (there: () => void): RequestHandler =>
  (request, response, next) => {
    if (request.method === 'GET' || request.method === 'HEAD') {
      next();
      return;
    }
    there();
    const json = response.json.bind(response);
    response.json = (body) => {
      if (response.statusCode < 400) there();
      return json(body);
    };
    next();
  };
