import { emptyNotebook } from '@drimbo/core/movements/notebook';
import { sql, type Kysely, type Migration } from 'kysely';
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
};
