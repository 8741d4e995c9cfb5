import { mkdirSync, renameSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import type { Kysely } from 'kysely';
import { exchange } from '../database/driver';
import { openEngine, type Engine } from '../database/engine';
import { copyOnto, databaseFile, exchangeFiles, stamp } from '../database/files';
import { openDatabase } from '../database/open';
import { NEW_HOUSE } from '../database/set-clocks';
import type { Tables } from '../database/tables';
import { insisting } from '../database/insisting';
import { asOneFile, backUp, contentsOf, type Contents } from './copy';

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
const KEEP_LINKS = `
  delete from incoming.client_links;
  insert into incoming.client_links select l.* from main.client_links as l
    where exists (select 1 from incoming.clients where id = l.client_id)
      and exists (select 1 from incoming.sessions where id = l.session_id)`;

/** With a prepared backup beside the database, as "incoming". */
function withIncoming(engine: Engine, incoming: string, work: () => void): void {
  engine.prepare('attach database ? as incoming').run(incoming);
  try {
    work();
  } finally {
    if (engine.inTransaction) engine.exec('rollback');
    engine.exec('detach database incoming');
  }
}

/**
 * Puts a prepared backup in the place of the open database of a folder, under a running server; what was there is kept
 * under a dated name, which is given back. Null, and nothing was changed, while another program has the database open.
 */
export async function takePlace(
  db: Kysely<Tables>,
  folder: string,
  incoming: string,
): Promise<string | null> {
  const aside = `before-restore-${stamp()}.sqlite`;
  const isDone = await exchange(
    db,
    (engine) => withIncoming(engine, incoming, () => engine.exec(KEEP_LINKS)),
    () => exchangeFiles(folder, incoming, join(folder, aside)),
  );
  return isDone ? aside : null;
}

/** From what points to others to what is pointed to. */
const tables = [
  'client_links',
  'performed_sets',
  'removed_sets',
  'set_clocks',
  'log_clocks',
  'blocks',
  'sessions',
  'clients',
  'schools',
  'kits',
  'notebooks',
  'marks',
];

/**
 * The same row by row, where another program keeps the file from being exchanged: in one transaction, which holds up who
 * writes as long as it takes. What was there is copied under a dated name first, which is given back.
 */
export async function restoreRows(folder: string, incoming: string): Promise<string> {
  const aside = `before-restore-${stamp()}.sqlite`;
  await backUp(folder, join(folder, aside));
  const engine = openEngine(databaseFile(folder), { mustExist: true });
  try {
    withIncoming(engine, incoming, () => {
      insisting(() => engine.exec('begin immediate'));
      engine.exec(KEEP_LINKS);
      for (const table of tables) engine.exec(`delete from main.${table}`);
      for (const table of [...tables].reverse())
        engine.exec(`insert or replace into main.${table} select * from incoming.${table}`);
      engine.exec('commit');
    });
  } finally {
    engine.close();
  }
  return aside;
}
