import { isDeepStrictEqual } from 'node:util';
import { doneSchema, type Session } from '@drimbo/core/session';
import { daySchema } from '@drimbo/core/units';
import { z } from 'zod';
import type { Stored } from '@drimbo/core/contract';
import { onTop } from '../documents/on-top';
import type { Store } from './store';

/** When a session was done, and how it went. */
export const finishing = z.object({ date: daySchema, done: doneSchema }).strict();

/**
 * Writes that a session is done, and marks the day of the client's block that has it as its own. Sent again it writes
 * nothing again.
 */
export async function finish(
  store: Store,
  id: string,
  { date, done }: z.infer<typeof finishing>,
): Promise<Stored<Session>> {
  const session = await onTop(async () => {
    const stored = await store.sessions.get(id);
    const { revision, document } = stored;
    const finished: Session = { ...document, status: 'finished', date, done };
    if (isDeepStrictEqual(finished, document)) return stored;
    return store.sessions.replace(id, revision, finished);
  });
  const rows = await store.db
    .selectFrom('blocks')
    .select('id')
    .where('client_id', '=', session.document.clientId)
    .where('deleted_at', 'is', null)
    .execute();
  for (const { id: block } of rows)
    await onTop(async () => {
      const [stored] = await store.blocks.opened([block]);
      // One that cannot be read is told where blocks are listed; what was done today does not hang on it.
      if (!stored || !('document' in stored)) return;
      const { revision, document } = stored;
      const made = document.made.map((m) => (m.session === id ? { ...m, on: date } : m));
      if (JSON.stringify(made) === JSON.stringify(document.made)) return;
      await store.blocks.replace(block, revision, { ...document, made });
    });
  return session;
}
