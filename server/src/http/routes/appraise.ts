import { Router } from 'express';
import { jobFor } from '../../appraising/job';
import type { Appraising } from '../../appraising/pool';
import type { Store } from '../../store/store';

/** The machine-readable front door. What is kept is read here; all else is done by a thread. */
export function appraiseRoutes(store: Store, appraising: Appraising, today: () => string): Router {
  const router = Router();
  router.post('/', async (request, response) => {
    response.type('json').send(await appraising(await jobFor(store, request.body, today())));
  });
  return router;
}
