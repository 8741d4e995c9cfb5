import {
  CompiledQuery,
  Kysely,
  SelectQueryNode,
  SqliteAdapter,
  SqliteDialect,
  type DatabaseConnection,
  type Driver,
  type QueryResult,
  type TransactionSettings,
} from 'kysely';
import { letGo, openEngine, withoutJournal, type Engine } from './engine';
import type { Tables } from './tables';
import { isBusy, troubleOf } from './troubles';
import { Turns } from './turns';

/** How long a write waits for its turn and for other processes together, and how long between tries, milliseconds. */
const PATIENCE_MS = 3_000;
const TRY_AGAIN_MS = 20;
/** Connections kept for reading as of one moment. */
const MOST_IDLE = 4;
/** How long somebody who reads as of one moment is waited for before an exchange, milliseconds. */
const LENT_MS = 1_000;

const pause = (ms: number): Promise<void> => new Promise((done) => setTimeout(done, ms));

/** Hears of every statement before it is run. */
export type Watch = (sql: string) => void;

interface DriverOptions {
  watch?: Watch;
  readonly?: boolean;
  mustExist?: boolean;
}

/** What begins and ends transactions. Run by itself: a statement that met a lock would stay open and bar every commit. */
const isControl = (text: string): boolean => /^\s*(begin|commit|rollback|savepoint|release)\b/i.test(text);
/** What stands outside any transaction. */
const standsAlone = (text: string): boolean => /^\s*(pragma|vacuum|attach|detach)\b/i.test(text);

function run<R>(engine: Engine, { sql, parameters }: CompiledQuery): QueryResult<R> {
  if (isControl(sql)) {
    engine.exec(sql);
    return { rows: [] };
  }
  const statement = engine.prepare(sql);
  if (statement.reader) return { rows: statement.all(...parameters) as R[] };
  const { changes } = statement.run(...parameters);
  return { numAffectedRows: BigInt(changes), rows: [] };
}

/** One statement as a transaction of its own: only its beginning can meet a lock. */
function whole<R>(engine: Engine, query: CompiledQuery): QueryResult<R> {
  if (standsAlone(query.sql)) return run<R>(engine, query);
  engine.exec('begin immediate');
  try {
    const result = run<R>(engine, query);
    engine.exec('commit');
    return result;
  } catch (error) {
    if (engine.inTransaction) engine.exec('rollback');
    throw error;
  }
}

/** Tries again while another process has the file, with the event loop free. */
async function patiently<R>(work: () => R, until: number): Promise<R> {
  for (;;)
    try {
      return work();
    } catch (error) {
      if (!isBusy(error) || Date.now() >= until) throw error;
      await pause(TRY_AGAIN_MS);
    }
}

const reads = ({ query, sql }: CompiledQuery): boolean =>
  SelectQueryNode.is(query) || /^\s*select\b/i.test(sql);

/**
 * The connections to one file: one that writes, a turn after the other, and others that read. A statement that reads is
 * answered beside whatever is being written; nobody who reads waits for one who writes.
 */
class Connections {
  private readonly turns = new Turns();
  private writer: Engine | null = null;
  private reader: Engine | null = null;
  private readonly idle: Engine[] = [];
  private lent = 0;
  /** Resolves when the file is there again; null while it is. */
  private away: Promise<void> | null = null;

  constructor(
    private readonly file: string,
    readonly o: DriverOptions,
  ) {
    this.open();
  }

  private open(): void {
    const { mustExist = false } = this.o;
    if (!this.o.readonly) this.writer = openEngine(this.file, { mustExist });
    this.reader = openEngine(this.file, { readonly: true, mustExist });
  }

  private close(): void {
    for (const engine of [this.writer, this.reader, ...this.idle]) engine?.close();
    this.writer = null;
    this.reader = null;
    this.idle.length = 0;
  }

  async read<R>(query: CompiledQuery): Promise<QueryResult<R>> {
    await this.away;
    return patiently(() => run<R>(this.reader!, query), Date.now() + PATIENCE_MS);
  }

  /** The one that writes, until `give`; statements tried on it are patient until then. */
  async write(): Promise<{ engine: Engine; until: number; give: () => void }> {
    const until = Date.now() + PATIENCE_MS;
    await this.turns.take(PATIENCE_MS);
    return { engine: this.writer ?? this.reader!, until, give: () => this.turns.give() };
  }

  /** One that reads as of one moment, until `give`. */
  async lend(): Promise<{ engine: Engine; until: number; give: () => void }> {
    await this.away;
    const engine = this.idle.pop() ?? openEngine(this.file, { readonly: true, mustExist: true });
    this.lent += 1;
    const give = (): void => {
      this.lent -= 1;
      if (this.writer !== null && this.idle.length < MOST_IDLE) this.idle.push(engine);
      else engine.close();
    };
    return { engine, until: Date.now() + PATIENCE_MS, give };
  }

