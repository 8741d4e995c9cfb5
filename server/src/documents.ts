import type { Kysely } from 'kysely';
import type { ZodType } from 'zod';
import type { DocumentTable, Tables } from './database/tables';
import { notFound, Problem } from './problem';

export interface Stored<T> {
  id: string;
  revision: number;
  updatedAt: string;
  document: T;
}

/** Reading and writing one kind of document, with optimistic concurrency. */
export class Documents<T> {
  constructor(
    private readonly db: Kysely<Tables>,
    private readonly table: DocumentTable,
    private readonly what: string,
    readonly schema: ZodType<T>,
    /** Columns kept beside the document for look-ups. */
    private readonly columns: (document: T) => Record<string, unknown> = () => ({}),
    /** What must hold beside the schema; throws a Problem that says what does not. */
    private readonly check: (document: T) => Promise<void> = () => Promise.resolve(),
    /** Brings a document of an older version to the newest. */
    private readonly latest: (document: unknown) => unknown = (document) => document,
  ) {}

  private read(row: Tables[DocumentTable]): Stored<T> {
    return {
      id: row.id,
      revision: row.revision,
      updatedAt: row.updated_at,
      document: this.latest(JSON.parse(row.document)) as T,
    };
  }

  async find(id: string): Promise<Stored<T> | null> {
    const row = await this.db.selectFrom(this.table).selectAll().where('id', '=', id).executeTakeFirst();
    return row ? this.read(row) : null;
  }

  /** Throws a 404 Problem when there is none. */
  async get(id: string): Promise<Stored<T>> {
    const found = await this.find(id);
    if (!found) throw notFound(this.what);
    return found;
  }

  async list(clientId?: string): Promise<Stored<T>[]> {
    let query = this.db.selectFrom(this.table).selectAll();
    if (clientId !== undefined) query = query.where('client_id' as 'id', '=', clientId);
    return (await query.orderBy('updated_at', 'desc').execute()).map((row) => this.read(row));
  }

  /** Adds a document. Sending the same id again gives back what is there, so a repeat does no harm. */
  async create(id: string, document: T): Promise<Stored<T>> {
    await this.check(document);
    const values = {
      id,
      revision: 1,
      document: JSON.stringify(document),
      updated_at: new Date().toISOString(),
      ...this.columns(document),
    };
    await this.db
      .insertInto(this.table)
      .values(values as never)
      .onConflict((c) => c.column('id').doNothing())
      .execute();
    return this.get(id);
  }

  /** Replaces a document. Throws a 409 Problem with the current one when `revision` is not the latest. */
  async replace(id: string, revision: number, document: T): Promise<Stored<T>> {
    await this.check(document);
    const values = {
      revision: revision + 1,
      document: JSON.stringify(document),
      updated_at: new Date().toISOString(),
      ...this.columns(document),
    };
    const result = await this.db
      .updateTable(this.table)
      .set(values as never)
      .where('id', '=', id)
      .where('revision', '=', revision)
      .executeTakeFirst();
    const current = await this.get(id);
    if (result.numUpdatedRows === 0n)
      throw new Problem(
        409,
        'stale',
        `This ${this.what} was changed somewhere else since you opened it.`,
        'revision',
        current,
      );
    return current;
  }

  async remove(id: string): Promise<void> {
    const result = await this.db.deleteFrom(this.table).where('id', '=', id).executeTakeFirst();
    if (result.numDeletedRows === 0n) throw notFound(this.what);
  }
}
