import { rmSync } from 'node:fs';
import Database from 'libsql';
import { databaseIn, inFolder, opened } from '../scripts/crash/house.mjs';

// The built server beside itself: ratios of its own answers, and lists at the size of a full house.

const CLIENTS = 2000;
const SESSIONS_EACH = 10;
const SETS_EACH = 600;

/** The middle of many timed answers, milliseconds. */
async function middleOf(ask, times = 60) {
  for (let i = 0; i < 20; i++) await ask();
  const found = [];
  for (let i = 0; i < times; i++) {
    const began = performance.now();
    await ask();
    found.push(performance.now() - began);
  }
  return found.sort((a, b) => a - b)[Math.floor(times / 2)];
}

const answered = async (answer) => {
  const response = await answer;
  if (!response.ok) throw new Error(`answered ${response.status}`);
  return response.json();
};

/** Copies of what the demo has, as many as a full house holds: every second client with a block under way. */
function fill(file) {
  const db = new Database(file);
  const all = (text) => db.prepare(text).all();
  const into = (table, { _metadata, ...row }) =>
    db
      .prepare(
        `insert into ${table} (${Object.keys(row).join(', ')}) values (${Object.keys(row)
          .map(() => '?')
          .join(', ')})`,
      )
      .run(...Object.values(row));
  const of = (row, change) => JSON.stringify({ ...JSON.parse(row.document), ...change });
  const [client] = all("select * from clients where id = 'mirelle-vandoorn'");
  const sessions = all('select * from sessions');
  const [block] = all('select * from blocks');
  db.exec('begin');
  for (let c = 0; c < CLIENTS; c++) {
    const [id, name, at] = [`b${c}`, `Somebody ${c}`, new Date(1.7e12 + c * 1000).toISOString()];
    const document = of(client, { name });
    into('clients', { ...client, id, name, name_key: name.toLowerCase(), document, updated_at: at });
    for (let i = 0; i < SESSIONS_EACH; i++) {
      const s = sessions[(c + i) % sessions.length];
      const text = of(s, { clientId: id });
      into('sessions', { ...s, id: `b${c}-${i}`, client_id: id, document: text, updated_at: at });
    }
    if (c % 2 === 0)
      into('blocks', { ...block, id: `bb${c}`, client_id: id, document: of(block, { clientId: id }) });
  }
  db.exec(`
    insert into performed_sets (id, client_id, session_id, line_id, set_index, movement, rig, done_on, load_kg, reps, reserve, tired, rep_s)
      with recursive n(i) as (select 0 union all select i + 1 from n where i < ${CLIENTS * SETS_EACH - 1})
      select 'f' || i, 'b' || (i / ${SETS_EACH}), 'b' || (i / ${SETS_EACH}) || '-' || ((i / 60) % ${SESSIONS_EACH}), 'l', i % 60,
        p.movement, p.rig, date('2026-11-20', '-' || ((i / 20) % 400) || ' days'), 60 + (i % 40), 5 + (i % 5), 2, 0, 4
      from n, (select movement, rig from performed_sets limit 1) as p`);
  db.exec('commit');
  db.close();
}

/** What a coach opens all day, and how it is asked for. */
const pages = {
  clients: 'clients',
  'clients by a word': 'clients?search=somebody+19',
  sessions: 'sessions',
  'sessions by two words': 'sessions?search=push+somebody',
  'what goes by a name': 'find?text=somebody',
  'a client, and their progress': 'clients/b700/file',
  'a session on the floor': 'floor/b700-3',
  'what cannot be read': 'unreadable',
  'the last page of a client’s sets': 'sets?client=b700&page=2',
};

/** Five years of one client and the rest of a house beside them: four million logged sets. */
function fillSets(file) {
  const db = new Database(file);
  db.exec(`
    insert into sessions (id, client_id, revision, document, updated_at, title, title_key, status_rank, day, emphasis, minutes, movements, refs)
      with recursive n(i) as (select 0 union all select i + 1 from n where i < 799)
      select 'five-' || i, 'b' || (i % 200), 1, s.document, s.updated_at, s.title, s.title_key, 2, date('2026-11-20', '-' || (2 * (i / 4)) || ' days'), s.emphasis, s.minutes, s.movements, s.refs
      from n, (select * from sessions where id = 'mirelle-push-a') s;
    insert into performed_sets (id, client_id, session_id, line_id, set_index, movement, rig, done_on, load_kg, reps, reserve, tired, rep_s)
      with recursive n(i) as (select 0 union all select i + 1 from n where i < 3999999)
      select 'm' || i, 'b' || (i % 200), 'five-' || ((i % 200) + 200 * ((i / 200) % 4)), 'l', (i / 200) % 20, 'barbell-press', '{}',
        date('2026-11-20', '-' || ((i / 4000) % 1826) || ' days'), 60 + (i % 40), 5 + (i % 5), 2, 0, 4
      from n;
  `);
  db.close();
}

await inFolder(async (folder) => {
  const first = await opened(folder, '--demo');
  const get = (address, path) => () => answered(fetch(`${address}api/${path}`));
  const { document } = await get(first.address, 'sessions/mirelle-push-a')();
  let n = 0;
  const post = (path, body) =>
    answered(
      fetch(`${first.address}api/${path}`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify(body),
      }),
    );
  // A session that is a little different each time, so that nothing is remembered whole.
  const appraised = await middleOf(() => {
    const [block, ...rest] = document.blocks;
    const [line, ...others] = block.lines;
    const blocks = [{ ...block, lines: [{ ...line, restS: 60 + (n++ % 200) }, ...others] }, ...rest];
    return post('appraise', { session: { ...document, blocks } });
  });
  // The same document sent again: read, checked and found to be there.
  const bare = await middleOf(() => post('sessions', { id: 'mirelle-push-a', document }));
  console.log('a six-line session by the ids of its client and gym, against a POST that reads one row:');
  console.log(`  ${(bare / appraised).toFixed(2)} as fast (aim: 0.25 or more)`);
  await first.server.kill();

  fill(databaseIn(folder));
  const full = await opened(folder);
  const one = await middleOf(get(full.address, 'kits/boathouse'));
  console.log(
    `${CLIENTS} clients, ${CLIENTS * SESSIONS_EACH} sessions, ${CLIENTS * SETS_EACH} logged sets, against a GET that reads one row (aim: 10 or less):`,
  );
  for (const [name, path] of Object.entries(pages))
    console.log(`  ${name} ${((await middleOf(get(full.address, path))) / one).toFixed(1)}`);
  await full.server.kill();

  fillSets(databaseIn(folder));
  const years = await opened(folder);
  const row = await middleOf(get(years.address, 'kits/boathouse'));
  const page = await middleOf(get(years.address, 'clients/b7/file'));
  console.log('among four million logged sets, against a GET that reads one row:');
  console.log(`  a client of five years ${(page / row).toFixed(1)} (aim: 3 or less)`);
  await years.server.kill();
  rmSync(folder, { recursive: true, force: true });
});
