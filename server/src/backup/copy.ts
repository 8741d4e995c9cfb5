import { chmodSync, copyFileSync, existsSync, mkdirSync, renameSync, rmSync, statSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { sql, type Kysely } from 'kysely';
import { openDriver } from '../database/driver';
import { databaseFile, filesOf, openDatabase, stamp } from '../database/open';
import { NEW_HOUSE } from '../database/set-clocks';
import type { Tables } from '../database/tables';
import { nobodyRuns } from '../running';

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

/**
 * Opens a copy and looks through every page of it. Throws an Error that says what is the matter when it is no
 * database of Drimbo or a damaged one.
 */
export async function contentsOf(file: string): Promise<Contents> {
  if (!existsSync(file)) throw new Error(`There is no file ${file}.`);
  let db: Kysely<Tables> | null = null;
  try {
    db = openDriver(file, { readonly: true });
    const { rows } = await sql<{ integrity_check: string }>`pragma integrity_check`.execute(db);
    if (rows[0]?.integrity_check !== 'ok') throw new Error(rows[0]?.integrity_check);
    return {
      bytes: statSync(file).size,
      clients: await countOf(db, 'clients'),
      kits: await countOf(db, 'kits'),
      sessions: await countOf(db, 'sessions'),
      sets: await countOf(db, 'performed_sets'),
    };
  } catch (error) {
    throw new Error(`${file} is damaged or no backup of Drimbo. Nothing was changed.`, { cause: error });
  } finally {
    await db?.destroy();
  }
}

/**
 * Copies the database of a folder into one file, whole as of one moment, also while a server writes to it. The
 * copy is opened and looked through before it gets its name. Throws an Error when it cannot be made.
 */
export async function backUp(folder: string, file: string): Promise<Contents> {
  if (!existsSync(databaseFile(folder))) throw new Error(`There is no database in ${folder} to back up.`);
  if (existsSync(file)) throw new Error(`${file} is there already. Name another file.`);
  mkdirSync(dirname(file), { recursive: true, mode: 0o700 });
  const unfinished = `${file}.${process.pid}.part`;
  const db = openDriver(databaseFile(folder));
  try {
    await sql`vacuum into ${sql.lit(unfinished)}`.execute(db);
    chmodSync(unfinished, 0o600);
    const contents = await contentsOf(unfinished);
    renameSync(unfinished, file);
    return contents;
  } finally {
    await db.destroy();
    rmSync(unfinished, { force: true });
  }
}

/** What devices know of the counts of a database does not hold for a copy of it that is put back. */
async function asAnotherHouse(file: string): Promise<void> {
  const db = openDriver(file);
  try {
    // An older one has no mark yet; it gets one of its own when it is brought up to date.
    const { rows } = await sql`select name from sqlite_master where name = 'marks'`.execute(db);
    if (rows.length > 0) await sql.raw(NEW_HOUSE).execute(db);
    await sql`pragma wal_checkpoint(truncate)`.execute(db);
  } finally {
    await db.destroy();
  }
}

/**
 * Puts a backup in the place of the database of a folder; the one that was there is kept under a dated name.
 * Throws an Error, and changes nothing, when a server works in the folder or the backup cannot be read.
 */
export async function restore(folder: string, file: string): Promise<Contents & { aside: string | null }> {
  await nobodyRuns(folder, 'restored');
  const contents = await contentsOf(file);
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  const [main] = filesOf(folder);
  const incoming = join(folder, `restoring-${process.pid}.part`);
  copyFileSync(file, incoming);
  chmodSync(incoming, 0o600);
  const aside = existsSync(main!) ? join(folder, `before-restore-${stamp()}.sqlite`) : null;
  if (aside)
    filesOf(folder).forEach((from) => {
      if (existsSync(from)) renameSync(from, aside + from.slice(main!.length));
    });
  await asAnotherHouse(incoming);
  renameSync(incoming, main!);
  return { ...contents, aside };
}

const inOrder = [
  'notebooks',
  'kits',
  'schools',
  'clients',
  'sessions',
  'blocks',
  'removed_sets',
  'performed_sets',
] as const;

async function columnsOfTable(db: Kysely<Tables>, table: string): Promise<string> {
  const { rows } = await sql<{ name: string }>`select name from pragma_table_info(${table})`.execute(db);
  return rows.map((row) => `"${row.name}"`).join(', ');
}

/**
 * Puts what a backup holds in the place of what the database holds, in one transaction and under a running server;
 * a copy of what was there is kept. Older backups are brought up to date on the way. Throws an Error, and changes
 * nothing, when the backup cannot be read.
 */
export async function restoreInto(folder: string, file: string): Promise<Contents & { aside: string }> {
  const contents = await contentsOf(file);
  const workshop = join(folder, `restoring-${process.pid}`);
  mkdirSync(workshop, { recursive: true, mode: 0o700 });
  const incoming = databaseFile(workshop);
  try {
    copyFileSync(file, incoming);
    await (await openDatabase(workshop)).destroy();
    const aside = join(folder, `before-restore-${stamp()}.sqlite`);
    await backUp(folder, aside);
    const db = openDriver(databaseFile(folder));
    try {
      await sql`attach database ${incoming} as incoming`.execute(db);
      await db.transaction().execute(async (whole) => {
        for (const table of [...inOrder].reverse()) await sql`delete from ${sql.table(table)}`.execute(whole);
        for (const table of inOrder) {
          const columns = sql.raw(await columnsOfTable(whole, table));
          await sql`insert into main.${sql.raw(table)} (${columns}) select ${columns} from incoming.${sql.raw(table)}`.execute(
            whole,
          );
        }
        await sql.raw(NEW_HOUSE).execute(whole);
      });
    } finally {
      await db.destroy();
    }
    return { ...contents, aside };
  } finally {
    rmSync(workshop, { recursive: true, force: true });
  }
}
