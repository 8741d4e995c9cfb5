import { briefOf, needsOf } from '@drimbo/core/session/needs';
import { Router } from 'express';
import type { Store } from '../store';
import { documentRoutes } from './documents';

/** Clients, the roster with what each needs, and a client's sessions and logged sets. */
export function clientRoutes(store: Store, today: () => string): Router {
  const router = Router();
  router.get('/', async (_request, response) => {
    const [clients, sessions] = await Promise.all([store.clients.list(), store.sessions.list()]);
    const roster = clients.map((c) => {
      const briefs = sessions
        .filter((s) => s.document.clientId === c.id)
        .map((s) => briefOf(s.id, s.document));
      return { ...c, sessions: briefs, needs: needsOf(c.document, briefs, today()) };
    });
    roster.sort((a, b) => a.document.name.localeCompare(b.document.name));
    response.json(roster);
  });
  router.get('/:id/file', async (request, response) => {
    const client = await store.clients.get(request.params.id);
    const [sessions, logged] = await Promise.all([store.sessions.list(client.id), store.logged(client.id)]);
    const briefs = sessions.map((s) => briefOf(s.id, s.document));
    response.json({ ...client, sessions: briefs, logged, needs: needsOf(client.document, briefs, today()) });
  });
  router.use(documentRoutes(store.clients));
  return router;
}
