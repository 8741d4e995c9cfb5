import { sql, type Kysely } from 'kysely';
import type { Tables } from '../database/tables';
import { notFound } from '../problem';

/**
 * Takes a client away for good: facts, sessions and logged sets, out of the file and its journal too. Throws a
 * 404 Problem for none. Backups made before still hold the client.
 */
export async function eraseClient(db: Kysely<Tables>, id: string): Promise<void> {
  await db.transaction().execute(async (whole) => {
    await whole.deleteFrom('performed_sets').where('client_id', '=', id).execute();
    await whole.deleteFrom('blocks').where('client_id', '=', id).execute();
    await whole.deleteFrom('sessions').where('client_id', '=', id).execute();
    const { numDeletedRows } = await whole.deleteFrom('clients').where('id', '=', id).executeTakeFirst();
    if (numDeletedRows === 0n) throw notFound('client');
  });
  // A page keeps traces of rows that once lay on it; the file is written anew without them.
  await sql`vacuum`.execute(db);
  await sql`pragma wal_checkpoint(truncate)`.execute(db);
}
