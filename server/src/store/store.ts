import type { Deleted, Unreadable } from '@drimbo/core/formats';
import type { School } from '@drimbo/core/schools';
import type { Notebook } from '@drimbo/core/movements';
import type { Logged } from '@drimbo/core/strength';
import { daysAfter } from '@drimbo/core/units';
import { sql, type Kysely } from 'kysely';
import { COACH } from '../database/migrations';
import { forgetBlocks } from '../queries/block-lists';
import type { Tables } from '../database/tables';
import { Documents } from '../documents/documents';
import { GOING, KEPT_DAYS } from '../database/deleted';
import { loggedJson } from '../queries/logged';
import { Sets } from '../queries/sets';

/** The name in a document, its id where it cannot be read. */
const nameIn = sql.raw("case when json_valid(document) then json_extract(document, '$.name') else id end");

/** A row that was deleted by itself: what went with its client comes back with them and is counted there. */
const aloneIn = (row: string) =>
  sql.raw(
    `not exists (select 1 from clients where id = ${row}.client_id and deleted_at = ${row}.deleted_at)`,
  );

export const todayUtc = (): string => new Date().toISOString().slice(0, 10);

/** Everything the routes read and write. */
export function makeStore(db: Kysely<Tables>, today: () => string = todayUtc) {
  const clients = new Documents(db, 'client', today);
  const kits = new Documents(db, 'kit', today);
  const notebooks = new Documents(db, 'notebook', today);
  const schools = new Documents(db, 'school', today);
  const sessions = new Documents(db, 'session', today);
  const blocks = new Documents(db, 'block', today);
  return {
    clients,
    kits,
    notebooks,
    schools,
    sessions,
    blocks,
    sets: new Sets(db, today),
    db,
    /** Gyms, notebooks, schools and blocks that are no documents any more; clients and sessions tell theirs in their lists. */
    async unreadable(): Promise<Unreadable[]> {
      return [
        ...(await kits.unreadable()),
        ...(await notebooks.unreadable()),
        ...(await schools.unreadable()),
        ...(await blocks.unreadable()),
      ];
    },
    /** What was deleted and can still be brought back, the last first. */
    async deleted(): Promise<Deleted[]> {
      const rows = await sql<Deleted>`
        select 'client' as kind, id, name, deleted_at as deletedAt,
          (select count(*) from sessions s where s.client_id = c.id and s.deleted_at = c.deleted_at) as sessions,
          (select count(*) from blocks b where b.client_id = c.id and b.deleted_at = c.deleted_at) as blocks
          from clients c where deleted_at > ${GOING}
        union all select 'session', id, title, deleted_at, 0, 0 from sessions d
          where deleted_at > ${GOING} and ${aloneIn('d')}
        union all select 'block', id, title, deleted_at, 0, 0 from blocks d
          where deleted_at > ${GOING} and ${aloneIn('d')}
        union all select 'kit', id, ${nameIn}, deleted_at, 0, 0 from kits where deleted_at is not null
        union all select 'school', id, ${nameIn}, deleted_at, 0, 0 from schools where deleted_at is not null
        order by deletedAt desc limit 500`.execute(db);
      return rows.rows.map((row) => ({ ...row, goneOn: daysAfter(row.deletedAt.slice(0, 10), KEPT_DAYS) }));
    },
    /** The rows were written by somebody else. */
    forget(): void {
      forgetBlocks(db);
      for (const documents of [clients, kits, notebooks, schools, sessions, blocks]) documents.forget();
    },
    /** The coach's notebook; null where it cannot be read. */
    async notebook(): Promise<Notebook | null> {
      const [found] = await notebooks.opened([COACH]);
      return found && 'document' in found ? found.document : null;
    },
    /** The coach's own schools that can be read, as sessions are judged by them. */
    async ownSchools(): Promise<School[]> {
      return (await schools.list()).map(({ id, document }) => ({ ...document, id }));
    },
    /** A client's logged sets, the newest first. */
    async logged(clientId: string, most?: number): Promise<Logged[]> {
      return JSON.parse(await loggedJson(db, clientId, most)) as Logged[];
    },
    /** The same as it is sent: nobody reads it on the way. */
    loggedJson: (clientId: string, most?: number, without?: string): Promise<string> =>
      loggedJson(db, clientId, most, without),
  };
}

export type Store = ReturnType<typeof makeStore>;
