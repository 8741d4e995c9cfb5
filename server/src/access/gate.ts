import { parseCookie } from 'cookie';
import type { CookieOptions, Request, RequestHandler } from 'express';
import { Problem } from '../problems/problem';
import type { Links } from './links';
import { SIGNED_IN_MS, type SignIns } from './sign-ins';
import { keepWho, type Who } from './who';

/** What the gate needs to know who asks. */
export interface Access {
  /** Served to the local network; on this machine alone whoever sits at it is the coach. */
  isShared: boolean;
  /** Addresses of this machine, beside its own names. */
  addresses: readonly string[];
  /** Names of this machine on the local network. */
  names?: readonly string[];
  /** Where the passcode is kept. */
  folder: string;
  links: Links;
  signIns: SignIns;
}

export const COACH = 'drimbo-coach';
export const CLIENT = 'drimbo-client';

/** Not for scripts, not for other sites; where there is a certificate, never without it. */
export const cookieFor = ({ secure }: Pick<Request, 'secure'>, ms: number = SIGNED_IN_MS): CookieOptions => ({
  httpOnly: true,
  secure,
  sameSite: 'strict',
  path: '/',
  maxAge: ms,
});

export const tokenIn = (request: Request, name: string): string | null =>
  parseCookie(request.headers.cookie ?? '')[name] ?? null;

async function who(request: Request, { isShared, links, signIns }: Access): Promise<Who | null> {
  if (!isShared) return { is: 'coach' };
  const coach = tokenIn(request, COACH);
  if (coach !== null && signIns.has(coach)) return { is: 'coach' };
  const client = tokenIn(request, CLIENT);
  const whose = client === null ? null : await links.whose(client);
  return whose && { is: 'client', ...whose };
}

/** Open to anybody: that a server is there, who is signed in, and signing in. */
const open = new Set(['GET /health', 'GET /access', 'POST /access/sign-in', 'POST /access/sign-out']);

/** Everything is the coach's; a client's link reaches the floor, where each route looks whose the session is. */
export const gate =
  (access: Access): RequestHandler =>
  async (request, response, next) => {
    const asks = await who(request, access);
    keepWho(response, asks);
    const path = request.path.replace(/\/+$/, '');
    const isOpen = open.has(`${request.method} ${path}`);
    if (isOpen || asks?.is === 'coach') return next();
    if (asks === null)
      throw new Problem(401, 'sign-in', 'Sign in with the passcode, or open your link again.');
    if (path === '/floor' || path.startsWith('/floor/')) return next();
    throw new Problem(403, 'not-yours', 'Your link reaches your own sessions only.');
  };
