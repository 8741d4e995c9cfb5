import { copyFileSync, mkdirSync, openAsBlob, statSync } from 'node:fs';
import { join } from 'node:path';
import Database from 'libsql';
import { databaseIn, inFolder, opened, pause, run } from './house.mjs';

/** What a phone on the floor waits for an answer at most, milliseconds. */
const MOST_MS = 1_000;

/** A house of so many sessions with sixty logged sets each, ten sessions a client. */
function makeFull(file, sessions) {
  const db = new Database(file);
  const [client, session] = [
    db.prepare("select * from clients where id = 'mirelle-vandoorn'").get(),
    db.prepare("select * from sessions where id = 'mirelle-push-a'").get(),
  ];
  const into = (table, row) =>
    db
      .prepare(
        `insert into ${table} (${Object.keys(row).join(', ')}) values (${Object.keys(row).map(() => '?')})`,
      )
      .run(...Object.values(row));
  db.exec('begin');
  for (let i = 0; i < sessions; i++) {
    const owner = `full-${Math.floor(i / 10)}`;
    const { _metadata, ...facts } = client;
    if (i % 10 === 0) into('clients', { ...facts, id: owner });
    const { _metadata: _, ...plan } = session;
    const document = JSON.stringify({ ...JSON.parse(session.document), clientId: owner });
    into('sessions', { ...plan, id: `full-s-${i}`, client_id: owner, document });
  }
  db.exec(`
    insert into performed_sets (id, client_id, session_id, line_id, set_index, movement, rig, done_on, load_kg, reps, reserve, tired, rep_s)
      with recursive n(i) as (select 0 union all select i + 1 from n where i < ${sessions * 60 - 1})
      select 'full-p-' || i, 'full-' || (i / 600), 'full-s-' || (i / 60), 'l', i % 60, p.movement, p.rig,
        date('2026-11-20', '-' || (i % 400) || ' days'), 60 + (i % 40), 5 + (i % 5), 2, 0, 4
      from n, (select movement, rig from performed_sets limit 1) as p`);
  db.exec('commit');
  db.exec('pragma wal_checkpoint(truncate)');
  db.close();
}

const asked = async (address, path, options = {}) => {
  const response = await fetch(`${address}api/${path}`, options);
  if (!response.ok) throw new Error(`${path} was answered ${response.status}: ${await response.text()}`);
  return response;
};
const posted = (address, path, body) =>
  asked(address, path, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  });
// As a stream: who measures must not stand still over a large file.
const sent = async (address, path, file) =>
  asked(address, path, {
    method: 'POST',
    headers: { 'content-type': 'application/octet-stream' },
    body: await openAsBlob(file),
  });

/** How another import is answered while the first is under way. */
async function secondImport(address) {
  for (;;) {
    const { underway } = await (await asked(address, 'data/work')).json();
    if (underway?.does === 'importing') break;
    await pause(20);
  }
  const headers = { 'content-type': 'application/octet-stream' };
  return (await fetch(`${address}api/data/import`, { method: 'POST', headers, body: 'x' })).status;
}

/** A phone that logs a set and reads its session, one after the other, until `stop`; how long it waited at most. */
function phone(address, set, name) {
  const longest = { write: 0, read: 0 };
  let over = false;
  let n = 0;
  const timed = async (what, work) => {
    const began = performance.now();
    await work();
    longest[what] = Math.max(longest[what], performance.now() - began);
  };
  const going = (async () => {
    while (!over) {
      const one = { ...set, id: `phone-${name}-${n}`, setIndex: n % 200 };
      n += 1;
      await timed('write', () =>
        posted(address, `floor/${set.sessionId}/sets`, { sets: [one], removes: [] }),
      );
      await timed('read', () => asked(address, 'clients'));
      await pause(20);
    }
  })();
  return {
    stop: async () => {
      over = true;
      await going;
      return { ...longest, n };
    },
    going,
  };
}

/**
 * Imports so many sessions, exports, copies, puts back and erases, while a phone logs all the time: each set is answered
 * within a second, none is refused, and all of them are there at the end. Throws where it is not so; tells the longest.
 */
export async function underLoad(model, sessions, tell) {
  await inFolder(async (folder) => {
    const full = join(folder, 'full.sqlite');
    copyFileSync(model.file, full);
    makeFull(full, sessions);
    const source = join(folder, 'source');
    const zip = join(folder, 'full.zip');
    await inHouse(source, full, async () => {
      const out = run(source, '--export', zip);
      if ((await out.ended) !== 0) throw new Error(`the export failed: ${out.said()}`);
    });
    const house = join(folder, 'house');
    await inHouse(house, model.file, async () => {
      const { server, address } = await opened(house);
      try {
        await whileLogging(address, { zip, full, house, sessions }, tell);
      } finally {
        await server.kill();
      }
    });
  });
}

async function inHouse(folder, file, work) {
  mkdirSync(folder);
  copyFileSync(file, databaseIn(folder));
  await work();
}

async function whileLogging(address, { zip, full, house, sessions }, tell) {
  const { sets } = await (await asked(address, 'floor/mirelle-push-a')).json();
  const [known] =
    sets.length > 0 ? sets : await (await asked(address, 'sets?client=mirelle-vandoorn')).json();
  const { document } = await (await asked(address, `sessions/${known.sessionId}`)).json();
  const set = { ...known, clientId: document.clientId, note: '' };
  const during = async (what, work) => {
    const one = phone(address, set, what.replaceAll(' ', '-'));
    const began = performance.now();
    const result = await Promise.race([work(), one.going.then(() => null)]);
    const took = performance.now() - began;
    const { write, read, n } = await one.stop();
    tell(
      `  ${what}: ${(took / 1000).toFixed(1)} s, ${n} sets logged meanwhile, the longest answer ${Math.round(write)} ms, the longest list ${Math.round(read)} ms`,
    );
    if (write > MOST_MS) throw new Error(`while ${what} a set waited ${Math.round(write)} ms`);
    return result;
  };
  const there = async () => {
    const db = new Database(databaseIn(house));
    try {
      return db.prepare("select count(*) as n from performed_sets where id like 'phone-%'").get().n;
    } finally {
      db.close();
    }
  };
  tell(`  the export has ${(statSync(zip).size / 1e6).toFixed(1)} MB`);
  await during('previewing', async () => {
    const plan = await (await sent(address, 'data/preview', zip)).json();
    if (plan.wrong.length > 0) throw new Error(`the preview found ${JSON.stringify(plan.wrong[0])}`);
  });
  await during('importing', async () => {
    const answers = await Promise.all([
      sent(address, 'data/import', zip).then(async (r) => (await r.json()).counts.add),
      secondImport(address),
    ]);
    if (answers[0] < sessions) throw new Error(`the import added ${answers[0]}`);
    if (answers[1] !== 503) throw new Error(`a second import was answered ${answers[1]}, not told to wait`);
  });
  await during('exporting twice and copying', () =>
    Promise.all([
      asked(address, 'data/export').then((r) => r.arrayBuffer()),
      asked(address, 'data/export?client=full-0').then((r) => r.arrayBuffer()),
      posted(address, 'data/backups', {}),
    ]),
  );
  const before = await there();
  await during('erasing', () => posted(address, 'clients/full-1/erase', { name: 'Mirelle Vandoorn' }));
  if ((await there()) < before) throw new Error('sets that were acknowledged are gone after erasing');
  await during('restoring', () => sent(address, 'data/restore', full));
  return before;
}
