import { rigSchema } from '@drimbo/core/movements/rig';
import type { LiftRecord } from '@drimbo/core/strength/evidence';
import type { Kysely } from 'kysely';
import type { PerformedSetRow, Tables } from './database/tables';
import { Documents, type Unreadable } from './documents';
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

export const todayUtc = (): string => new Date().toISOString().slice(0, 10);

/** Everything the routes read and write. */
export function makeStore(db: Kysely<Tables>, today: () => string = todayUtc) {
  const clients = new Documents(db, 'client', today);
  const kits = new Documents(db, 'kit', today);
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
        .orderBy('done_on', 'desc')
        .orderBy('set_index')
        .limit(most)
        .execute();
      return rows.map(recordOf);
    },
  };
}

export type Store = ReturnType<typeof makeStore>;
