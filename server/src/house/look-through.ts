import { documentKinds } from '@drimbo/core/formats/steps';
import type { Kysely } from 'kysely';
import type { Tables } from '../database/tables';
import type { Unreadable } from '@drimbo/core/formats/lists';
import { makeStore } from '../store';

const PORTION = 200;

/** Opens every document there is, a portion at a time, and tells those that cannot be read. */
export async function lookThrough(db: Kysely<Tables>): Promise<Unreadable[]> {
  const store = makeStore(db);
  const lost: Unreadable[] = [];
  for (const kind of documentKinds) {
    const table = `${kind}s` as const;
    for (let after = ''; ;) {
      const rows = await db
        .selectFrom(table)
        .select('id')
        .where('id', '>', after)
        .where('deleted_at', 'is', null)
        .orderBy('id')
        .limit(PORTION)
        .execute();
      const opened = await store[table].opened(rows.map((row) => row.id));
      for (const row of opened) if ('why' in row) lost.push(row);
      if (rows.length < PORTION) break;
      after = rows[rows.length - 1]!.id;
    }
  }
  return lost;
}
