import { statSync } from 'node:fs';
import { rm } from 'node:fs/promises';
import { join } from 'node:path';
import { sql, type Kysely } from 'kysely';
import { exchange } from '../database/driver';
import type { Engine } from '../database/engine';
import { databaseFile, exchangeFiles, filesOf } from '../database/files';
import type { StillThere } from '../database/still-there';
import type { Tables } from '../database/tables';
import { catchUp } from './catching-up';
import type { Tasks } from './tasks';

/** A file up to this is written anew in its place, which holds up writes for less than a second. */
const SMALL_BYTES = 48 * 1024 * 1024;
/** How long readers are waited for until the journal can be cut, milliseconds. */
const JOURNAL_MS = 5_000;
const TRY_AGAIN_MS = 50;

interface Cleaning {
  db: Kysely<Tables>;
  folder: string;
  tasks: Tasks;
  there?: StillThere;
  smallBytes?: number;
}

/**
 * Writes the database anew, so that no page of it and no journal keeps a trace of rows that are gone. False where the
 * journal could not be cut because somebody reads from it: asked again later it may be.
 */
export async function clean(cleaning: Cleaning): Promise<boolean> {
  const { db, folder, tasks, smallBytes = SMALL_BYTES } = cleaning;
  const bytes = statSync(databaseFile(folder)).size;
  if (bytes <= smallBytes || !(await anewBeside(cleaning))) await tasks({ does: 'rewrite', folder });
  return cutJournal(db, folder);
}

/** Written anew beside the old file, which it then takes the place of; false where another program has that one open. */
async function anewBeside({ db, folder, tasks, there }: Cleaning): Promise<boolean> {
  const into = join(folder, `rewriting-${process.pid}.part`);
  // A large file takes its time to go: it keeps a name until nobody waits for it.
  const old = join(folder, `rewritten-${process.pid}.part`);
  try {
    await tasks({ does: 'rewrite into', folder, into });
    // What lies in the journal is moved while nobody waits for it.
    await sql`pragma wal_checkpoint(passive)`.execute(db);
    const put = (): Promise<boolean> =>
      exchange(
        db,
        (engine: Engine) => catchUp(engine, into),
        () => exchangeFiles(folder, into, old),
      );
    return await (there?.during(put) ?? put());
  } finally {
    for (const file of [into, `${into}-journal`, old]) await rm(file, { force: true });
  }
}

/** Moves what the journal holds into the database and cuts it to nothing; false while somebody reads from it. */
export async function cutJournal(
  db: Kysely<Tables>,
  folder: string,
  patienceMs = JOURNAL_MS,
): Promise<boolean> {
  const until = Date.now() + patienceMs;
  for (;;) {
    const { rows } = await sql<{ busy: number }>`pragma wal_checkpoint(truncate)`.execute(db);
    const left = statSync(filesOf(folder)[1]!, { throwIfNoEntry: false })?.size ?? 0;
    if (rows[0]?.busy === 0 && left === 0) return true;
    if (Date.now() >= until) return false;
    await new Promise((done) => setTimeout(done, TRY_AGAIN_MS));
  }
}
