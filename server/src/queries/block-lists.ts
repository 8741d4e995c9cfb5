import { type Due, dueOf, type PlannedDay, plannedIn, type TrainingBlock } from '@drimbo/core/block';
import type { BlockBrief, Found } from '@drimbo/core/formats';
import { blockKind, openKept } from '@drimbo/core/documents';
import { sql, type Kysely } from 'kysely';
import type { Tables } from '../database/tables';
import { parsed } from '../database/parsed';

/** So many blocks are remembered as they were read. */
const MOST_KNOWN = 2_000;

/** A row by what changes with it, told without reading its text: a torn one has another length. */
interface Told {
  id: string;
  revision: number;
  bytes: number;
}
const bytesOf = sql<number>`octet_length(document)`.as('bytes');

interface Known extends Pick<Told, 'revision' | 'bytes'> {
  block: TrainingBlock | null;
  /** What it had for a day, worked out once for it. */
  due: { on: string; is: Due | null } | null;
}
const knownIn = new WeakMap<Kysely<Tables>, Map<string, Known>>();

/** The rows were written by somebody else. */
export const forgetBlocks = (db: Kysely<Tables>): void => void knownIn.delete(db);

/** The blocks of these rows, read once for each revision; null where one cannot be read: the page Data tells of it. */
async function blocksOf(db: Kysely<Tables>, rows: readonly Told[]): Promise<Map<string, Known>> {
  const known = knownIn.get(db) ?? new Map<string, Known>();
  knownIn.set(db, known);
  const isKnown = ({ id, revision, bytes }: Told): boolean =>
    known.get(id)?.revision === revision && known.get(id)?.bytes === bytes;
  const unknown = rows.filter((row) => !isKnown(row)).map(({ id }) => id);
  if (unknown.length > 0) {
    const read = await db
      .selectFrom('blocks')
      .select(['id', 'revision', 'document', bytesOf])
      .where('id', 'in', unknown)
      .execute();
    if (known.size + read.length > MOST_KNOWN) known.clear();
    for (const { id, revision, document, bytes } of read) {
      const opened = openKept(blockKind, parsed(document));
      known.set(id, { revision, bytes, block: 'document' in opened ? opened.document : null, due: null });
    }
  }
  return new Map(rows.flatMap(({ id }) => (known.has(id) ? [[id, known.get(id)!]] : [])));
}

function dueOn(id: string, of: Known, today: string): Due | null {
  if (of.due?.on !== today) of.due = { on: today, is: of.block && dueOf(id, of.block, today) };
  return of.due.is;
}

/** Of each of these clients the block under way, with what it has for today. */
export async function dueIn(
  db: Kysely<Tables>,
  clientIds: readonly string[],
  today: string,
): Promise<Map<string, Due>> {
  const found = new Map<string, Due>();
  if (clientIds.length === 0) return found;
  const rows = await db
    .selectFrom('blocks')
    .select(['id', 'client_id', 'revision', bytesOf])
    .where('client_id', 'in', clientIds)
    .where('deleted_at', 'is', null)
    .where('ends_on', '>=', today)
    .orderBy('starts_on', 'desc')
    .execute();
  const blocks = await blocksOf(db, rows);
  for (const { id, client_id } of rows) {
    const of = blocks.get(id);
    const due = of && dueOn(id, of, today);
    if (due) found.set(client_id, due);
  }
  return found;
}

/** The next days of a client over all blocks under way. */
export async function plannedFor(
  db: Kysely<Tables>,
  clientId: string,
  today: string,
  most = 6,
): Promise<PlannedDay[]> {
  const rows = await db
    .selectFrom('blocks')
    .select(['id', 'revision', bytesOf])
    .where('client_id', '=', clientId)
    .where('deleted_at', 'is', null)
    .where('ends_on', '>=', today)
    .execute();
  const blocks = await blocksOf(db, rows);
  return rows
    .flatMap(({ id }) => {
      const block = blocks.get(id)?.block;
      return block ? plannedIn(id, block, today, most) : [];
    })
    .sort((a, b) => a.date.localeCompare(b.date))
    .slice(0, most);
}

/** The blocks of the house, or of one client: those that end last first. */
export async function blockBriefs(db: Kysely<Tables>, client: string | null): Promise<BlockBrief[]> {
  let query = db
    .selectFrom('blocks')
    .innerJoin('clients', 'clients.id', 'blocks.client_id')
    .select(['blocks.id', 'title', 'starts_on', 'ends_on', 'client_id', 'clients.name'])
    .where('blocks.deleted_at', 'is', null);
  if (client !== null) query = query.where('client_id', '=', client);
  const rows = await query.orderBy('ends_on', 'desc').orderBy('blocks.id').limit(MOST_BLOCKS).execute();
  return rows.map(({ id, title, starts_on, ends_on, client_id, name }) => ({
    id,
    title,
    startsOn: starts_on,
    endsOn: ends_on,
    client: { id: client_id, name },
  }));
}

/** Lists of blocks are no longer than this. */
const MOST_BLOCKS = 500;

/** Blocks whose title, or whose client's name, has every one of these patterns. */
export async function blocksNamed(
  db: Kysely<Tables>,
  patterns: readonly string[],
  most: number,
): Promise<Found['blocks']> {
  const named = (pattern: string) =>
    sql`(t.title_key like ${pattern} escape '\\' or t.client_id in (select id from clients where name_key like ${pattern} escape '\\'))`;
  const where = patterns.length === 0 ? sql`true` : sql.join(patterns.map(named), sql` and `);
  const { rows: found } = await sql<{ id: string }>`
    select t.id from blocks as t where t.deleted_at is null and ${where}
    order by t.ends_on desc, t.id limit ${most}`.execute(db);
  if (found.length === 0) return [];
  const rows = await db
    .selectFrom('blocks')
    .innerJoin('clients', 'clients.id', 'blocks.client_id')
    .select(['blocks.id', 'title', 'ends_on', 'client_id', 'clients.name'])
    .where(
      'blocks.id',
      'in',
      found.map((r) => r.id),
    )
    .orderBy('ends_on', 'desc')
    .orderBy('blocks.id')
    .execute();
  return rows.map(({ id, title, ends_on, client_id, name }) => ({
    id,
    title,
    endsOn: ends_on,
    client: { id: client_id, name },
  }));
}
