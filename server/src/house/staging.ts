import { rmSync } from 'node:fs';
import type { DocumentKind } from '@drimbo/core/documents';
import type { PerformedSet } from '@drimbo/core/log';
import { openEngine, type Engine } from '../database/engine';
import { rowOf } from '../queries/sets';

/** A document on its way in. */
export interface StagedDocument {
  kind: DocumentKind;
  id: string;
  /** The revision it takes the place of; 0 where nothing of its id is here. */
  replaces: number;
  document: string;
}

const SET_COLUMNS = Object.keys(rowOf({} as PerformedSet));
export const setColumns = SET_COLUMNS.join(', ');

/** What an import would write, in a file of its own beside the database, until it is known that all of it is good. */
export class Staging {
  readonly engine: Engine;
  private readonly putDocument;
  private readonly putSet;
  private readonly putLateSet;
  private readonly putLean;

  constructor(readonly file: string) {
    rmSync(file, { force: true });
    this.engine = openEngine(file);
    // Nothing of it outlives the work.
    this.engine.pragma('journal_mode = OFF');
    this.engine.pragma('synchronous = OFF');
    this.engine.exec(`
      create table documents (kind text, id text, replaces integer, document text, primary key (kind, id));
      create table sets (${SET_COLUMNS.join(', ')}, primary key (id));
      create table late_sets (${SET_COLUMNS.join(', ')}, primary key (id));
      create table leans_on (kind text, id text, primary key (kind, id));
      begin`);
    this.putDocument = this.engine.prepare('insert or replace into documents values (?, ?, ?, ?)');
    const put = (table: string) =>
      this.engine.prepare(
        `insert or replace into ${table} (${setColumns}) values (${SET_COLUMNS.map(() => '?').join(', ')})`,
      );
    this.putSet = put('sets');
    this.putLateSet = put('late_sets');
    this.putLean = this.engine.prepare('insert or ignore into leans_on values (?, ?)');
  }

  addDocument({ kind, id, replaces, document }: StagedDocument): void {
    this.putDocument.run(kind, id, replaces, document);
  }

  /** A new set of a session that comes along. */
  addSet(set: PerformedSet): void {
    this.putSet.run(...Object.values(rowOf(set)));
  }

  /** One of a session that is here, or that takes the place of one that is. */
  addLateSet(set: PerformedSet): void {
    this.putLateSet.run(...Object.values(rowOf(set)));
  }

  /** Something that is here and must still be when it all arrives. */
  leanOn(kind: DocumentKind, id: string): void {
    this.putLean.run(kind, id);
  }

  /** Everything is in it. */
  complete(): void {
    this.engine.exec('commit');
  }

  drop(): void {
    this.engine.close();
    for (const tail of ['', '-wal', '-shm', '-journal']) rmSync(this.file + tail, { force: true });
  }
}
