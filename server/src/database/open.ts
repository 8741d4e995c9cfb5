import { existsSync, mkdirSync, accessSync, constants } from 'node:fs';
import { join } from 'node:path';
import { Migrator, sql, type Kysely } from 'kysely';
import { openDriver } from './driver';
import { migrations } from './migrations';
import type { Tables } from './tables';

export const databaseFile = (folder: string): string => join(folder, 'drimbo.sqlite');

function makeWritable(folder: string): void {
  try {
    mkdirSync(folder, { recursive: true });
    accessSync(folder, constants.W_OK);
  } catch {
    throw new Error(
      `The data folder ${folder} cannot be written. Make it writable or name another in DRIMBO_DATA.`,
    );
  }
}

async function backUpBefore(db: Kysely<Tables>, folder: string): Promise<void> {
  const stamp = new Date().toISOString().replace(/[:.]/g, '-');
  await sql`vacuum into ${sql.lit(join(folder, `before-upgrade-${stamp}.sqlite`))}`.execute(db);
}

/**
 * Opens the database in a folder, bringing it up to date; an older one is backed up first.
 * Throws an Error that says what to do when the folder cannot be written or the upgrade fails.
 */
export async function openDatabase(folder: string): Promise<Kysely<Tables>> {
  makeWritable(folder);
  const file = databaseFile(folder);
  const isOld = existsSync(file);
  let db: Kysely<Tables>;
  try {
    db = openDriver(file);
  } catch {
    throw new Error(
      `The database ${file} cannot be opened. Check its rights, or name another folder in DRIMBO_DATA.`,
    );
  }
  const migrator = new Migrator({ db, provider: { getMigrations: () => Promise.resolve(migrations) } });
  const pending = (await migrator.getMigrations()).filter((m) => !m.executedAt);
  if (isOld && pending.length > 0 && pending.length < Object.keys(migrations).length)
    await backUpBefore(db, folder);
  const { error } = await migrator.migrateToLatest();
  if (error) {
    await db.destroy();
    throw new Error(`The database ${file} could not be brought up to date: ${String(error)}`);
  }
  return db;
}
