import { performedSetSchema, type PerformedSet } from '@drimbo/core/log/performed-set';
import { rigSchema } from '@drimbo/core/movements/rig';
import type { Kysely, Selectable } from 'kysely';
import { z } from 'zod';
import type { PerformedSetRow, Tables } from './database/tables';
import { checked, Problem, upToAYearAhead } from './problem';

export const setOf = (row: Selectable<PerformedSetRow>): PerformedSet => ({
  id: row.id,
  clientId: row.client_id,
  sessionId: row.session_id,
  lineId: row.line_id,
  setIndex: row.set_index,
  movement: row.movement,
  rig: rigSchema.parse(JSON.parse(row.rig)),
  doneOn: row.done_on,
  loadKg: row.load_kg,
  reps: row.reps,
  reserve: row.reserve,
  tired: row.tired,
  repS: row.rep_s > 0 ? row.rep_s : null,
  technique: (row.technique || null) as PerformedSet['technique'],
  fault: row.fault || null,
  felt: row.felt < 0 ? null : row.felt,
  comfort: row.comfort < 0 ? null : row.comfort,
  note: row.note,
});

export const rowOf = (set: PerformedSet): Selectable<PerformedSetRow> => ({
  id: set.id,
  client_id: set.clientId,
  session_id: set.sessionId,
  line_id: set.lineId,
  set_index: set.setIndex,
  movement: set.movement,
  rig: JSON.stringify(set.rig),
  done_on: set.doneOn,
  load_kg: set.loadKg,
  reps: set.reps,
  reserve: set.reserve,
  tired: set.tired,
  rep_s: set.repS ?? 0,
  technique: set.technique ?? '',
  fault: set.fault ?? '',
  felt: set.felt ?? -1,
  comfort: set.comfort ?? -1,
  note: set.note,
});

/** Up to 500 sets at once, all of them or none. */
export const writing = z.object({ sets: z.array(performedSetSchema).min(1).max(500) }).strict();

export const setsAsked = z
  .object({
    client: z.string().max(60).optional(),
    session: z.string().max(60).optional(),
    page: z.coerce.number().int().min(0).max(100_000).default(0),
    size: z.coerce.number().int().min(1).max(500).default(200),
  })
  .strict()
  .refine((a) => (a.client === undefined) !== (a.session === undefined), {
    message: 'ask for the sets of one client or of one session',
  });

export class Sets {
  constructor(
    private readonly db: Kysely<Tables>,
    private readonly today: () => string,
  ) {}

  /** The sets of a client or a session, the newest first; those of deleted sessions stay out. */
  async page(a: z.infer<typeof setsAsked>): Promise<PerformedSet[]> {
    let query = this.db.selectFrom('performed_sets').selectAll();
    if (a.session !== undefined) query = query.where('session_id', '=', a.session);
    if (a.client !== undefined)
      query = query
        .where('client_id', '=', a.client)
        .where(
          'session_id',
          'in',
          this.db
            .selectFrom('sessions')
            .select('id')
            .where('client_id', '=', a.client)
            .where('deleted_at', 'is', null),
        );
    const rows = await query
      .orderBy('done_on', 'desc')
      .orderBy('session_id')
      .orderBy('set_index')
      .orderBy('id')
      .limit(a.size)
      .offset(a.page * a.size)
      .execute();
    return rows.map(setOf);
  }

  /**
   * Writes sets, all or none. A set that is there already and says the same does no harm. Throws a 400 Problem
   * for a client or session that is not there, a 409 Problem with the one that is there for another's id.
   */
  async write(input: unknown): Promise<PerformedSet[]> {
    const { sets } = checked(writing, input);
    upToAYearAhead(this.today(), { sets });
    await this.db.transaction().execute(async (whole) => {
      for (const [i, set] of sets.entries()) await this.writeOne(whole, set, `sets.${i}`);
    });
    return sets;
  }

  private async writeOne(whole: Kysely<Tables>, set: PerformedSet, at: string): Promise<void> {
    const session = await whole
      .selectFrom('sessions')
      .select('client_id')
      .where('id', '=', set.sessionId)
      .where('deleted_at', 'is', null)
      .executeTakeFirst();
    if (!session) throw new Problem(400, 'invalid', 'There is no session with this id.', `${at}.sessionId`);
    if (session.client_id !== set.clientId)
      throw new Problem(400, 'invalid', 'The session is another client’s.', `${at}.clientId`);
    const row = rowOf(set);
    const { numInsertedOrUpdatedRows } = await whole
      .insertInto('performed_sets')
      .values(row)
      .onConflict((c) => c.column('id').doNothing())
      .executeTakeFirst();
    if (numInsertedOrUpdatedRows !== 0n) return;
    const known = setOf(
      await whole.selectFrom('performed_sets').selectAll().where('id', '=', set.id).executeTakeFirstOrThrow(),
    );
    if (JSON.stringify(known) !== JSON.stringify(setOf(row)))
      throw new Problem(409, 'taken', 'Another set has this id.', `${at}.id`, known);
  }

  /** Takes a set away and gives it back, so that it can be written again. Throws a 404 Problem for none. */
  async remove(id: string): Promise<PerformedSet> {
    const row = await this.db
      .deleteFrom('performed_sets')
      .where('id', '=', id)
      .returningAll()
      .executeTakeFirst();
    if (!row) throw new Problem(404, 'not-found', 'There is no set with this id.');
    return setOf(row);
  }
}
