import { COACH } from '../database/migrations';
import type { Store } from '../store/store';
import type { AppraiseJob } from './answer';

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