  /**
   * Puts another file in the place of this one. `before` has the connection that writes, with every other write waiting;
   * `swap` is done once the file has no journal and is nobody else's. False, and nothing was done, where another
   * process has it open. Reads and writes wait meanwhile.
   */
  async exchange(before: (engine: Engine) => void, swap: () => void): Promise<boolean> {
    const { engine, give } = await this.write();
    let back = (): void => undefined;
    this.away = new Promise((done) => (back = done));
    try {
      const until = Date.now() + LENT_MS;
      while (this.lent > 0 && Date.now() < until) await pause(TRY_AGAIN_MS);
      before(engine);
      for (const other of [this.reader, ...this.idle]) other?.close();
      this.idle.length = 0;
      this.reader = null;
      const isAlone = this.lent === 0 && (await withoutJournal(engine));
      if (isAlone) {
        engine.exec('begin exclusive');
        swap();
        engine.exec('rollback');
      }
      this.close();
      await letGo();
      this.open();
      return isAlone;
    } catch (error) {
      this.close();
      await letGo();
      this.open();
      throw error;
    } finally {
      this.away = null;
      back();
      give();
    }
  }

  async destroy(): Promise<void> {
    try {
      // A closed database is one file; where somebody else still reads, the journal stays with it.
      this.writer?.pragma('wal_checkpoint(truncate)');
    } catch (error) {
      if (!troubleOf(error)) throw error;
    }
    this.close();
    await Promise.resolve();
  }
}

/** What Kysely holds: a connection only once it begins a transaction. */
class Connection implements DatabaseConnection {
  held: Awaited<ReturnType<Connections['write']>> | null = null;

  constructor(private readonly all: Connections) {}

  async executeQuery<R>(query: CompiledQuery): Promise<QueryResult<R>> {
    this.all.o.watch?.(query.sql);
    if (this.held) {
      const { engine, until } = this.held;
      return patiently(() => run<R>(engine, query), until);
    }
    if (reads(query)) return this.all.read<R>(query);
    const turn = await this.all.write();
    try {
      return await patiently(() => whole<R>(turn.engine, query), turn.until);
    } finally {
      turn.give();
    }
  }

  // eslint-disable-next-line require-yield
  async *streamQuery<R>(): AsyncIterableIterator<QueryResult<R>> {
    throw new Error('Ask for portions instead of a stream.');
  }

  letGo(): void {
    this.held?.give();
    this.held = null;
  }
}

class HouseDriver implements Driver {
  constructor(readonly all: Connections) {}

  async init(): Promise<void> {}

  async acquireConnection(): Promise<Connection> {
    return new Connection(this.all);
  }

  async beginTransaction(connection: Connection, { accessMode }: TransactionSettings = {}): Promise<void> {
    connection.held = accessMode === 'read only' ? await this.all.lend() : await this.all.write();
    const begin = accessMode === 'read only' ? 'begin' : 'begin immediate';
    try {
      await connection.executeQuery(CompiledQuery.raw(begin));
    } catch (error) {
      connection.letGo();
      throw error;
    }
  }

  async commitTransaction(connection: Connection): Promise<void> {
    await connection.executeQuery(CompiledQuery.raw('commit'));
  }

  async rollbackTransaction(connection: Connection): Promise<void> {
    // Of a full disk the engine takes everything back by itself.
    if (connection.held?.engine.inTransaction) await connection.executeQuery(CompiledQuery.raw('rollback'));
  }

  async releaseConnection(connection: Connection): Promise<void> {
    connection.letGo();
  }

  destroy(): Promise<void> {
    return this.all.destroy();
  }
}

/** SQLite takes changes of its tables back like any other. */
class WholeAdapter extends SqliteAdapter {
  override get supportsTransactionalDdl(): boolean {
    return true;
  }
}

class Dialect extends SqliteDialect {
  constructor(private readonly all: Connections) {
    super({ database: () => Promise.reject(new Error('Its connections are opened elsewhere.')) });
  }
  override createDriver(): HouseDriver {
    return new HouseDriver(this.all);
  }
  override createAdapter(): SqliteAdapter {
    return new WholeAdapter();
  }
}

const connectionsOf = new WeakMap<Kysely<Tables>, Connections>();

/**
 * Opens a database file. `readonly` refuses every change; `mustExist` makes no new file. A transaction with the access
 * mode `read only` reads as of one moment and stands in nobody's way.
 */
export function openDriver(file: string, options: DriverOptions = {}): Kysely<Tables> {
  const all = new Connections(file, options);
  const db = new Kysely<Tables>({ dialect: new Dialect(all) });
  connectionsOf.set(db, all);
  return db;
}

/** Puts another file in the place of an open one: see `Connections.exchange`. */
export const exchange = (
  db: Kysely<Tables>,
  before: (engine: Engine) => void,
  swap: () => void,
): Promise<boolean> => connectionsOf.get(db)!.exchange(before, swap);

/** Reads as of one moment. */
export const asOfOneMoment = <T>(db: Kysely<Tables>, work: (one: Kysely<Tables>) => Promise<T>): Promise<T> =>
  db.transaction().setAccessMode('read only').execute(work);
