import { Router } from 'express';
import type { AppraiseJob } from '../appraising/answer';
import type { Appraising } from '../appraising/pool';
import { COACH } from '../database/migrations';
import type { Store } from '../store';

const field = (value: unknown, key: string): unknown =>
  typeof value === 'object' && value !== null ? (value as Record<string, unknown>)[key] : undefined;

/** The id a request gives for a stored document: by name, or through the session; null when sent inline. */
function namedIn(body: unknown, key: 'client' | 'kit'): string | null {
  const named = field(body, key) ?? field(field(body, 'session'), `${key}Id`);
  return typeof named === 'string' ? named : null;
}

/** A request with everything it names, ready for a thread. */
export async function jobFor(store: Store, body: unknown, today: string): Promise<AppraiseJob> {
  const [client, kit] = [namedIn(body, 'client'), namedIn(body, 'kit')];
  return {
    body,
    client: client === null ? null : await store.clients.text(client),
    kit: kit === null ? null : await store.kits.text(kit),
    notebook: (await store.notebooks.text(COACH))!,
    schools: JSON.stringify(await store.ownSchools()),
    logged: client === null ? '[]' : await store.loggedJson(client),
    today,
  };
}

/** The machine-readable front door. What is kept is read here; all else is done by a thread. */
export function appraiseRoutes(store: Store, appraising: Appraising, today: () => string): Router {
  const router = Router();
  router.post('/', async (request, response) => {
    response.type('json').send(await appraising(await jobFor(store, request.body, today())));
  });
  return router;
}
