import type { Unreadable } from '@drimbo/core/formats';
import { documentKinds } from '@drimbo/core/documents';
import type { Kysely } from 'kysely';
import type { Tables } from '../database/tables';
import { opened } from '../queries/sets';
import { makeStore } from '../store/store';
import type { Tell } from './telling';

const PORTION = 200;
const PORTION_OF_SETS = 5_000;
/** So many are told; where there are more, the rest is of the same kind. */
const MOST = 500;

/** Opens every document and every logged set there is, a portion at a time, and tells those that cannot be read. */
export async function lookThrough(db: Kysely<Tables>, tell: Tell = () => undefined): Promise<Unreadable[]> {
  const store = makeStore(db);
  const lost: Unreadable[] = [];
  for (const [i, kind] of documentKinds.entries()) {
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
      for (const row of await store[table].opened(rows.map((r) => r.id))) if ('why' in row) lost.push(row);
      if (rows.length < PORTION) break;
      after = rows[rows.length - 1]!.id;
    }
    tell((i + 1) / (documentKinds.length + 1));
  }
  for (let after = ''; lost.length < MOST;) {
    const rows = await db
      .selectFrom('performed_sets')
      .selectAll()
      .where('id', '>', after)
      .orderBy('id')
      .limit(PORTION_OF_SETS)
      .execute();
    lost.push(...opened(rows).torn);
    if (rows.length < PORTION_OF_SETS) break;
    after = rows[rows.length - 1]!.id;
  }
  return lost.slice(0, MOST);
}
