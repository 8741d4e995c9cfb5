import { sql, type Kysely } from 'kysely';
import { statuses } from '@drimbo/core/session/document';
import type { Tables } from './database/tables';

/**
 * How many sessions have an own movement, and how many of those are not finished. Reads every document that holds
 * the id at all: asked once, before a movement is deleted.
 */
export async function usesOfOwn(
  db: Kysely<Tables>,
  own: string,
): Promise<{ sessions: number; drafts: number }> {
  const { rows } = await sql<{ sessions: number; drafts: number }>`
    select count(*) as sessions, coalesce(sum(status_rank < ${statuses.indexOf('finished')}), 0) as drafts
    from sessions
    where deleted_at is null and instr(document, ${own}) > 0 and json_valid(document)
      and exists (select 1 from json_tree(document) as t where t.key = 'own' and t.atom = ${own})`.execute(
    db,
  );
  return { sessions: Number(rows[0]!.sessions), drafts: Number(rows[0]!.drafts) };
}
