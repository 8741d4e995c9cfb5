import type { ClientBrief, Found, Page, SessionListed, Unreadable } from '@drimbo/core/formats';
import { needsOf, type Session, type SessionBrief, statuses } from '@drimbo/core/session';
import { sql, type Kysely, type RawBuilder } from 'kysely';
import { z } from 'zod';
import { blocksNamed, dueIn } from './block-lists';
import { folded } from '../database/columns';
import type { Tables } from '../database/tables';
import type { Documents } from '../documents/documents';

const asked = z.object({
  page: z.coerce.number().int().min(0).max(100_000).default(0),
  size: z.coerce.number().int().min(1).max(100).default(50),
  search: z.string().max(100).default(''),
});

export const clientsAsked = asked
  .extend({ sort: z.enum(['name', '-name', 'changed', '-changed']).default('name') })
  .strict();
export const sessionsAsked = asked
  .extend({
    sort: z.enum(['state', '-state', 'changed', '-changed', 'title', '-title']).default('state'),
    status: z.enum(statuses).optional(),
  })
  .strict();

/** The words of a search as patterns that find them anywhere. */
const patternsOf = (search: string): string[] =>
  folded(search)
    .split(/\s+/)
    .filter((word) => word !== '')
    .map((word) => `%${word.replace(/[\\%_]/g, '\\$&')}%`);

/** True where each pattern is found in its way. */
const every = (search: string, isFound: (pattern: string) => RawBuilder<unknown>): RawBuilder<boolean> => {
  const patterns = patternsOf(search);
  return patterns.length === 0 ? sql`true` : sql`(${sql.join(patterns.map(isFound), sql` and `)})`;
};

const like = (column: RawBuilder<unknown>, pattern: string) => sql`${column} like ${pattern} escape '\\'`;

interface Listing {
  table: 'clients' | 'sessions';
  where: RawBuilder<boolean>;
  order: RawBuilder<unknown>;
}

/** The ids of a page in their order, answered from the indexes alone. */
async function idsOf(
  db: Kysely<Tables>,
  { table, where, order }: Listing,
  size: number,
  page = 0,
): Promise<string[]> {
  const { rows } = await sql<{ id: string }>`
    select t.id from ${sql.table(table)} as t where t.deleted_at is null and ${where}
    order by ${order} limit ${size} offset ${page * size}`.execute(db);
  return rows.map((row) => row.id);
}

async function countOf(db: Kysely<Tables>, { table, where }: Listing): Promise<number> {
  const { rows } = await sql<{ n: number }>`
    select count(*) as n from ${sql.table(table)} as t where t.deleted_at is null and ${where}`.execute(db);
  return Number(rows[0]!.n);
}

/** Orders an index answers from either end; the id settles what is equal. */
const clientOrder = {
  name: sql`t.name_key, t.id`,
  '-name': sql`t.name_key desc, t.id desc`,
  changed: sql`t.updated_at desc, t.id`,
  '-changed': sql`t.updated_at, t.id desc`,
};
const sessionOrder = {
  state: sql`t.status_rank, t.day desc, t.id`,
  '-state': sql`t.status_rank desc, t.day, t.id desc`,
  changed: sql`t.updated_at desc, t.id`,
  '-changed': sql`t.updated_at, t.id desc`,
  title: sql`t.title_key, t.id`,
  '-title': sql`t.title_key desc, t.id desc`,
};

const clientListing = (a: z.infer<typeof clientsAsked>): Listing => ({
  table: 'clients',
  where: every(a.search, (pattern) => like(sql`t.name_key`, pattern)),
  order: clientOrder[a.sort],
});

/** A word of the search is in the title or in the name of the client. */
const sessionListing = (a: z.infer<typeof sessionsAsked>): Listing => ({
  table: 'sessions',
  where: sql`${every(
    a.search,
    (pattern) =>
      sql`(${like(sql`t.title_key`, pattern)} or t.client_id in (select id from clients where ${like(sql`name_key`, pattern)}))`,
  )}${a.status ? sql` and t.status_rank = ${statuses.indexOf(a.status)}` : sql``}`,
  order: sessionOrder[a.sort],
});

/** The sessions of some clients, by client, those changed last first. */
export async function briefsOf(
  db: Kysely<Tables>,
  clientIds: readonly string[],
): Promise<Map<string, SessionBrief[]>> {
  const found = new Map<string, SessionBrief[]>(clientIds.map((id) => [id, []]));
  if (clientIds.length === 0) return found;
  const rows = await db
    .selectFrom('sessions')
    .select(['client_id', 'id', 'title', 'status_rank', 'day', 'minutes', 'movements'])
    .where('client_id', 'in', clientIds)
    .where('deleted_at', 'is', null)
    .orderBy('client_id')
    .orderBy('updated_at', 'desc')
    .execute();
  for (const { client_id, status_rank, day, ...rest } of rows)
    found.get(client_id)!.push({ ...rest, status: statuses[status_rank]!, date: day || null });
  return found;
}

