import { randomUUID } from 'node:crypto';
import type { DocumentKind } from '@drimbo/core/documents';
import { columnsOf } from '../database/columns';
import { openEngine, type Engine } from '../database/engine';
import { insisting } from '../database/insisting';
import { setColumns, type StagedDocument, type Staging } from './staging';

/** How long one transaction may hold up other writers, and how long they have between two, milliseconds. */
const SLICE_MS = 60;
const BETWEEN_MS = 40;
const FIRST_SLICE = 200;

const pause = (ms: number): Promise<void> => new Promise((done) => setTimeout(done, ms));

const kinds: readonly DocumentKind[] = ['kit', 'school', 'client', 'notebook', 'session', 'block'];

interface Lean {
  kind: DocumentKind;
  id: string;
}

/** What is here is not what the plan was made of. */
export class Changed extends Error {}

/**
 * Writes what was staged: what is new in slices and out of sight, so that nobody waits; then what changes, and the mark
 * that hid the rest is taken away, in one transaction. Ended before that nothing arrived: what is out of sight is
 * forgotten like anything deleted long ago. Throws `Changed` where the database changed since it was planned.
 */
export async function arrive(file: string, staging: Staging, tell: (share: number) => void): Promise<void> {
  const engine = openEngine(file, { mustExist: true });
  const arriving = new Arriving(engine, `0000-arriving-${randomUUID()}`);
  try {
    engine.prepare('attach database ? as staged').run(staging.file);
    await arriving.hidden(tell);
    insisting(() => arriving.appear());
  } catch (error) {
    await arriving.takeBack().catch(() => undefined);
    throw error;
  } finally {
    engine.close();
  }
}

class Arriving {
  constructor(
    private readonly engine: Engine,
    /** Stands where a deleted document says since when. */
    private readonly mark: string,
  ) {}

  private one<T>(text: string, ...values: unknown[]): T {
    return this.engine.prepare(text).get(...values) as T;
  }

  /** In portions as large as the time allows, with room for others between. `next` gives false when all is done. */
  private async inSlices(next: (most: number) => number, tell: (done: number) => void): Promise<void> {
    let most = FIRST_SLICE;
    let all = 0;
    for (;;) {
      const began = Date.now();
      const done = insisting(() => this.atOnce(() => next(most)));
      all += done;
      tell(all);
      if (done < most) return;
      const took = Math.max(1, Date.now() - began);
      most = Math.max(20, Math.min(20_000, Math.round((most * SLICE_MS) / took)));
      await pause(BETWEEN_MS);
    }
  }

  private atOnce<T>(work: () => T): T {
    this.engine.exec('begin immediate');
    try {
      const result = work();
      this.engine.exec('commit');
      return result;
    } catch (error) {
      if (this.engine.inTransaction) this.engine.exec('rollback');
      throw error;
    }
  }

  /** Everything new, where no list shows it. */
  async hidden(tell: (share: number) => void): Promise<void> {
    const documents = this.one<{ n: number }>('select count(*) as n from staged.documents').n;
    const sets = this.one<{ n: number }>('select count(*) as n from staged.sets').n;
    // A document weighs as much as some ten sets.
    const all = Math.max(1, 10 * documents + sets);
    let done = 0;
    for (const kind of kinds) {
      let after = '';
      await this.inSlices(
        (most) => {
          const rows = this.engine
            .prepare(
              `select * from staged.documents where kind = ? and replaces = 0 and id > ? order by id limit ?`,
            )
            .all(kind, after, most) as StagedDocument[];
          for (const row of rows) this.add(row);
          after = rows.at(-1)?.id ?? after;
          done += rows.length;
          return rows.length;
        },
        () => tell((10 * done) / all),
      );
    }
    let after = 0;
    await this.inSlices(
      (most) => {
        const to = this.one<{ rowid: number | null }>(
          `select max(rowid) as rowid from (select rowid from staged.sets where rowid > ? order by rowid limit ?)`,
          after,
          most,
        ).rowid;
        if (to === null) return 0;
        const n = this.one<{ n: number }>(
          'select count(*) as n from staged.sets where rowid > ? and rowid <= ?',
          after,
          to,
        ).n;
        const { changes } = this.engine
          .prepare(
            `insert into performed_sets (${setColumns}) select ${setColumns} from staged.sets
             where rowid > ? and rowid <= ? on conflict (id) do nothing`,
          )
          .run(after, to);
        if (changes < n) throw new Changed();
        after = to;
        return n;
      },
      (n) => tell((10 * documents + n) / all),
    );
  }

