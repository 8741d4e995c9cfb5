import type { Unreadable } from '@drimbo/core/formats';
import { type PerformedSet, performedSetSchema, type SetList } from '@drimbo/core/log';
import { askedOfSetSchema } from '@drimbo/core/strength';
import type { Kysely, Selectable } from 'kysely';
import { z } from 'zod';
import { rigIn } from './rig-text';
import { asOfOneMoment } from '../database/driver';
import type { PerformedSetRow, Tables } from '../database/tables';
import { checked, notFound, Problem, upToAYearAhead } from '../problems/problem';

/** A row whose settings cannot be read, as it lies in the file. */
export const tornSet = (row: Selectable<PerformedSetRow>): Unreadable => ({
  kind: 'set',
  id: row.id,
  why: `the settings of a set of ${row.done_on} cannot be read`,
  text: JSON.stringify(row),
});

/** Rows as logged sets; those that cannot be read are left out and told. */
export function opened(rows: readonly Selectable<PerformedSetRow>[]): {
  sets: PerformedSet[];
  torn: Unreadable[];
} {
  const torn = rows.filter((row) => rigIn(row.rig) === null);
  return {
    sets: (torn.length === 0 ? rows : rows.filter((row) => !torn.includes(row))).map(setOf),
    torn: torn.map(tornSet),
  };
}

/** What was asked of a set, from its text; null where nobody kept it, or it cannot be read. */
function askedIn(text: string): PerformedSet['asked'] {
  if (text === '') return null;
  try {
    return askedOfSetSchema.safeParse(JSON.parse(text)).data ?? null;
  } catch {
    return null;
  }
}

/** The logged set of a row that can be read. */
export const setOf = (row: Selectable<PerformedSetRow>): PerformedSet => ({
  id: row.id,
  clientId: row.client_id,
  sessionId: row.session_id,
  lineId: row.line_id,
  setIndex: row.set_index,
  kind: row.kind as PerformedSet['kind'],
  movement: row.movement,
  rig: rigIn(row.rig)!,
  doneOn: row.done_on,
  loadKg: row.load_kg,
  reps: row.reps,
  reserve: row.reserve < 0 ? null : row.reserve,
  heldS: row.held_s > 0 ? row.held_s : null,
  side: (row.side || null) as PerformedSet['side'],
  ended: (row.ended || null) as PerformedSet['ended'],
  tired: row.tired,
  repS: row.rep_s > 0 ? row.rep_s : null,
  asked: askedIn(row.asked),
  at: row.place < 0 ? null : row.place,
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
  reserve: set.reserve ?? -1,
  kind: set.kind,
  held_s: set.heldS ?? 0,
  side: set.side ?? '',
  ended: set.ended ?? '',
  tired: set.tired,
  rep_s: set.repS ?? 0,
  asked: set.asked === null ? '' : JSON.stringify(set.asked),
  place: set.at ?? -1,
  technique: set.technique ?? '',
  fault: set.fault ?? '',
  felt: set.felt ?? -1,
  comfort: set.comfort ?? -1,
  note: set.note,
});

/** A set as it goes over the wire: its id says enough to be sent again without harm. */
const setId = z.string().regex(/^[a-z0-9][a-z0-9-]{0,99}$/, 'an id of small letters, figures and dashes');

/**
 * Up to 500 sets at once and ids of sets that go, all of it or nothing. Sent again it does no harm, in whatever order:
 * a set that was taken away stays away, however late it is logged again.
 */
export const writing = z
  .object({ sets: z.array(performedSetSchema).max(500), removes: z.array(setId).max(500).default([]) })
  .strict()
  .refine((w) => w.sets.length + w.removes.length > 0, { message: 'send a set, or one to be taken away' });
