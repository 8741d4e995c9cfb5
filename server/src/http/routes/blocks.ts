import { sessionsIn } from '@drimbo/core/block';
import { Router } from 'express';
import { blockBriefs } from '../../queries/block-lists';
import type { Store } from '../../store/store';
import { sendWith } from '../ready-json';
import { documentRoutes } from './documents';

/** Blocks: briefs of all, and one with everything it is judged against. */
export function blockRoutes(store: Store): Router {
  const router = Router();
  router.get('/', async (_request, response) => {
    response.json(await blockBriefs(store.db, null));
  });
  /** A block with its client, the sessions it names and what was logged. Sessions that are gone are left out. */
  router.get('/:id/file', async (request, response) => {
    const block = await store.blocks.get(request.params.id);
    const client = await store.clients.get(block.document.clientId);
    const sessions = (await store.sessions.opened(sessionsIn(block.document))).filter((s) => 'document' in s);
    const logged = await store.loggedJson(client.id, MOST_LOGGED);
    sendWith(response, { block, client, sessions }, { logged });
  });
  router.use(documentRoutes(store.blocks));
  return router;
}

/** Sets of about a year. */
const MOST_LOGGED = 3000;
