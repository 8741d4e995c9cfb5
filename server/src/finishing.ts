import type { Session } from '@drimbo/core/session/document';
import { doneSchema } from '@drimbo/core/session/document';
import { daySchema } from '@drimbo/core/units/dates';
import { z } from 'zod';
import type { Stored } from './documents';
import { Problem } from './problem';
import type { Store } from './store';

/** When a session was done, and how it went. */
export const finishing = z.object({ date: daySchema, done: doneSchema }).strict();

/** A write that meets another one is done again on top of it, so often. */
const TRIES = 4;

async function onTop<T>(write: () => Promise<T>): Promise<T> {
  for (let turn = 1; ; turn += 1)
    try {
      return await write();
    } catch (error) {
      if (!(error instanceof Problem) || error.status !== 409 || turn >= TRIES) throw error;
    }
}

/** Writes that a session is done, and marks the day of the client's block that has it as its own. */
export async function finish(
  store: Store,
  id: string,
  { date, done }: z.infer<typeof finishing>,
): Promise<Stored<Session>> {
  const session = await onTop(async () => {
    const { revision, document } = await store.sessions.get(id);
    return store.sessions.replace(id, revision, { ...document, status: 'finished', date, done });
  });
  const rows = await store.db
    .selectFrom('blocks')
    .select('id')
    .where('client_id', '=', session.document.clientId)
    .where('deleted_at', 'is', null)
    .execute();
  for (const { id: block } of rows)
    await onTop(async () => {
      const { revision, document } = await store.blocks.get(block);
      const made = document.made.map((m) => (m.session === id ? { ...m, on: date } : m));
      if (JSON.stringify(made) === JSON.stringify(document.made)) return;
      await store.blocks.replace(block, revision, { ...document, made });
    });
  return session;
}
