import { accessSync, chmodSync, constants, existsSync, mkdirSync, statSync } from 'node:fs';
import { basename, join } from 'node:path';
import { Migrator, sql, type Kysely } from 'kysely';
import { newestCopy } from './copies';
import { openDriver, type Watch } from './driver';
import { databaseFile, filesOf, finishExchange, onDisk, stamp } from './files';
import { migrations } from './migrations';
import { stateOf, type State } from './state';
import type { Tables } from './tables';
import { isBusy, troubleOf } from './troubles';

function makeWritable(folder: string): void {
  try {
    mkdirSync(folder, { recursive: true, mode: 0o700 });
    accessSync(folder, constants.W_OK);
    if (!statSync(folder).isDirectory()) throw new Error();
  } catch {
    throw new Error(
      `The data folder ${folder} cannot be written. Make it writable or name another in DRIMBO_DATA.`,
    );
  }
  try {
    chmodSync(folder, 0o700);
  } catch {
    // The folder is somebody else's; its rights are theirs to set.
  }
}

/** Nobody else on this machine reads what clients told their coach. */
function keepPrivate(folder: string): void {
  for (const file of filesOf(folder)) if (existsSync(file)) chmodSync(file, 0o600);
}

function opened(file: string, watch?: Watch): Kysely<Tables> {
  try {
    if (existsSync(file)) accessSync(file, constants.W_OK);
    return openDriver(file, watch ? { watch } : {});
  } catch (error) {
    throw new Error(cannotOpen(file, error), { cause: error });
  }
}

const cannotOpen = (file: string, error: unknown): string =>
  troubleOf(error)?.code === 'damaged'
    ? `${file} is damaged or no database. Keep it aside, and put a backup in its place or start with an empty folder (DRIMBO_DATA).`
    : `The database ${file} cannot be opened. Check its rights and its disk, or name another folder in DRIMBO_DATA.`;

async function copyBefore(db: Kysely<Tables>, folder: string): Promise<string> {
  const copy = join(folder, `before-upgrade-${stamp()}.sqlite`);
  await sql`vacuum into ${sql.lit(copy)}`.execute(db);
  chmodSync(copy, 0o600);
  onDisk(copy);
  return copy;
}

/** Migrations that were run on this database and that this Drimbo does not know. */
async function unknownMigrations(db: Kysely<Tables>): Promise<string[]> {
  const tables = await sql<{
    name: string;
  }>`select name from sqlite_master where name = 'kysely_migration'`.execute(db);
  if (tables.rows.length === 0) return [];
  const { rows } = await sql<{ name: string }>`select name from kysely_migration`.execute(db);
  return rows.map((r) => r.name).filter((name) => !(name in migrations));
}

/** Brings the tables up to date in one transaction: after a failure or a kill they are as they were. */
async function upgrade(db: Kysely<Tables>, folder: string, isOld: boolean): Promise<void> {
  const file = databaseFile(folder);
  const unknown = await unknownMigrations(db);
  if (unknown.length > 0)
    throw new Error(
      `${file} was written by a newer Drimbo (${unknown.join(', ')}). Start that one, or name another folder in DRIMBO_DATA. Nothing was changed.`,
    );
  const migrator = new Migrator({ db, provider: { getMigrations: () => Promise.resolve(migrations) } });
  const pending = (await migrator.getMigrations()).filter((m) => !m.executedAt);
  const copy =
    isOld && pending.length > 0 && pending.length < Object.keys(migrations).length
      ? await copyBefore(db, folder)
      : null;
  const { error } = await migrator.migrateToLatest();
  if (!error) return;
  const kept = copy === null ? '' : ` A copy from before is ${basename(copy)} in the same folder.`;
  if (isBusy(error))
    throw new Error(
      `${file} is being written by another program. Try again when that is done; nothing was changed.${kept}`,
      { cause: error },
    );
  const why = error instanceof Error ? error.message : 'no reason was given';
  throw new Error(`${file} could not be brought up to date and is as it was: ${why}.${kept}`, {
    cause: error,
  });
}

/** There is no database to work with, but a copy of one: whoever starts says which it shall be. */
export class CopyOffered extends Error {
  constructor(
    folder: string,
    state: State,
    /** The newest copy, within the folder. */
    readonly copy: string,
  ) {
    const what: Record<State, string> = {
      none: 'There is no database',
      empty: 'The database is an empty file',
      torn: 'The database is only a part of one',
      foreign: 'What lies in the place of the database is none',
      there: 'The database is damaged',
    };
    super(
      `${what[state]} in ${folder}, but copies of one are there; the newest is ${copy}. Put it back with\n  npm run restore -- ${join(folder, copy)}\nor begin anew with\n  npm run demo -- --reset\nNothing was changed.`,
    );
  }
}

/** True where what was written last is gone: a journal is only taken away by who closes the database. */
export function lostJournal(folder: string): boolean {
  const [, journal, shared] = filesOf(folder);
  return existsSync(shared!) && !existsSync(journal!);
}

interface Opening {
  watch?: Watch;
  /** Makes a database where there is none, whatever copies are there. */
  anew?: boolean;
}

/**
 * Opens the database in a folder, bringing it up to date; an older one is copied first.
 * Throws an Error that says what to do when the folder cannot be written, the file is damaged or of a newer
 * Drimbo, or the upgrade fails; a `CopyOffered` where no database is there but a copy of one.
 */
export async function openDatabase(
  folder: string,
  { watch, anew = false }: Opening = {},
): Promise<Kysely<Tables>> {
  makeWritable(folder);
  finishExchange(folder);
  const file = databaseFile(folder);
  const isOld = existsSync(file);
  const state = stateOf(folder);
  const copy = state === 'there' || anew ? null : newestCopy(folder);
  if (copy !== null) throw new CopyOffered(folder, state, copy);
  if (state === 'torn') throw new Error(cannotOpen(file, { code: 'SQLITE_CORRUPT' }));
  const db = opened(file, watch);
  try {
    await upgrade(db, folder, isOld);
    keepPrivate(folder);
  } catch (error) {
    await db.destroy();
    throw troubleOf(error) ? new Error(cannotOpen(file, error), { cause: error }) : error;
  }
  return db;
}
