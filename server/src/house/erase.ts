import { sql, type Kysely } from 'kysely';
import { GOING, KEPT_DAYS } from '../database/deleted';
import type { Tables } from '../database/tables';
import { notFound } from '../problems/problem';

/** So many logged sets go at a time, so that nobody who writes waits long. */
const PORTION = 500;

async function takeSets(db: Kysely<Tables>, of: 'client_id' | 'session_id', id: string): Promise<void> {
  for (;;) {
    const { numAffectedRows } = await sql`
      delete from performed_sets where rowid in
        (select rowid from performed_sets where ${sql.ref(of)} = ${id} limit ${PORTION})`.execute(db);
    if (Number(numAffectedRows ?? 0) < PORTION) return;
  }
}

/**
 * Takes a client away for good, deleted before or not: facts, sessions, blocks, links and logged sets. Ended half way it
 * is in no list, and the rest goes with `forgetDeleted`. Throws a 404 Problem for none.
 */
export async function eraseClient(db: Kysely<Tables>, id: string): Promise<void> {
  await db.transaction().execute(async (whole) => {
    const { numUpdatedRows } = await whole
      .updateTable('clients')
      .set({ deleted_at: GOING })
      .where('id', '=', id)
      .executeTakeFirst();
    if (numUpdatedRows === 0n) throw notFound('client');
    for (const table of ['sessions', 'blocks'] as const)
      await whole.updateTable(table).set({ deleted_at: GOING }).where('client_id', '=', id).execute();
  });
  await takeSets(db, 'client_id', id);
  await db.deleteFrom('clients').where('id', '=', id).execute();
}

async function eraseSession(db: Kysely<Tables>, id: string): Promise<void> {
  await takeSets(db, 'session_id', id);
  await db.deleteFrom('sessions').where('id', '=', id).execute();
}

/**
 * Takes away for good what was deleted so long ago; a client's sessions and logged sets go along. True where anything
 * went, of which the file keeps traces until it is written anew.
 */
export async function forgetDeleted(db: Kysely<Tables>, now = new Date()): Promise<boolean> {
  const before = new Date(now.getTime() - KEPT_DAYS * 86_400_000).toISOString();
  const outlived = async (table: 'sessions' | 'blocks' | 'clients' | 'kits' | 'schools') =>
    (await db.selectFrom(table).select('id').where('deleted_at', '<', before).execute()).map(({ id }) => id);
  const clients = await outlived('clients');
  for (const id of clients) await eraseClient(db, id);
  const sessions = await outlived('sessions');
  for (const id of sessions) await eraseSession(db, id);
  let others = 0;
  for (const table of ['blocks', 'kits', 'schools'] as const) {
    const ids = await outlived(table);
    others += ids.length;
    if (ids.length > 0) await db.deleteFrom(table).where('id', 'in', ids).execute();
  }
  return clients.length + sessions.length + others > 0;
}
