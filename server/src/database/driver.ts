import Database from 'libsql';
import {
  CompiledQuery,
  Kysely,
  SqliteAdapter,
  SqliteDialect,
  SqliteDriver,
  type DatabaseConnection,
  type SqliteDatabase,
  type SqliteDialectConfig,
} from 'kysely';
import type { Tables } from './tables';
import { isBusy } from './troubles';

/** How long a statement waits for another writer, and how long between tries, milliseconds. */
const PATIENCE_MS = 3_000;
const TRY_AGAIN_MS = 25;

const pause = (ms: number): Promise<void> => new Promise((done) => setTimeout(done, ms));

/** Hears of every statement before it is run. */
export type Watch = (sql: string) => void;

/** Waits for a busy database with the event loop free, where the engine itself would stand still. */
const patient = (connection: DatabaseConnection, watch?: Watch): DatabaseConnection => ({
  streamQuery: (query, size) => connection.streamQuery(query, size),
  async executeQuery(query) {
    watch?.(query.sql);
    for (let waited = 0; ; waited += TRY_AGAIN_MS) {
      try {
        return await connection.executeQuery(query);
      } catch (error) {
        if (!isBusy(error) || waited >= PATIENCE_MS) throw error;
        await pause(TRY_AGAIN_MS);
      }
    }
  },
});

class PatientDriver extends SqliteDriver {
  constructor(
    config: SqliteDialectConfig,
    private readonly watch?: Watch,
  ) {
    super(config);
  }

  override async acquireConnection(): Promise<DatabaseConnection> {
    return patient(await super.acquireConnection(), this.watch);
  }

  override async beginTransaction(connection: DatabaseConnection): Promise<void> {
    await connection.executeQuery(CompiledQuery.raw('begin immediate'));
  }
}

/** SQLite takes changes of its tables back like any other. */
class WholeAdapter extends SqliteAdapter {
  override get supportsTransactionalDdl(): boolean {
    return true;
  }
}

class Dialect extends SqliteDialect {
  constructor(
    private readonly config: SqliteDialectConfig,
    private readonly watch?: Watch,
  ) {
    super(config);
  }
  override createDriver(): PatientDriver {
    return new PatientDriver(this.config, this.watch);
  }
  override createAdapter(): SqliteAdapter {
    return new WholeAdapter();
  }
}

/** Opens the database file in WAL mode with foreign keys. The only place that knows the engine. */
export function openDriver(
  file: string,
  { watch, readonly = false }: { watch?: Watch; readonly?: boolean } = {},
): Kysely<Tables> {
  const database = new Database(file);
  database.pragma('busy_timeout = 0');
  database.pragma(readonly ? 'query_only = ON' : 'journal_mode = WAL');
  database.pragma('foreign_keys = ON');
  return new Kysely<Tables>({
    dialect: new Dialect({ database: database as unknown as SqliteDatabase }, watch),
  });
}
