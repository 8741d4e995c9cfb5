import { mkdirSync, renameSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import type { Kysely } from 'kysely';
import { exchange } from '../database/driver';
import type { Engine } from '../database/engine';
import { copyOnto, databaseFile, exchangeFiles, stamp } from '../database/files';
import { openDatabase } from '../database/open';
import { NEW_HOUSE } from '../database/set-clocks';
import type { Tables } from '../database/tables';
import { Problem } from '../problem';
import { asOneFile, contentsOf, type Contents } from './copy';

/**
 * Brings a copy of a backup up to date in a file of its own. Throws an Error, and changes nothing, when the backup
 * cannot be read.
 */
export async function prepareRestore(folder: string, file: string, into: string): Promise<Contents> {
  const contents = await contentsOf(file);
  const workshop = join(folder, `restoring-${process.pid}`);
  mkdirSync(workshop, { recursive: true, mode: 0o700 });
  const incoming = databaseFile(workshop);
  try {
    copyOnto(file, incoming);
    await (await openDatabase(workshop)).destroy();
    // What devices know of the counts of a database does not hold for a copy of it that is put back.
    await asOneFile(incoming, NEW_HOUSE);
    renameSync(incoming, into);
    return contents;
  } finally {
    rmSync(workshop, { recursive: true, force: true });
  }
}

/** Links as they are now, for the clients and sessions that are there then: one that was taken back stays so. */
function keepLinks(engine: Engine, incoming: string): void {
  engine.prepare('attach database ? as incoming').run(incoming);
  try {
    engine.exec(`
      delete from incoming.client_links;
      insert into incoming.client_links select l.* from main.client_links as l
        where exists (select 1 from incoming.clients where id = l.client_id)
          and exists (select 1 from incoming.sessions where id = l.session_id)`);
  } finally {
    engine.exec('detach database incoming');
  }
}

/**
 * Puts a prepared backup in the place of the open database of a folder, under a running server; what was there is kept
 * under a dated name, which is given back. Throws a 503 Problem, and changes nothing, while another program has the
 * database open.
 */
export async function takePlace(db: Kysely<Tables>, folder: string, incoming: string): Promise<string> {
  const aside = `before-restore-${stamp()}.sqlite`;
  const isDone = await exchange(
    db,
    (engine) => keepLinks(engine, incoming),
    () => exchangeFiles(folder, incoming, join(folder, aside)),
  );
  if (isDone) return aside;
  throw new Problem(
    503,
    'busy',
    'Another program has the database open. Close it and try again; nothing was changed.',
  );
}
