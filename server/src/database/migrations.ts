import { emptyNotebook } from '@drimbo/core/movements';
import { sql, type Kysely, type Migration } from 'kysely';
import { parsed } from './parsed';
import { documentKinds, type DocumentKind } from '@drimbo/core/documents';
import { columnsOf } from './columns';
import { clockTables } from './set-clocks';
import type { Tables } from './tables';

/** The one notebook: that of the coach. */
export const COACH = 'coach';

const documents = (db: Kysely<unknown>, name: string) =>
  db.schema
    .createTable(name)
    .addColumn('id', 'text', (c) => c.primaryKey())
    .addColumn('revision', 'integer', (c) => c.notNull())
    .addColumn('document', 'text', (c) => c.notNull())
    .addColumn('updated_at', 'text', (c) => c.notNull());

/** Every list and look-up answers from one of these; documents are read only for the rows of one page. */
const briefIndexes = [
  'drop index sessions_of_client',
  'create index clients_by_name on clients (name_key, id, name, deleted_at) where deleted_at is null',
  'create index clients_by_change on clients (updated_at desc, id, name_key, deleted_at) where deleted_at is null',
  'create index clients_named on clients (id, name_key, name)',
  'create index clients_of_kit on clients (kit_id)',
  'create index sessions_in_order on sessions (status_rank, day desc, id, client_id, title_key, deleted_at) where deleted_at is null',
  'create index sessions_by_change on sessions (updated_at desc, id, client_id, title_key, deleted_at) where deleted_at is null',
  'create index sessions_by_title on sessions (title_key, id, client_id, deleted_at) where deleted_at is null',
  'create index sessions_of_client on sessions (client_id, deleted_at, updated_at desc, id, title, status_rank, day, minutes, movements)',
  'create index sessions_of_kit on sessions (kit_id)',
  ...['clients', 'kits', 'sessions', 'notebooks'].map(
    (table) => `create index ${table}_deleted on ${table} (deleted_at) where deleted_at is not null`,
  ),
];

const blockIndexes = [
  'create index blocks_of_client on blocks (client_id, deleted_at, ends_on desc, id)',
  'create index blocks_in_order on blocks (ends_on desc, id, client_id, title_key, deleted_at) where deleted_at is null',
  'create index blocks_deleted on blocks (deleted_at) where deleted_at is not null',
];

const sessionBrief = ['title', 'title_key', 'status_rank', 'day', 'minutes', 'movements', 'emphasis'];

const PORTION = 500;

/** Fills the columns of rows that were there before them, a portion at a time. */
async function fillColumns(db: Kysely<unknown>, kind: DocumentKind, names: readonly string[]): Promise<void> {
  const tables = db as Kysely<Tables>;
  const table = `${kind}s` as const;
  for (let after = ''; ;) {
    const rows = await tables
      .selectFrom(table)
      .select(['id', 'document'])
      .where('id', '>', after)
      .orderBy('id')
      .limit(PORTION)
      .execute();
    for (const { id, document } of rows) {
      const columns = columnsOf(kind, parsed(document));
      await tables
        .updateTable(table)
        .set(Object.fromEntries(names.map((name) => [name, columns[name]])) as never)
        .where('id', '=', id)
        .execute();
    }
    if (rows.length < PORTION) return;
    after = rows[rows.length - 1]!.id;
  }
}

/** The coach's notebook is there whatever was done to it, and no other one is. */
async function oneNotebook(db: Kysely<Pick<Tables, 'notebooks'>>): Promise<void> {
  const at = new Date().toISOString();
  await db
    .insertInto('notebooks')
    .values({
      id: COACH,
      revision: 1,
      document: JSON.stringify(emptyNotebook),
      updated_at: at,
      deleted_at: null,
    })
    .onConflict((c) => c.column('id').doUpdateSet({ deleted_at: null }))
    .execute();
  await db
    .updateTable('notebooks')
    .set({ deleted_at: at })
    .where('id', '!=', COACH)
    .where('deleted_at', 'is', null)
    .execute();
}

