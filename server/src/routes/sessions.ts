import { Router } from 'express';
import { sessionsAsked, sessionsPage } from '../lists';
import { checked } from '../problem';
import type { Store } from '../store';
import { documentRoutes } from './documents';

/** Sessions, a page of briefs at a time. */
export function sessionRoutes(store: Store): Router {
  const router = Router();
  router.get('/', async (request, response) => {
    response.json(await sessionsPage(store.db, checked(sessionsAsked, request.query)));
  });
  router.use(documentRoutes(store.sessions));
  return router;
}
