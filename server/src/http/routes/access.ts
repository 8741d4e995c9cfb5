import { randomUUID } from 'node:crypto';
import { rateLimit } from 'express-rate-limit';
import { Router } from 'express';
import { z } from 'zod';
import { CLIENT, COACH, cookieFor, tokenIn, type Access } from '../../access/gate';
import { hasPasscode, isPasscode, LEAST_LENGTH, setPasscode } from '../../access/passcode';
import { isHere } from '../../access/network';
import { tooOften } from '../../access/too-often';
import { whoOf } from '../../access/who';
import { checked, Problem } from '../../problems/problem';
import type { Store } from '../../store/store';

const QUARTER_MS = 15 * 60_000;
/** Wrong passcodes from one address, and from all together, in a quarter of an hour. */
const TRIES = 5;
const TRIES_OF_ALL = 50;

const WRONG_PASSCODES = 'Too many wrong passcodes. Wait a quarter of an hour.';

const slowed = (limit: number, ofAll: boolean) =>
  rateLimit({
    windowMs: QUARTER_MS,
    limit,
    skipSuccessfulRequests: true,
    legacyHeaders: false,
    handler: tooOften(WRONG_PASSCODES),
    // What others on the network guess does not lock out who sits at the machine.
    ...(ofAll ? { keyGenerator: () => 'all', skip: isHere } : {}),
  });

const newLinkId = (): string => `link-${randomUUID().replaceAll('-', '')}`;

const signingIn = z.object({ passcode: z.string().max(200) }).strict();
const changing = z
  .object({ passcode: z.string().min(LEAST_LENGTH).max(200), now: z.string().max(200).optional() })
  .strict();
const linking = z
  .object({
    /** Made once by whoever asks, so that the same request sent again makes no second link; made here where left out. */
    id: z
      .string()
      .regex(/^link-[a-z0-9]{8,60}$/, 'an id that begins with link-')
      .optional(),
    sessionId: z.string().min(1).max(60),
    days: z.number().int().min(1).max(90),
  })
  .strict();

/** Who is signed in, signing in and out, the passcode, and the links of clients. */
export function accessRoutes(access: Access, store: Store): Router {
  const { folder, links, signIns } = access;
  const router = Router();
  router.get('/', (_request, response) => {
    const who = whoOf(response);
    response.json({
      who: who?.is ?? null,
      isShared: access.isShared,
      ...(who?.is === 'client' ? { expiresAt: who.expiresAt, sessionId: who.sessionId } : {}),
      ...(who?.is === 'coach' ? { addresses: access.addresses, hasPasscode: hasPasscode(folder) } : {}),
    });
  });
  router.post('/sign-in', slowed(TRIES, false), slowed(TRIES_OF_ALL, true), async (request, response) => {
    const { passcode } = checked(signingIn, request.body);
    if (!(await isPasscode(folder, passcode)))
      throw new Problem(401, 'passcode', 'This is not the passcode.');
    response.cookie(COACH, signIns.add(), cookieFor(request));
    response.json({ who: 'coach' });
  });
  router.post('/sign-out', (request, response) => {
    const token = tokenIn(request, COACH);
    if (token !== null) signIns.remove(token);
    response.clearCookie(COACH, cookieFor(request)).clearCookie(CLIENT, cookieFor(request));
    response.status(204).end();
  });
  /** A new passcode; where one is set it has to be given, and everybody signs in anew. */
  router.put('/passcode', slowed(TRIES, false), async (request, response) => {
    const { passcode, now } = checked(changing, request.body);
    if (hasPasscode(folder) && !(await isPasscode(folder, now ?? '')))
      throw new Problem(
        403,
        'passcode',
        'The passcode that is set was not given; nothing was changed.',
        'now',
      );
    await setPasscode(folder, passcode);
    signIns.clear();
    response.cookie(COACH, signIns.add(), cookieFor(request));
    response.status(204).end();
  });
  router.get('/links', async (request, response) => {
    const { client } = checked(z.object({ client: z.string().min(1).max(60) }).strict(), request.query);
    response.json(await links.of(client));
  });
  router.post('/links', async (request, response) => {
    const { id, sessionId, days } = checked(linking, request.body);
    const { document } = await store.sessions.get(sessionId);
    if (document.status === 'draft')
      throw new Problem(
        409,
        'draft',
        'This session is a draft, which a link does not open. Hand it over first.',
        'sessionId',
      );
    const { link, token } = await links.make({
      id: id ?? newLinkId(),
      clientId: document.clientId,
      sessionId,
      days,
    });
    response.status(201).json({ link, path: `/join/${token}` });
  });
  router.delete('/links/:id', async (request, response) => {
    await links.revoke(request.params.id);
    response.status(204).end();
  });
  return router;
}
