import { copyFileSync, existsSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import Database from 'libsql';
import { chance, countsIn, databaseIn, inFolder, opened, pause, run } from './house.mjs';

const kit = JSON.parse(readFileSync('core/src/documents/fixtures/kit-1.json', 'utf8'));

const same = (found, wanted, where) => {
  if (found !== wanted) throw new Error(`${where} there are ${found}, not ${wanted}`);
};

/** A first start with its demo; the next one must be whole. */
export const firstStart = (model) =>
  inFolder(async (folder) => {
    const server = run(folder, '--demo');
    await chance(model.startMs * 1.1);
    await server.kill();
    const again = await opened(folder, '--demo');
    await again.server.kill();
    same(countsIn(databaseIn(folder)), model.counts, 'after the next start');
  });

/** Takes the newest migrations back, as a database of an older version has it. */
function makeOlder(file) {
  const db = new Database(file);
  const indexes = db
    .prepare(
      "select name from sqlite_master where type = 'index' and sql is not null and tbl_name in ('clients', 'kits', 'sessions', 'notebooks')",
    )
    .all();
  for (const { name } of indexes) db.exec(`drop index ${name}`);
  for (const trigger of ['set_added', 'set_changed', 'set_taken', 'session_marked'])
    db.exec(`drop trigger ${trigger}`);
  for (const table of ['removed_sets', 'set_clocks', 'log_clocks', 'marks']) db.exec(`drop table ${table}`);
  for (const table of ['clients', 'kits', 'sessions', 'notebooks'])
    for (const column of ['made_hash', 'refs']) db.exec(`alter table ${table} drop column ${column}`);
  for (const column of ['name', 'name_key']) db.exec(`alter table clients drop column ${column}`);
  for (const column of ['title', 'title_key', 'day', 'emphasis', 'status_rank', 'minutes', 'movements'])
    db.exec(`alter table sessions drop column ${column}`);
  db.exec('create index sessions_of_client on sessions (client_id)');
  db.exec('drop table schools');
  db.exec('drop table blocks');
  db.exec('drop table client_links');
  db.exec('drop index performed_by_day');
  for (const column of [
    'technique',
    'fault',
    'felt',
    'comfort',
    'note',
    'kind',
    'held_s',
    'side',
    'ended',
    'asked',
    'place',
  ])
    db.exec(`alter table performed_sets drop column ${column}`);
  db.exec("delete from kysely_migration where name >= '006'");
  db.close();
}

/** An upgrade; the next start finishes it, with every client under its name. */
export const upgrade = (model) =>
  inFolder(async (folder) => {
    const file = databaseIn(folder);
    copyFileSync(model.file, file);
    makeOlder(file);
    const server = run(folder);
    await chance(model.startMs);
    await server.kill();
    const again = await opened(folder);
    const { rows } = await (await fetch(`${again.address}api/clients?search=corvin`)).json();
    await again.server.kill();
    same(countsIn(file), model.counts, 'after the upgrade');
    if (rows[0]?.name !== 'Corvin Haldt') throw new Error('after the upgrade a client is not found by name');
  });

/** An import into an empty house: all of it or nothing. */
export const importing = (model) =>
  inFolder(async (folder) => {
    copyFileSync(model.empty, databaseIn(folder));
    const work = run(folder, '--import', model.zip);
    await chance(model.importMs * 1.1);
    await work.kill();
    const found = countsIn(databaseIn(folder));
    if (found !== '0 0 0 0') same(found, model.counts, 'after the import');
  });

/** A backup of a house that is served: a whole copy, or none under its name. */
export const backup = (model) =>
  inFolder(async (folder) => {
    copyFileSync(model.file, databaseIn(folder));
    const copy = join(folder, 'copy.sqlite');
    const work = run(folder, '--backup', copy);
    await chance(model.importMs);
    await work.kill();
    if (existsSync(copy)) same(countsIn(copy), model.counts, 'in the copy');
    rmSync(copy, { force: true });
  });

const send = (address, method, path, body) =>
  fetch(`${address}api/${path}`, {
    method,
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  });

/** Writers at work when the server is killed; every write it acknowledged must be there. */
export async function writing(folder, { server, address }, round) {
  const acknowledged = new Map();
  let over = false;
  const writer = async (name) => {
    const id = `w-${round}-${name}`;
    let revision = 0;
    for (let turn = 1; !over; turn++) {
      const document = { ...kit, name: `Turn ${turn}` };
      try {
        const answer = await (revision === 0
          ? send(address, 'POST', 'kits', { id, document })
          : send(address, 'PUT', `kits/${id}`, { revision, document }));
        if (answer.status >= 300) throw new Error(`a write was answered ${answer.status}`);
        revision = (await answer.json()).revision;
        acknowledged.set(id, { revision, name: document.name });
      } catch (error) {
        if (!over) throw error;
      }
    }
  };
  const writers = ['a', 'b', 'c', 'd'].map(writer);
  while (acknowledged.size < 2) await Promise.race([pause(5), ...writers]);
  await chance(120);
  over = true;
  await server.kill();
  await Promise.all(writers);
  const again = await opened(folder);
  for (const [id, known] of acknowledged) {
    const stored = await (await fetch(`${again.address}api/kits/${id}`)).json();
    const isSame = stored.revision === known.revision && stored.document.name === known.name;
    // One more may have been written whose answer never came.
    if (!isSame && stored.revision !== known.revision + 1)
      throw new Error(`${id} was acknowledged at ${known.revision} and is at ${stored.revision}`);
  }
  return { again, count: acknowledged.size };
}
