import {
  clientOnFloor,
  type FloorBrief,
  type FloorFile,
  type FloorNews,
  notebookOnFloor,
  schoolOnFloor,
  sessionOnFloor,
} from '@drimbo/core/formats';
import { floorChangeSchema, type Session, statuses } from '@drimbo/core/session';
import { Router, type Response } from 'express';
import { z } from 'zod';
import { whoOf } from '../../access/who';
import { changeOnFloor } from '../../store/changing';
import type { Stored } from '@drimbo/core/contract';
import { finish, finishing } from '../../store/finishing';
import { sendWith } from '../ready-json';
import { checked, notFound, Problem } from '../../problems/problem';
import { writing } from '../../queries/sets';
import type { Store } from '../../store/store';

const changing = z.object({ change: floorChangeSchema }).strict();
const since = z
  .object({
    house: z.string().max(60),
    at: z.coerce.number().int().min(0),
    revision: z.coerce.number().int().min(0),
  })
  .strict();

const told = ({ id, revision, document }: Stored<Session>): FloorFile['session'] => ({
  id,
  revision,
  document: sessionOnFloor(document),
});

/**
 * A session on the gym floor, for the coach and for the client whose it is. A client logs, corrects and leaves out sets
 * of a session that was handed over; once it is finished what was done stays as it is.
 */
export function floorRoutes(store: Store, today: () => string): Router {
  const router = Router();
  const isClient = (response: Response): boolean => whoOf(response)?.is === 'client';

  /**
   * Throws a 404 Problem for a session that is not of whoever asks, as for one that is not there; to a client a draft is
   * none either.
   */
  async function sessionFor(response: Response, id: string): Promise<Stored<Session>> {
    const session = await store.sessions.get(id);
    const who = whoOf(response);
    const { clientId, status } = session.document;
    if (who?.is === 'client' && (clientId !== who.clientId || status === 'draft')) throw notFound('session');
    return session;
  }

  /** Throws a 403 Problem to a client where the session is finished: what was done is the coach's to change by then. */
  function stillOpen(response: Response, { document }: Stored<Session>): void {
    if (isClient(response) && document.status === 'finished')
      throw new Problem(
        403,
        'finished',
        'This session is finished. Tell your coach what should be another way.',
      );
  }

  /** A client's own sessions that were handed over, and the last that were done. */
  router.get('/', async (_request, response) => {
    const who = whoOf(response);
    if (who?.is !== 'client') throw new Problem(400, 'invalid', 'The floor is asked for by a client’s link.');
    const { document: client } = await store.clients.get(who.clientId);
    const rows = await store.db
      .selectFrom('sessions')
      .select(['id', 'title', 'day', 'status_rank'])
      .where('client_id', '=', who.clientId)
      .where('status_rank', '>', statuses.indexOf('draft'))
      .where('deleted_at', 'is', null)
      .orderBy('day', 'desc')
      .limit(60)
      .execute();
    // A session the weeks of a block follow is not run itself: its days have sessions of their own.
    const blocks = await store.db
      .selectFrom('blocks')
      .select('id')
      .where('client_id', '=', who.clientId)
      .where('deleted_at', 'is', null)
      .execute();
    const opened = await store.blocks.opened(blocks.map((b) => b.id));
    const followed = new Set(
      opened.flatMap((b) =>
        'document' in b
          ? b.document.days.flatMap(({ does }) => (does.is === 'session' ? [does.session] : []))
          : [],
      ),
    );
    const briefs: FloorBrief[] = rows
      .map((r) => ({ ...r, status: statuses[r.status_rank] }))
      .filter((r) => r.id === who.sessionId || !followed.has(r.id))
      .map((r) => ({ id: r.id, title: r.title, date: r.day || null, isDone: r.status === 'finished' }));
    response.json({ name: client.name, today: today(), expiresAt: who.expiresAt, sessions: briefs });
  });

  /** Everything a session needs to be run without the server from then on. */
  router.get('/:id', async (request, response) => {
    const session = await sessionFor(response, request.params.id);
    const { clientId, kitId, school } = session.document;
    const [client, kit, notebook, schools, logged, list] = await Promise.all([
      store.clients.get(clientId),
      store.kits.find(kitId),
      store.notebook(),
      store.ownSchools(),
      store.loggedJson(clientId, undefined, session.id),
      store.sets.listOf(session.id),
    ]);
    if (!kit) throw notFound('gym');
    const file: Omit<FloorFile, 'logged'> = {
      ...list,
      session: told(session),
      client: clientOnFloor(client.document),
      kit: kit.document,
      notebook: notebook && notebookOnFloor(notebook, session.document),
      schools: schools.filter((s) => s.id === school).map(schoolOnFloor),
    };
    sendWith(response, file, { logged });
  });

  /** What is another way by now than when a list was read: asked every few seconds, answered with as little as can be. */
  router.get('/:id/news', async (request, response) => {
    const session = await sessionFor(response, request.params.id);
    const { house, at, revision } = checked(since, request.query);
    const clock = await store.sets.clock(session.id);
    const isSame = clock.house === house && clock.at === at;
    const list = isSame ? { ...clock, sets: null } : await store.sets.listOf(session.id);
    const news: FloorNews = { ...list, session: session.revision === revision ? null : told(session) };
    response.json(news);
  });

  router.post('/:id/sets', async (request, response) => {
    const session = await sessionFor(response, request.params.id);
    const { removes } = checked(writing, request.body);
    if (removes.length > 0) stillOpen(response, session);
    const whose = { sessionId: session.id, clientId: session.document.clientId };
    response.status(201).json(await store.sets.write(request.body, whose));
  });

  router.delete('/:id/sets/:set', async (request, response) => {
    const session = await sessionFor(response, request.params.id);
    stillOpen(response, session);
    await store.sets.remove(request.params.set, session.id);
    response.status(204).end();
  });

  router.post('/:id/changes', async (request, response) => {
    const session = await sessionFor(response, request.params.id);
    stillOpen(response, session);
    const { change } = checked(changing, request.body);
    response.json(told(await changeOnFloor(store, session.id, change)));
  });

  router.post('/:id/finish', async (request, response) => {
    const session = await sessionFor(response, request.params.id);
    // Two phones may both finish: what the first said stands, and only the coach says otherwise.
    if (isClient(response) && session.document.status === 'finished') {
      response.json(told(session));
      return;
    }
    response.json(told(await finish(store, session.id, checked(finishing, request.body))));
  });
  return router;
}
