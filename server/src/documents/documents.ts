import { createHash } from 'node:crypto';
import type { Unreadable } from '@drimbo/core/formats';
import {
  documentKinds,
  kindOfDocument,
  kinds,
  mayReplace,
  type DocumentKind,
  type Documents as Kinds,
  type Kind,
} from '@drimbo/core/documents';
import { sql, type Kysely } from 'kysely';
import { columnsOf } from '../database/columns';
import { allUsersOf, pointsToWhatIsThere } from '../database/refs';
import type { DocumentTable, StoredRow, Tables } from '../database/tables';
import { GOING } from '../database/deleted';
import type { Stored } from '@drimbo/core/contract';
import { OpenedRows } from './opened-rows';
import { parsed } from '../database/parsed';
import { inUse, stale } from '../problems/refusals';
import { checked, checkedOver, notFound, Problem, upToAYearAhead } from '../problems/problem';

/** Kinds of which each document is somebody's: they go with their client, and come back with them. */
const owned = documentKinds.filter((kind) => kinds[kind].owner !== null) as ('session' | 'block')[];

const digestOf = (text: string): string => createHash('sha256').update(text).digest('base64url');

/** So many documents are read before others are answered. */
const A_FEW = 20;

/** Reading and writing one kind of document, with optimistic concurrency. */
export class Documents<K extends DocumentKind> {
  private readonly record: Kind<K, Kinds[K]>;
  private readonly table: DocumentTable;
  private readonly rows: OpenedRows<K>;

  constructor(
    private readonly db: Kysely<Tables>,
    readonly kind: K,
    private readonly today: () => string,
  ) {
    this.record = kindOfDocument(kind);
    this.table = `${kind}s`;
    this.rows = new OpenedRows(kind);
  }

  /** There is one, always: it is neither made nor deleted. */
  get isSingle(): boolean {
    return this.record.isSingle;
  }

  private row(id: string) {
    return this.db
      .selectFrom(this.table)
      .selectAll()
      .where('id', '=', id)
      .where('deleted_at', 'is', null)
      .executeTakeFirst();
  }

  /** Throws a 422 Problem with the raw text when what is there cannot be read. */
  async find(id: string): Promise<Stored<Kinds[K]> | null> {
    const row = await this.row(id);
    if (!row) return null;
    const opened = this.rows.open(row);
    if ('document' in opened) return opened;
    throw new Problem(
      422,
      'unreadable-document',
      `This ${this.record.name} cannot be read: ${opened.why}. Its text can be saved; nothing else is touched by it.`,
      '',
      opened,
    );
  }

  /** Throws a 404 Problem when there is none. */
  async get(id: string): Promise<Stored<Kinds[K]>> {
    const found = await this.find(id);
    if (!found) throw notFound(this.record.name);
    return found;
  }

  /** The stored text as it is, unread; null when there is none. */
  async text(id: string): Promise<string | null> {
    const row = await this.db
      .selectFrom(this.table)
      .select('document')
      .where('id', '=', id)
      .where('deleted_at', 'is', null)
      .executeTakeFirst();
    return row?.document ?? null;
  }

  /** The rows of these ids in their order, those that cannot be read too; what is gone is left out. */
  async opened(ids: readonly string[]): Promise<(Stored<Kinds[K]> | Unreadable)[]> {
    if (ids.length === 0) return [];
    const rows = await this.db
      .selectFrom(this.table)
      .selectAll()
      .where('id', 'in', ids)
      .where('deleted_at', 'is', null)
      .execute();
    const byId = new Map(rows.map((row) => [row.id, row]));
    return ids.flatMap((id) => (byId.has(id) ? [this.rows.open(byId.get(id)!)] : []));
  }

  /** Every row, the newest first. For kinds of which there are few. */
  private async all(): Promise<(Stored<Kinds[K]> | Unreadable)[]> {
    const rows = await this.db
      .selectFrom(this.table)
      .selectAll()
      .where('deleted_at', 'is', null)
      .orderBy('updated_at', 'desc')
      .execute();
    return rows.map((row) => this.rows.open(row));
  }

  /** What can be read, the newest first. */
  async list(): Promise<Stored<Kinds[K]>[]> {
    return (await this.all()).filter((d) => 'document' in d);
  }

  /** What cannot. Rows that were read before as they are now are not read again, the others a few at a time. */
  async unreadable(): Promise<Unreadable[]> {
    const rows = await this.db
      .selectFrom(this.table)
      .select(['id', 'revision'])
      .select(sql<number>`octet_length(document)`.as('bytes'))
      .where('deleted_at', 'is', null)
      .execute();
    const unknown = rows.filter((row) => !this.rows.isSound(row)).map((row) => row.id);
    const found: Unreadable[] = [];
    for (let at = 0; at < unknown.length; at += A_FEW) {
      for (const d of await this.opened(unknown.slice(at, at + A_FEW))) if ('why' in d) found.push(d);
      await new Promise((done) => setImmediate(done));
    }
    return found;
  }

  /** What was seen of the rows is forgotten: they were written by somebody else. */
  forget(): void {
    this.rows.forget();
  }

