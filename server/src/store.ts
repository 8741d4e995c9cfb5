import { rigSchema } from '@drimbo/core/movements/rig';
import type { LiftRecord } from '@drimbo/core/strength/evidence';
import { sql, type Kysely } from 'kysely';
import type { PerformedSetRow, Tables } from './database/tables';
import { Documents, type Unreadable, type User } from './documents';
import { Problem } from './problem';

/** A logged set as evidence of what a client can lift. */
export const recordOf = (row: PerformedSetRow): LiftRecord => ({
  movement: row.movement,
  rig: rigSchema.parse(JSON.parse(row.rig)),
  date: row.done_on,
  loadKg: row.load_kg,
  reps: row.reps,
  reserve: row.reserve,
  kind: 'set',
  tired: row.tired,
  ...(row.rep_s > 0 ? { repS: row.rep_s } : {}),
});

/** Clients and sessions that name a gym. */
async function usersOfKit(db: Kysely<Tables>, kitId: string): Promise<User[]> {
  const named = sql<boolean>`json_valid(document) and json_extract(document, '$.kitId') = ${kitId}`;
  const found = await Promise.all(
    (['clients', 'sessions'] as const).map(async (table) => {
      const rows = await db
        .selectFrom(table)
        .select('id')
        .where('deleted_at', 'is', null)
        .where(named)
        .execute();
      return rows.map(({ id }): User => ({ kind: table === 'clients' ? 'client' : 'session', id }));
    }),
  );
  return found.flat();
}

/** How long a deleted document can be brought back, days. */
const KEPT_DAYS = 30;

/** Takes away for good what was deleted so long ago; a client's sessions and logged sets go along. */
export async function forgetDeleted(db: Kysely<Tables>, now = new Date()): Promise<void> {
  const before = new Date(now.getTime() - KEPT_DAYS * 86_400_000).toISOString();
  for (const table of ['sessions', 'clients', 'kits'] as const)
    await db.deleteFrom(table).where('deleted_at', '<', before).execute();
}

export const todayUtc = (): string => new Date().toISOString().slice(0, 10);

/** Everything the routes read and write. */
export function makeStore(db: Kysely<Tables>, today: () => string = todayUtc) {
  const sessionsOf = async (clientId: string): Promise<User[]> =>
    (
      await db
        .selectFrom('sessions')
        .select('id')
        .where('client_id', '=', clientId)
        .where('deleted_at', 'is', null)
        .execute()
    ).map(({ id }) => ({ kind: 'session', id }));
  const clients = new Documents(db, 'client', today, {
    users: sessionsOf,
    along: { table: 'sessions', column: 'client_id' },
  });
  const kits = new Documents(db, 'kit', today, { users: (id) => usersOfKit(db, id) });
  const notebooks = new Documents(db, 'notebook', today);
  const sessions = new Documents(db, 'session', today, {
    columns: (s) => ({ client_id: s.clientId }),
    check: async (s) => {
      if ((await clients.text(s.clientId)) === null)
        throw new Problem(400, 'invalid', 'There is no client with this id.', 'document.clientId');
    },
  });
  return {
    clients,
    kits,
    notebooks,
    sessions,
    /** Every row that is no document any more. */
    async unreadable(): Promise<Unreadable[]> {
      return (
        await Promise.all([clients, kits, sessions, notebooks].map((documents) => documents.unreadable()))
      ).flat();
    },
    /** A client's logged sets, the newest first. */
    async logged(clientId: string, most = 400): Promise<LiftRecord[]> {
      const rows = await db
        .selectFrom('performed_sets')
        .selectAll()
        .where('client_id', '=', clientId)
        .where('reps', '>', 0)
        .where('session_id', 'in', db.selectFrom('sessions').select('id').where('deleted_at', 'is', null))
        .orderBy('done_on', 'desc')
        .orderBy('set_index')
        .limit(most)
        .execute();
      return rows.map(recordOf);
    },
  };
}

export type Store = ReturnType<typeof makeStore>;
