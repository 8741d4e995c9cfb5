import { needsOf } from '@drimbo/core/session/needs';
import { Router } from 'express';
import { briefsOf, clientsAsked, clientsPage, namesOf } from '../lists';
import { checked } from '../problem';
import type { Store } from '../store';
import { documentRoutes } from './documents';

/** Clients, the roster with what each needs, and a client's sessions and logged sets. */
export function clientRoutes(store: Store, today: () => string): Router {
  const router = Router();
  router.get('/', async (request, response) => {
    response.json(await clientsPage(store.db, store.clients, checked(clientsAsked, request.query), today()));
  });
  router.get('/names', async (_request, response) => {
    response.json(await namesOf(store.db));
  });
  router.get('/:id/file', async (request, response) => {
    const client = await store.clients.get(request.params.id);
    const briefs = (await briefsOf(store.db, [client.id])).get(client.id)!;
    const logged = await store.logged(client.id);
    response.json({ ...client, sessions: briefs, logged, needs: needsOf(client.document, briefs, today()) });
  });
  router.use(documentRoutes(store.clients));
  return router;
}