  /** A new document under the mark. Throws `Changed` where another has its id by now. */
  private add({ kind, id, document }: StagedDocument): void {
    const values = {
      id,
      revision: 1,
      document,
      updated_at: new Date().toISOString(),
      deleted_at: this.mark,
      ...columnsOf(kind, JSON.parse(document)),
    };
    const names = Object.keys(values);
    const { changes } = this.engine
      .prepare(
        `insert into ${kind}s (${names.join(', ')}) values (${names.map(() => '?').join(', ')})
         on conflict (id) do nothing`,
      )
      .run(...Object.values(values));
    if (changes === 0) throw new Changed();
  }

  /** Takes the place of a document that is as it was planned. */
  private replace({ kind, id, replaces, document }: StagedDocument): void {
    const values = {
      revision: replaces + 1,
      document,
      updated_at: new Date().toISOString(),
      deleted_at: null,
      ...columnsOf(kind, JSON.parse(document)),
    };
    const names = Object.keys(values).map((name) => `${name} = ?`);
    const { changes } = this.engine
      .prepare(`update ${kind}s set ${names.join(', ')} where id = ? and revision = ?`)
      .run(...Object.values(values), id, replaces);
    if (changes === 0) throw new Changed();
  }

  /** All at once: what changes, and the new where everybody sees it. */
  appear(): void {
    this.atOnce(() => {
      for (const row of this.engine
        .prepare('select * from staged.documents where replaces > 0')
        .all() as StagedDocument[])
        this.replace(row);
      for (const kind of kinds)
        this.engine.prepare(`update ${kind}s set deleted_at = null where deleted_at = ?`).run(this.mark);
      for (const { kind, id } of this.engine.prepare('select * from staged.leans_on').all() as Lean[])
        if (!this.one(`select 1 from ${kind}s where id = ? and deleted_at is null`, id)) throw new Changed();
      const { strays } = this.one<{ strays: number }>(
        `select count(*) as strays from staged.late_sets as s where not exists (
           select 1 from sessions where id = s.session_id and deleted_at is null and client_id = s.client_id)`,
      );
      if (strays > 0) throw new Changed();
      const others = setColumns.split(', ').filter((name) => name !== 'id');
      // "where true": without it the engine takes "on" for the condition of a join.
      this.engine
        .prepare(
          `insert into performed_sets (${setColumns}) select ${setColumns} from staged.late_sets where true
           on conflict (id) do update set ${others.map((name) => `${name} = excluded.${name}`).join(', ')}`,
        )
        .run();
    });
  }

  /** What was written out of sight goes again. */
  async takeBack(): Promise<void> {
    await this.inSlices(
      (most) =>
        this.engine
          .prepare(
            `delete from performed_sets where rowid in (select p.rowid from performed_sets as p
               join sessions as s on s.id = p.session_id where s.deleted_at = ? limit ?)`,
          )
          .run(this.mark, most).changes,
      () => undefined,
    );
    for (const kind of [...kinds].reverse())
      await this.inSlices(
        (most) =>
          this.engine
            .prepare(
              `delete from ${kind}s where rowid in (select rowid from ${kind}s where deleted_at = ? limit ?)`,
            )
            .run(this.mark, most).changes,
        () => undefined,
      );
  }
}
