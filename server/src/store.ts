import { notebookSchema } from '@drimbo/core/movements/notebook';
import { rigSchema } from '@drimbo/core/movements/rig';
import { kitSchema } from '@drimbo/core/kit/kit';
import { clientSchema } from '@drimbo/core/session/client';
import { sessionSchema, type Session } from '@drimbo/core/session/document';
import { latestSession } from '@drimbo/core/session/versions';
import type { LiftRecord } from '@drimbo/core/strength/evidence';
import type { Kysely } from 'kysely';
import type { PerformedSetRow, Tables } from './database/tables';
import { Documents } from './documents';
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

/** Everything the routes read and write. */
export function makeStore(db: Kysely<Tables>) {
  const clients = new Documents(db, 'clients', 'client', clientSchema);
  const isSomeones = async (s: Session): Promise<void> => {
    if (!(await clients.find(s.clientId)))
      throw new Problem(400, 'invalid', 'There is no client with this id.', 'document.clientId');
  };
  return {
    clients,
    kits: new Documents(db, 'kits', 'kit', kitSchema),
    notebooks: new Documents(db, 'notebooks', 'notebook', notebookSchema),
    sessions: new Documents(
      db,
      'sessions',
      'session',
      sessionSchema,
      (s) => ({ client_id: s.clientId }),
      isSomeones,
      latestSession,
    ),
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