/** One page of the roster, each with what the client needs next. */
export async function clientsPage(
  db: Kysely<Tables>,
  clients: Documents<'client'>,
  a: z.infer<typeof clientsAsked>,
  today: string,
): Promise<Page<ClientBrief | Unreadable>> {
  const listing = clientListing(a);
  const ids = await idsOf(db, listing, a.size, a.page);
  const [rows, sessions] = [await clients.opened(ids), await briefsOf(db, ids)];
  const due = await dueIn(db, ids, today);
  return {
    total: await countOf(db, listing),
    page: a.page,
    size: a.size,
    rows: rows.map((row) => {
      if (!('document' in row)) return row;
      const { name, about, lagging, limits, minutes, daysAWeek } = row.document;
      return {
        id: row.id,
        revision: row.revision,
        updatedAt: row.updatedAt,
        ...{ name, about, lagging, limits, minutes, daysAWeek },
        needs: needsOf(row.document, sessions.get(row.id)!, today),
        due: due.get(row.id) ?? null,
      };
    }),
  };
}

/** One page of the sessions with whose they are; told from the columns, the documents are only looked at. */
export async function sessionsPage(
  db: Kysely<Tables>,
  a: z.infer<typeof sessionsAsked>,
): Promise<Page<SessionListed | Unreadable>> {
  const listing = sessionListing(a);
  const ids = await idsOf(db, listing, a.size, a.page);
  const rows = await db
    .selectFrom('sessions')
    .innerJoin('clients', 'clients.id', 'sessions.client_id')
    .select(['sessions.id', 'sessions.revision', 'title', 'status_rank', 'day', 'emphasis', 'minutes'])
    .select(['movements', 'client_id', 'clients.name as owner'])
    .select(
      sql<string | null>`case when json_valid(sessions.document) then null else sessions.document end`.as(
        'torn',
      ),
    )
    .where('sessions.id', 'in', ids.length > 0 ? ids : [''])
    .execute();
  const byId = new Map(rows.map((row) => [row.id, row]));
  return {
    total: await countOf(db, listing),
    page: a.page,
    size: a.size,
    rows: ids.flatMap((id): (SessionListed | Unreadable)[] => {
      const row = byId.get(id);
      if (!row) return [];
      const { torn, status_rank, day, client_id, owner, emphasis, ...brief } = row;
      if (torn !== null) return [{ kind: 'session', id, why: 'it is not JSON', text: torn }];
      return [
        {
          ...brief,
          emphasis: emphasis as Session['emphasis'],
          status: statuses[status_rank]!,
          date: day || null,
          client: { id: client_id, name: owner },
        },
      ];
    }),
  };
}

/** Every client by name, or those asked for: what a choice offers. */
export async function namesOf(
  db: Kysely<Tables>,
  ids?: readonly string[],
): Promise<{ id: string; name: string }[]> {
  if (ids?.length === 0) return [];
  let query = db.selectFrom('clients').select(['id', 'name']);
  query = ids ? query.where('id', 'in', ids) : query.where('deleted_at', 'is', null);
  return query.orderBy('name_key').orderBy('id').execute();
}

/** What goes by a name: a few clients and sessions. */
export async function found(db: Kysely<Tables>, search: string, most = 8): Promise<Found> {
  const clients = await idsOf(db, clientListing({ ...clientsAsked.parse({}), search }), most);
  const order = { ...sessionsAsked.parse({}), sort: 'changed' as const };
  const sessions = await idsOf(db, sessionListing({ ...order, search }), most);
  const rows =
    sessions.length === 0
      ? []
      : await db
          .selectFrom('sessions')
          .innerJoin('clients', 'clients.id', 'sessions.client_id')
          .select(['sessions.id', 'sessions.title', 'sessions.status_rank', 'sessions.day', 'clients.name'])
          .where('sessions.id', 'in', sessions)
          .execute();
  const byId = new Map(rows.map((row) => [row.id, row]));
  return {
    clients: await namesOf(db, clients),
    blocks: await blocksNamed(db, patternsOf(search), most),
    sessions: sessions.flatMap((id) => {
      const row = byId.get(id);
      return row
        ? [
            {
              id,
              title: row.title,
              status: statuses[row.status_rank]!,
              date: row.day || null,
              client: row.name,
            },
          ]
        : [];
    }),
  };
}
