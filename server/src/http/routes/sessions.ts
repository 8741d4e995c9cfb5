import { Router } from 'express';
import { z } from 'zod';
import { sessionsAsked, sessionsPage } from '../../queries/lists';
import { finish, finishing } from '../../store/finishing';
import { checked } from '../../problems/problem';
import type { Store } from '../../store/store';
import { usesOfOwn } from '../../database/refs';
import { documentRoutes } from './documents';

const ownAsked = z.object({ own: z.string().min(1).max(60) }).strict();

/** Sessions, a page of briefs at a time. */
export function sessionRoutes(store: Store): Router {
  const router = Router();
  router.get('/', async (request, response) => {
    response.json(await sessionsPage(store.db, checked(sessionsAsked, request.query)));
  });
  router.get('/with', async (request, response) => {
    response.json(await usesOfOwn(store.db, checked(ownAsked, request.query).own));
  });
  /** Says that a session is done, and so is the day of a block that has it. Sent again it does no harm. */
  router.post('/:id/finish', async (request, response) => {
    response.json(await finish(store, request.params.id, checked(finishing, request.body)));
  });
  router.use(documentRoutes(store.sessions));
  return router;
}
