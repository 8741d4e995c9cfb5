import { chmodSync, existsSync, mkdirSync, renameSync, rmSync, statSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { sql, type Kysely } from 'kysely';
import { openDriver } from '../database/driver';
import { openEngine, withoutJournal } from '../database/engine';
import { copyOnto, databaseFile, exchangeFiles, finishExchange, onDisk, stamp } from '../database/files';
import { NEW_HOUSE } from '../database/set-clocks';
import type { Tables } from '../database/tables';
import { troubleOf } from '../database/troubles';
import { Problem } from '../problems/problem';
import { takeFolder } from '../database/running';

/** What lies in a backup. */
export interface Contents {
  bytes: number;
  clients: number;
  kits: number;
  sessions: number;
  sets: number;
}

const countOf = async (db: Kysely<Tables>, table: keyof Tables): Promise<number> => {
  const { n } = await db
    .selectFrom(table)
    .select((e) => e.fn.countAll<number>().as('n'))
    .executeTakeFirstOrThrow();
  return Number(n);
};

const damaged = (): Problem =>
  new Problem(400, 'no-backup', 'This file is damaged or no backup of Drimbo. Nothing was changed.');

/**
 * Opens a copy and looks through every page of it. Throws a Problem when it is no database of Drimbo, a damaged one, or
 * cannot be reached.
 */
export async function contentsOf(file: string): Promise<Contents> {
  let db: Kysely<Tables> | null = null;
  try {
    db = openDriver(file, { readonly: true, mustExist: true });
    const { rows } = await sql<{ integrity_check: string }>`pragma integrity_check`.execute(db);
    if (rows[0]?.integrity_check !== 'ok') throw damaged();
    return {
      bytes: statSync(file).size,
      clients: await countOf(db, 'clients'),
      kits: await countOf(db, 'kits'),
      sessions: await countOf(db, 'sessions'),
      sets: await countOf(db, 'performed_sets'),
    };
  } catch (error) {
    const trouble = troubleOf(error);
    throw trouble && trouble.code !== 'damaged' ? trouble : damaged();
  } finally {
    await db?.destroy();
  }
}

/**
 * Copies the database of a folder into one file, whole as of one moment, also while a server writes to it. The
 * copy is opened and looked through before it gets its name. Throws an Error when it cannot be made.
 */
export async function backUp(folder: string, file: string): Promise<Contents> {
  if (existsSync(file)) throw new Error(`${file} is there already. Name another file.`);
  mkdirSync(dirname(file), { recursive: true, mode: 0o700 });
  const unfinished = `${file}.${process.pid}.part`;
  const db = openDriver(databaseFile(folder), { mustExist: true });
  try {
    await sql`vacuum into ${sql.lit(unfinished)}`.execute(db);
    chmodSync(unfinished, 0o600);
    onDisk(unfinished);
    const contents = await contentsOf(unfinished);
    renameSync(unfinished, file);
    onDisk(dirname(file));
    return contents;
  } finally {
    await db.destroy();
    rmSync(unfinished, { force: true });
  }
}

/** Makes a database one file without a journal, that the disk has; a statement may change it before. */
export async function asOneFile(file: string, statement = ''): Promise<void> {
  const engine = openEngine(file, { mustExist: true });
  try {
    engine.exec(statement);
    if (!(await withoutJournal(engine))) throw new Error('Another program has the copy open.');
  } finally {
    engine.close();
  }
  onDisk(file);
}

/**
 * Puts a backup in the place of the database of a folder that nobody serves; the one that was there is kept under a
 * dated name. Throws a Problem, and changes nothing, when the backup cannot be read.
 */
export async function putBack(folder: string, file: string): Promise<Contents & { aside: string | null }> {
  const contents = await contentsOf(file);
  finishExchange(folder);
  const incoming = join(folder, `restoring-${process.pid}.part`);
  copyOnto(file, incoming);
  // An older one has no mark yet; it gets one of its own when it is brought up to date.
  await asOneFile(incoming, (await hasMarks(incoming)) ? NEW_HOUSE : '');
  const aside = existsSync(databaseFile(folder)) ? join(folder, `before-restore-${stamp()}.sqlite`) : null;
  exchangeFiles(folder, incoming, aside);
  return { ...contents, aside };
}

/** The same for a folder that a server may work in. Throws an Error where one does. */
export async function restore(folder: string, file: string): Promise<Contents & { aside: string | null }> {
  const free = takeFolder(folder, 'restored');
  try {
    return await putBack(folder, file);
  } finally {
    free();
  }
}

async function hasMarks(file: string): Promise<boolean> {
  const db = openDriver(file, { readonly: true });
  try {
    return (await sql`select name from sqlite_master where name = 'marks'`.execute(db)).rows.length > 0;
  } finally {
    await db.destroy();
  }
}
