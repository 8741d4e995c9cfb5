import { Router } from 'express';
import { checked } from '../../problems/problem';
import { setsAsked, type Sets } from '../../queries/sets';

/** Logged sets: GET those of a client or a session, POST some, DELETE one. */
export function setRoutes(sets: Sets): Router {
  const router = Router();
  router.get('/', async (request, response) => {
    response.json(await sets.page(checked(setsAsked, request.query)));
  });
  router.post('/', async (request, response) => {
    response.status(201).json(await sets.write(request.body));
  });
  router.delete('/:id', async (request, response) => {
    await sets.remove(request.params.id);
    response.status(204).end();
  });
  return router;
}
