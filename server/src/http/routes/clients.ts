import { needsOf } from '@drimbo/core/session';
import { Router } from 'express';
import { z } from 'zod';
import type { LongWork } from '../../house/long-work';
import { blockBriefs, plannedFor } from '../../queries/block-lists';
import { tornOf } from '../../queries/logged';
import { sendWith } from '../ready-json';
import { lookingBack } from '../../store/looking-back';
import { briefsOf, clientsAsked, clientsPage, namesOf } from '../../queries/lists';
import { checked, notFound, Problem } from '../../problems/problem';
import type { Store } from '../../store/store';
import { documentRoutes } from './documents';

/** Clients, the roster with what each needs, and a client's sessions and logged sets. */
export function clientRoutes(store: Store, today: () => string, work?: LongWork): Router {
  const router = Router();
  const fromLog = lookingBack(store, today);
  router.get('/', async (request, response) => {
    response.json(await clientsPage(store.db, store.clients, checked(clientsAsked, request.query), today()));
  });
  router.get('/names', async (_request, response) => {
    response.json(await namesOf(store.db));
  });
  router.get('/:id/file', async (request, response) => {
    const client = await store.clients.get(request.params.id);
    const briefs = (await briefsOf(store.db, [client.id])).get(client.id)!;
    const logged = await store.loggedJson(client.id);
    const blocks = await blockBriefs(store.db, client.id);
    const planned = await plannedFor(store.db, client.id, today());
    const needs = needsOf(client.document, briefs, today());
    const torn = await tornOf(store.db, client.id);
    sendWith(response, { ...client, sessions: briefs, blocks, planned, needs, torn }, { logged });
  });
  /** What the log of a client asks of the coach. */
  router.get('/:id/from-log', async (request, response) => {
    response.json(await fromLog(request.params.id));
  });
  /** Takes a client away for good, one that was deleted too; the name says that this one is meant. */
  router.post('/:id/erase', async (request, response) => {
    const { name } = checked(z.object({ name: z.string() }).strict(), request.body);
    const row = await store.db
      .selectFrom('clients')
      .select(['id', 'name'])
      .where('id', '=', request.params.id)
      .executeTakeFirst();
    if (!row) throw notFound('client');
    if (name !== row.name)
      throw new Problem(400, 'invalid', 'The name is not that of the client; nothing was erased.', 'name');
    response.json(await work!.erase(row.id));
  });
  router.use(documentRoutes(store.clients));
  return router;
}