export type Writing = z.infer<typeof writing>;

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
    return opened(rows).sets;
  }

  /** The sets of a session and the count of changes they were read at: what comes later has a higher one. */
  async listOf(sessionId: string): Promise<SetList> {
    return asOfOneMoment(this.db, async (whole) => {
      const { sets, torn } = opened(
        await whole
          .selectFrom('performed_sets')
          .selectAll()
          .where('session_id', '=', sessionId)
          .orderBy('set_index')
          .orderBy('id')
          .limit(MOST_OF_SESSION)
          .execute(),
      );
      const list = { house: await houseOf(whole), at: await clockOf(whole, sessionId), sets };
      return torn.length === 0 ? list : { ...list, torn: torn.length };
    });
  }

  /** The count of changes of a session's sets, as of now. */
  async clock(sessionId: string): Promise<Pick<SetList, 'house' | 'at'>> {
    return { house: await houseOf(this.db), at: await clockOf(this.db, sessionId) };
  }

  /**
   * Writes sets and takes others away, all or none; tells the count of changes of their session after it. A set that is
   * there already and says the same does no harm, nor does one that was taken away. Throws a 400 Problem for a client or
   * session that is not there, for sets of several sessions and where `whose` says they are not meant, a 409 Problem
   * with the one that is there for another's id, a 404 Problem for taking away a set of another session.
   */
  async write(
    input: unknown,
    whose?: { sessionId: string; clientId: string },
  ): Promise<{ sets: PerformedSet[]; removes: string[]; house: string; at: number }> {
    const { sets, removes } = checked(writing, input);
    upToAYearAhead(this.today(), { sets });
    if (whose && sets.some((s) => s.sessionId !== whose.sessionId || s.clientId !== whose.clientId))
      throw new Problem(400, 'invalid', 'These sets are not of this session.', 'sets');
    return this.db.transaction().execute(async (whole) => {
      const sessionId = whose?.sessionId ?? sets[0]?.sessionId ?? (await sessionOf(whole, removes));
      if (sets.some((s) => s.sessionId !== sessionId))
        throw new Problem(400, 'invalid', 'Sets of one session at a time.', 'sets');
      for (const id of removes) await this.takeAway(whole, id, sessionId);
      const gone = await removedOf(whole, sets);
      for (const [i, set] of sets.entries())
        if (!gone.has(set.id)) await this.writeOne(whole, set, `sets.${i}`);
      return { sets, removes, house: await houseOf(whole), at: await clockOf(whole, sessionId) };
    });
  }

  private async takeAway(whole: Kysely<Tables>, id: string, sessionId: string): Promise<void> {
    const row = await whole
      .selectFrom('performed_sets')
      .select('session_id')
      .where('id', '=', id)
      .executeTakeFirst();
    if (row && row.session_id !== sessionId) throw notFound('set');
    await whole
      .insertInto('removed_sets')
      .values({ id, session_id: sessionId })
      .onConflict((c) => c.column('id').doNothing())
      .execute();
    await whole.deleteFrom('performed_sets').where('id', '=', id).execute();
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
    const there = await whole
      .selectFrom('performed_sets')
      .selectAll()
      .where('id', '=', set.id)
      .executeTakeFirstOrThrow();
    const [known] = opened([there]).sets;
    if (JSON.stringify(known) !== JSON.stringify(setOf(row)))
      throw new Problem(409, 'taken', 'Another set has this id.', `${at}.id`, known);
  }

  /**
   * Takes a set away for good. Throws a 404 Problem where there never was one, or none of the session `from` names; sent
   * again it does no harm.
   */
  async remove(id: string, from?: string): Promise<void> {
    await this.db.transaction().execute(async (whole) => {
      const sessionId = await sessionOf(whole, [id]);
      if (from !== undefined && sessionId !== from) throw notFound('set');
      await this.takeAway(whole, id, sessionId);
    });
  }
}

const MOST_OF_SESSION = 2000;

const houseOf = async (db: Kysely<Tables>): Promise<string> =>
  (await db.selectFrom('marks').select('value').where('name', '=', 'house').executeTakeFirstOrThrow()).value;

const clockOf = async (db: Kysely<Tables>, sessionId: string): Promise<number> =>
  (await db.selectFrom('set_clocks').select('at').where('session_id', '=', sessionId).executeTakeFirst())
    ?.at ?? 0;

/** The session of a set that is or was there. Throws a 404 Problem where there is none. */
async function sessionOf(db: Kysely<Tables>, ids: readonly string[]): Promise<string> {
  for (const table of ['performed_sets', 'removed_sets'] as const) {
    const row = await db.selectFrom(table).select('session_id').where('id', 'in', ids).executeTakeFirst();
    if (row) return row.session_id;
  }
  throw notFound('set');
}

/** Ids of these sets that were taken away before. */
async function removedOf(db: Kysely<Tables>, sets: readonly PerformedSet[]): Promise<ReadonlySet<string>> {
  if (sets.length === 0) return new Set();
  const ids = sets.map((s) => s.id);
  const rows = await db.selectFrom('removed_sets').select('id').where('id', 'in', ids).execute();
  return new Set(rows.map((r) => r.id));
}
