import type { Unreadable } from '@drimbo/core/formats';
import { PAINFUL } from '@drimbo/core/log';
import { sql, type Kysely } from 'kysely';
import type { Tables } from '../database/tables';
import { rigIn } from './rig-text';
import { tornSet } from './sets';

/** So many sets are looked back on where nobody says. */
const MOST = 400;
/** No end, as the engine says it. */
export const EVERY = -1;

/**
 * A client's logged sets as evidence, the newest first, as JSON that the database writes: what `evidenceOf` makes of a
 * set, without an object for each of them on the way. Those of deleted sessions stay out, of the one `without` names, and
 * those that cannot be read.
 */
export async function loggedJson(
  db: Kysely<Tables>,
  clientId: string,
  most = MOST,
  without = '',
): Promise<string> {
  const torn = (await rigsOf(db, clientId, most)).filter((rig) => rigIn(rig) === null);
  const { rows } = await sql<{ json: string }>`
    select coalesce(json_group_array(json(set_json)), '[]') as json from (
      select json_patch('{}', json_object(
        'movement', movement, 'rig', json(rig), 'date', done_on, 'loadKg', load_kg, 'reps', reps,
        'reserve', max(0, reserve), 'kind', kind, 'tired', tired, 'repS', nullif(rep_s, 0),
        'session', session_id, 'line', line_id, 'index', set_index,
        'at', case when place >= 0 then place end,
        'asked', case when asked <> '' then json(asked) end,
        'failed', case when ended = 'too heavy'
          or (reps = 0 and kind = 'set' and ended = '' and (comfort < 0 or comfort > ${PAINFUL}))
          then json('true') end,
        'slipping', case when technique = 'slipping' then json('true') end,
        'unsaid', case when reserve < 0 then json('true') end,
        'oneSide', case when side <> '' then json('true') end,
        'cut', case when ended not in ('', 'too heavy') or (comfort >= 0 and comfort <= ${PAINFUL})
          then json('true') end,
        'felt', nullif(felt, -1), 'comfort', nullif(comfort, -1),
        'broke', case when technique = 'broke' then json('true') end
      )) as set_json
      from performed_sets
      where client_id = ${clientId} and (reps > 0 or kind <> 'stage') and session_id <> ${without}
        and ${torn.length === 0 ? sql`true` : sql`rig not in (${sql.join(torn)})`}
        and session_id in (select id from sessions where client_id = ${clientId} and deleted_at is null)
      order by done_on desc, set_index, id
      limit ${most}
    )`.execute(db);
  return rows[0]!.json;
}

/** The different settings of a client's last sets, as text. */
async function rigsOf(db: Kysely<Tables>, clientId: string, most: number): Promise<string[]> {
  const { rows } = await sql<{ rig: string }>`
    select distinct rig from (
      select rig from performed_sets where client_id = ${clientId}
      order by done_on desc, set_index, id limit ${most})`.execute(db);
  return rows.map((row) => row.rig);
}

/** So many are named; where there are more, the rest is of the same kind. */
const MOST_TORN = 20;

/** The client's logged sets among the last ones that cannot be read. */
export async function tornOf(db: Kysely<Tables>, clientId: string, most = MOST): Promise<Unreadable[]> {
  const torn = (await rigsOf(db, clientId, most)).filter((rig) => rigIn(rig) === null);
  if (torn.length === 0) return [];
  const rows = await db
    .selectFrom('performed_sets')
    .selectAll()
    .where('client_id', '=', clientId)
    .where('rig', 'in', torn)
    .limit(MOST_TORN)
    .execute();
  return rows.map(tornSet);
}
