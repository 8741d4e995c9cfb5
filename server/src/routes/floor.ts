import type { Client } from '@drimbo/core/session/client';
import { statuses, type Session } from '@drimbo/core/session/document';
import type { FloorBrief, FloorFile } from '@drimbo/core/formats/lists';
import { Router, type Response } from 'express';
import { z } from 'zod';
import { whoOf } from '../access/who';
import type { Stored } from '../documents';
import { finish, finishing } from '../finishing';
import { sendWith } from '../ready-json';
import { checked, notFound, Problem } from '../problem';
import { writing } from '../sets';
import type { Store } from '../store';

/** What the floor may change of a session: what is done and in which time, not whose it is or where. */
const changing = z
  .object({
    revision: z.number().int().min(1),
    blocks: z.unknown(),
    minutes: z.unknown(),
    warmup: z.unknown(),
  })
  .strict();

/** A client's facts without what the coach wrote for himself. */
const onThePhone = (client: Client): Client => ({
  ...client,
  about: '',
  likes: '',
  deletedTests: [],
  ratings: [],
  notes: [],
});

/** A session on the gym floor, for the coach and for the client whose it is. */
export function floorRoutes(store: Store, today: () => string): Router {
  const router = Router();

  /** Throws a 404 Problem for a session that is not of whoever asks, as for one that is not there. */
  async function sessionFor(response: Response, id: string): Promise<Stored<Session>> {
    const session = await store.sessions.get(id);
    const who = whoOf(response);
    if (who?.is === 'client' && session.document.clientId !== who.clientId) throw notFound('session');
    return session;
  }

  /** A client's own sessions that are there to be done, and the last that were. */
  router.get('/', async (_request, response) => {
    const who = whoOf(response);
    if (who?.is !== 'client') throw new Problem(400, 'invalid', 'The floor is asked for by a client’s link.');
    const { document: client } = await store.clients.get(who.clientId);
    const rows = await store.db
      .selectFrom('sessions')
      .select(['id', 'title', 'day', 'status_rank'])
      .where('client_id', '=', who.clientId)
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
      .filter((r) => r.id === who.sessionId || (r.status !== 'draft' && !followed.has(r.id)))
      .map((r) => ({ id: r.id, title: r.title, date: r.day || null, isDone: r.status === 'finished' }));
    response.json({ name: client.name, today: today(), expiresAt: who.expiresAt, sessions: briefs });
  });

  /** Everything a session needs to be run without the server from then on. */
  router.get('/:id', async (request, response) => {
    const session = await sessionFor(response, request.params.id);
    const [client, kit, notebooks, schools, logged, sets] = await Promise.all([
      store.clients.get(session.document.clientId),
      store.kits.find(session.document.kitId),
      store.notebooks.list(),
      store.schools.list(),
      store.loggedJson(session.document.clientId),
      store.sets.page({ session: session.id, page: 0, size: 500 }),
    ]);
    if (!kit) throw notFound('gym');
    const file: Omit<FloorFile, 'logged'> = {
      session,
      client: onThePhone(client.document),
      kit: kit.document,
      notebook: notebooks[0]?.document ?? null,
      schools: schools
        .filter((s) => s.id === session.document.school)
        .map((s) => ({ ...s.document, id: s.id })),
      sets,
    };
    sendWith(response, file, { logged });
  });

  router.post('/:id/sets', async (request, response) => {
    const session = await sessionFor(response, request.params.id);
    const { sets } = checked(writing, request.body);
    if (sets.some((s) => s.sessionId !== session.id || s.clientId !== session.document.clientId))
      throw new Problem(400, 'invalid', 'These sets are not of this session.', 'sets');
    response.status(201).json(await store.sets.write({ sets }));
  });

  router.delete('/:id/sets/:set', async (request, response) => {
    const session = await sessionFor(response, request.params.id);
    const { set } = request.params;
    const row = await store.db
      .selectFrom('performed_sets')
      .select('session_id')
      .where('id', '=', set)
      .executeTakeFirst();
    if (row?.session_id !== session.id) throw notFound('set');
    response.json(await store.sets.remove(set));
  });

  router.put('/:id', async (request, response) => {
    const { document, id } = await sessionFor(response, request.params.id);
    const { revision, ...changed } = checked(changing, request.body);
    response.json(await store.sessions.replace(id, revision, { ...document, ...changed }));
  });

  router.post('/:id/finish', async (request, response) => {
    const { id } = await sessionFor(response, request.params.id);
    response.json(await finish(store, id, checked(finishing, request.body)));
  });
  return router;
}