/** Forward only; names sort in the order they run. */
export const migrations: Record<string, Migration> = {
  '001-documents': {
    async up(db: Kysely<unknown>) {
      await documents(db, 'clients').execute();
      await documents(db, 'kits').execute();
      await documents(db, 'sessions')
        .addColumn('client_id', 'text', (c) => c.notNull().references('clients.id').onDelete('cascade'))
        .execute();
      await db.schema.createIndex('sessions_of_client').on('sessions').column('client_id').execute();
      await db.schema
        .createTable('performed_sets')
        .addColumn('id', 'text', (c) => c.primaryKey())
        .addColumn('client_id', 'text', (c) => c.notNull().references('clients.id').onDelete('cascade'))
        .addColumn('session_id', 'text', (c) => c.notNull().references('sessions.id').onDelete('cascade'))
        .addColumn('line_id', 'text', (c) => c.notNull())
        .addColumn('set_index', 'integer', (c) => c.notNull())
        .addColumn('movement', 'text', (c) => c.notNull())
        .addColumn('rig', 'text', (c) => c.notNull())
        .addColumn('done_on', 'text', (c) => c.notNull())
        .addColumn('load_kg', 'real', (c) => c.notNull().check(sql`load_kg >= 0`))
        .addColumn('reps', 'integer', (c) => c.notNull().check(sql`reps >= 0`))
        .addColumn('reserve', 'real', (c) => c.notNull())
        .execute();
      await db.schema
        .createIndex('performed_of_client')
        .on('performed_sets')
        .columns(['client_id', 'movement', 'done_on'])
        .execute();
      await db.schema.createIndex('performed_of_session').on('performed_sets').column('session_id').execute();
    },
  },
  '002-notebook': {
    async up(db: Kysely<unknown>) {
      await documents(db, 'notebooks').execute();
      await (db as Kysely<Pick<Tables, 'notebooks'>>)
        .insertInto('notebooks')
        .values({
          id: COACH,
          revision: 1,
          document: JSON.stringify(emptyNotebook),
          updated_at: new Date().toISOString(),
        })
        .execute();
    },
  },
  '003-tired-sets': {
    async up(db: Kysely<unknown>) {
      await db.schema
        .alterTable('performed_sets')
        .addColumn('tired', 'real', (c) => c.notNull().defaultTo(0))
        .execute();
    },
  },
  '004-slow-sets': {
    async up(db: Kysely<unknown>) {
      await db.schema
        .alterTable('performed_sets')
        .addColumn('rep_s', 'real', (c) => c.notNull().defaultTo(0))
        .execute();
    },
  },
  '005-deleted': {
    async up(db: Kysely<unknown>) {
      for (const table of ['clients', 'kits', 'sessions', 'notebooks'])
        await db.schema.alterTable(table).addColumn('deleted_at', 'text').execute();
    },
  },
  '006-briefs': {
    async up(db: Kysely<unknown>) {
      const add = (table: string, column: string, type: 'text' | 'integer') =>
        db.schema
          .alterTable(table)
          .addColumn(column, type, (c) => c.notNull().defaultTo(type === 'text' ? '' : 0))
          .execute();
      for (const column of ['name', 'name_key', 'kit_id']) await add('clients', column, 'text');
      for (const column of ['title', 'title_key', 'day', 'emphasis', 'kit_id'])
        await add('sessions', column, 'text');
      for (const column of ['status_rank', 'minutes', 'movements']) await add('sessions', column, 'integer');
      await fillColumns(db, 'client', ['name', 'name_key']);
      await fillColumns(db, 'session', sessionBrief);
      for (const index of briefIndexes) await sql.raw(index).execute(db);
    },
  },
  '007-schools': {
    async up(db: Kysely<unknown>) {
      await documents(db, 'schools').addColumn('deleted_at', 'text').execute();
      await sql
        .raw('create index schools_deleted on schools (deleted_at) where deleted_at is not null')
        .execute(db);
    },
  },
  '008-blocks': {
    async up(db: Kysely<unknown>) {
      let table = documents(db, 'blocks')
        .addColumn('deleted_at', 'text')
        .addColumn('client_id', 'text', (c) => c.notNull().references('clients.id').onDelete('cascade'));
      for (const column of ['title', 'title_key', 'starts_on', 'ends_on'])
        table = table.addColumn(column, 'text', (c) => c.notNull().defaultTo('')) as typeof table;
      await table.execute();
      for (const index of blockIndexes) await sql.raw(index).execute(db);
    },
  },
  '009-how-it-went': {
    async up(db: Kysely<unknown>) {
      const add = (column: string, type: 'text' | 'integer', value: string | number) =>
        db.schema
          .alterTable('performed_sets')
          .addColumn(column, type, (c) => c.notNull().defaultTo(value))
          .execute();
      for (const column of ['technique', 'fault', 'note']) await add(column, 'text', '');
      for (const column of ['felt', 'comfort']) await add(column, 'integer', -1);
    },
  },
  '010-client-links': {
    async up(db: Kysely<unknown>) {
      await db.schema
        .createTable('client_links')
        .addColumn('id', 'text', (c) => c.primaryKey())
        .addColumn('hash', 'text', (c) => c.notNull().unique())
        .addColumn('client_id', 'text', (c) => c.notNull().references('clients.id').onDelete('cascade'))
        .addColumn('session_id', 'text', (c) => c.notNull())
        .addColumn('made_at', 'text', (c) => c.notNull())
        .addColumn('expires_at', 'text', (c) => c.notNull())
        .addColumn('revoked_at', 'text')
        .execute();
      await sql.raw('create index links_of_client on client_links (client_id, made_at)').execute(db);
    },
  },
  '011-sets-by-day': {
    async up(db: Kysely<unknown>) {
      // The last sets of a client, however many years there are.
      await sql
        .raw('create index performed_by_day on performed_sets (client_id, done_on desc, set_index, id)')
        .execute(db);
    },
  },
  '012-what-was-done': {
    async up(db: Kysely<unknown>) {
      const columns = [
        "kind text not null default 'set'",
        'held_s real not null default 0',
        "side text not null default ''",
        "ended text not null default ''",
      ];
      for (const column of columns)
        await sql.raw(`alter table performed_sets add column ${column}`).execute(db);
      for (const table of ['clients', 'kits', 'sessions', 'notebooks', 'schools', 'blocks'])
        await sql.raw(`alter table ${table} add column made_hash text not null default ''`).execute(db);
      await sql.raw("alter table blocks add column kit_ids text not null default ''").execute(db);
      await sql
        .raw(
          `update blocks set kit_ids = coalesce((
             select ' ' || group_concat(distinct json_extract(e.value, '$.kitId')) || ' '
             from json_each(document, '$.life') as e where json_extract(e.value, '$.kitId') is not null), '')
           where json_valid(document)`,
        )
        .execute(db);
      await sql.raw("update blocks set kit_ids = replace(kit_ids, ',', ' ')").execute(db);
      await sql.raw('create index blocks_of_kits on blocks (kit_ids, id, deleted_at)').execute(db);
      for (const statement of clockTables) await sql.raw(statement).execute(db);
      await oneNotebook(db as Kysely<Pick<Tables, 'notebooks'>>);
    },
  },
  '013-references': {
    async up(db: Kysely<unknown>) {
      for (const index of ['clients_of_kit', 'sessions_of_kit', 'blocks_of_kits'])
        await sql.raw(`drop index ${index}`).execute(db);
      for (const [table, column] of [
        ['clients', 'kit_id'],
        ['sessions', 'kit_id'],
        ['blocks', 'kit_ids'],
      ])
        await sql.raw(`alter table ${table} drop column ${column}`).execute(db);
      for (const kind of documentKinds) {
        await sql.raw(`alter table ${kind}s add column refs text not null default ''`).execute(db);
        await fillColumns(db, kind, ['refs']);
        const also = kind === 'session' ? ', status_rank' : '';
        await sql.raw(`create index ${kind}s_by_refs on ${kind}s (refs, id, deleted_at${also})`).execute(db);
      }
    },
  },
  '014-what-was-asked': {
    async up(db: Kysely<unknown>) {
      for (const column of ["asked text not null default ''", 'place integer not null default -1'])
        await sql.raw(`alter table performed_sets add column ${column}`).execute(db);
    },
  },
};