  /**
   * The input as a document that may be written, in the place of `here` where one is there. Throws a 400 Problem with
   * its path for anything else.
   */
  private async taken(input: unknown, here?: string): Promise<Kinds[K]> {
    const document =
      here === undefined
        ? checked(this.record.any, input, 'document')
        : checkedOver(mayReplace(this.record, input, parsed(here)), 'document');
    upToAYearAhead(this.today(), document, 'document');
    await pointsToWhatIsThere(this.db, this.kind, document);
    return document;
  }

  /**
   * Adds a document. The same one sent again gives back what became of it, so that a repeat does no harm.
   * Throws a 409 Problem with the one that is there when the id is another document's.
   */
  async create(id: string, input: unknown): Promise<Stored<Kinds[K]>> {
    const document = await this.taken(input);
    const values = {
      id,
      revision: 1,
      document: JSON.stringify(document),
      updated_at: new Date().toISOString(),
      made_hash: digestOf(JSON.stringify(document)),
      ...columnsOf(this.kind, document),
    };
    const result = await this.db
      .insertInto(this.table)
      .values(values as never)
      .onConflict((c) => c.column('id').doNothing())
      .executeTakeFirst();
    const current = await this.find(id);
    if (!current)
      throw new Problem(
        409,
        'deleted',
        `A deleted ${this.record.name} has this id. Bring it back, or take another id.`,
        'id',
      );
    const isRepeat = async (): Promise<boolean> =>
      JSON.stringify(current.document) === values.document ||
      (await this.row(id))?.made_hash === values.made_hash;
    if (result.numInsertedOrUpdatedRows === 0n && !(await isRepeat()))
      throw new Problem(409, 'taken', `Another ${this.record.name} has this id.`, 'id', current);
    return current;
  }

  /** Replaces a document. Throws a 409 Problem with the current one when `revision` is not the latest. */
  async replace(id: string, revision: number, input: unknown): Promise<Stored<Kinds[K]>> {
    const here = await this.row(id);
    const document = await this.taken(input, here?.document);
    if (this.record.owner !== null) this.staysWith(here, String(document[this.record.owner]));
    const values = {
      revision: revision + 1,
      document: JSON.stringify(document),
      updated_at: new Date().toISOString(),
      ...columnsOf(this.kind, document),
    };
    const result = await this.db
      .updateTable(this.table)
      .set(values as never)
      .where('id', '=', id)
      .where('revision', '=', revision)
      .where('deleted_at', 'is', null)
      .executeTakeFirst();
    const current = await this.get(id);
    if (result.numUpdatedRows === 0n) throw stale(this.kind, current);
    return current;
  }

  /** Throws a 400 Problem where the document is another client's. */
  private staysWith(row: StoredRow | undefined, clientId: string): void {
    if (row && 'client_id' in row && row.client_id !== clientId)
      throw new Problem(
        400,
        'invalid',
        `A ${this.record.name} stays with its client. Make a copy for somebody else.`,
        'document.clientId',
      );
  }

  /**
   * Marks a document as deleted. Throws a 409 Problem when `revision` is not the latest, or when the document
   * is in use and `along` does not say that what uses it may go along.
   */
  async remove(id: string, revision: number, along: boolean): Promise<void> {
    const current = await this.get(id);
    if (current.revision !== revision) throw stale(this.kind, current);
    const users = await allUsersOf(this.db, this.kind, id);
    const mayGoAlong = this.kind === 'client';
    if (users.length > 0 && !(along && mayGoAlong)) throw inUse(this.kind, users, mayGoAlong);
    await this.db.transaction().execute(async (whole) => {
      const at = new Date().toISOString();
      await whole
        .updateTable(this.table)
        .set({ deleted_at: at, revision: revision + 1 } as never)
        .where('id', '=', id)
        .where('revision', '=', revision)
        .execute();
      await this.mark(whole, id, null, at);
    });
  }

  /** Changes the mark of what goes along with a document, where it is as it was. */
  private async mark(
    whole: Kysely<Tables>,
    id: string,
    from: string | null,
    to: string | null,
  ): Promise<void> {
    if (this.kind !== 'client') return;
    for (const kind of owned)
      await whole
        .updateTable(`${kind}s` as const)
        .set({ deleted_at: to })
        .where('client_id', '=', id)
        .where('deleted_at', from === null ? 'is' : '=', from)
        .execute();
  }

  /**
   * Takes the mark of a deleted document away again, and of what went along with it; one that is there is given back
   * as it is. Throws a 404 Problem when there is none, and what the check says when something it needs is gone.
   */
  async bringBack(id: string): Promise<Stored<Kinds[K]>> {
    const row = await this.db
      .selectFrom(this.table)
      .selectAll()
      .where('id', '=', id)
      .where('deleted_at', '>', GOING)
      .executeTakeFirst();
    if (!row) {
      const there = await this.find(id);
      if (there) return there;
      throw notFound(`deleted ${this.record.name}`);
    }
    const opened = this.rows.open(row);
    if ('document' in opened) await pointsToWhatIsThere(this.db, this.kind, opened.document);
    await this.db.transaction().execute(async (whole) => {
      await whole
        .updateTable(this.table)
        .set({ deleted_at: null } as never)
        .where('id', '=', id)
        .execute();
      await this.mark(whole, id, row.deleted_at, null);
    });
    return this.get(id);
  }
}
