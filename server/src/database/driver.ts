import Database from 'libsql';
import { Kysely, SqliteDialect, type SqliteDatabase } from 'kysely';
import type { Tables } from './tables';

/** Opens the database file in WAL mode with foreign keys. The only place that knows the driver. */
export function openDriver(file: string): Kysely<Tables> {
  const database = new Database(file);
  database.pragma('journal_mode = WAL');
  database.pragma('foreign_keys = ON');
  database.pragma('busy_timeout = 4000');
  return new Kysely<Tables>({
    dialect: new SqliteDialect({ database: database as unknown as SqliteDatabase }),
  });
}
