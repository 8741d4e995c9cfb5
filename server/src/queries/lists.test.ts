import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { sampleClient, sampleKit, soundPush } from '@drimbo/core/examples';
import { sql, type Kysely } from 'kysely';
import { columnsOf } from '../database/columns';
import { openDriver } from '../database/driver';
import { databaseFile } from '../database/files';
import { openDatabase } from '../database/open';
import type { Tables } from '../database/tables';
import { clientsAsked, clientsPage, found, namesOf, sessionsAsked, sessionsPage } from './lists';
import { makeStore } from '../store/store';

const today = '2026-11-24';
const CLIENTS = 60;
const SESSIONS = 10;
const letters = Array.from('qrstuvwxyz');
let folder: string;
let db: Kysely<Tables>;
let asked: string[];

const names = ['Ánné Vale', 'bo lund', 'Cy Orme', 'Dorit Äsch', 'Eike 100%', 'Fenna_O', 'Gil Orme'];

beforeAll(async () => {
  folder = mkdtempSync(join(tmpdir(), 'drimbo-lists-'));
  await (await openDatabase(folder)).destroy();
  asked = [];
  db = openDriver(databaseFile(folder), { watch: (text) => asked.push(text) });
  const at = (n: number): string => new Date(1_700_000_000_000 + n * 1000).toISOString();
  for (let c = 0; c < CLIENTS; c++) {
    const client = { ...sampleClient, name: `${names[c % names.length]} ${c}` };
    const row = { id: `c${c}`, revision: 1, updated_at: at(c), document: JSON.stringify(client) };
    await db
      .insertInto('clients')
      .values({ ...row, ...columnsOf('client', client) })
      .execute();
    for (let s = 0; s < SESSIONS; s++) {
      const session = {
        ...soundPush,
        clientId: row.id,
        title: `Push ${letters[s]}`,
        status: (['draft', 'handed over', 'finished'] as const)[s % 3]!,
        date: s % 3 === 0 ? null : `2026-10-${String(10 + s).padStart(2, '0')}`,
      };
      await db
        .insertInto('sessions')
        .values({
          id: `c${c}-s${s}`,
          revision: 1,
          updated_at: at(c * SESSIONS + s),
          document: JSON.stringify(session),
          ...(columnsOf('session', session) as { client_id: string }),
        })
        .execute();
    }
  }
});
afterAll(async () => {
  await db.destroy();
  rmSync(folder, { recursive: true, force: true });
});

const store = () => makeStore(db, () => today);
const clients = (a: object) => clientsPage(db, store().clients, clientsAsked.parse(a), today);
const sessions = (a: object) => sessionsPage(db, sessionsAsked.parse(a));
const idsOf = (page: { rows: { id: string }[] }): string[] => page.rows.map((row) => row.id);

test('clients come by page in the order of their names, accents and capitals aside', async () => {
  const first = await clients({ size: '20' });
  expect([first.total, first.rows.length]).toEqual([CLIENTS, 20]);
  const rest = [
    ...(await clients({ size: 20, page: 1 })).rows,
    ...(await clients({ size: 20, page: 2 })).rows,
  ];
  const all = [...first.rows, ...rest].map((row) => ('name' in row ? row.name : ''));
  const plain = (name: string): string => name.normalize('NFKD').replace(/\p{M}/gu, '').toLowerCase();
  expect(all.map(plain)).toEqual(all.map(plain).sort());
  expect(new Set(idsOf(first)).size + rest.length).toBe(CLIENTS);
  expect((await clients({ page: 3, size: 20 })).rows).toEqual([]);
  const [row] = first.rows;
  expect(row).toMatchObject({
    needs: expect.arrayContaining([
      { loud: true, says: 'Finish the draft “Push z”', at: { is: 'session', id: expect.any(String) } },
    ]),
  });
});

test.each([
  ['anne', 9],
  ['ORME gil', 8],
  ['100%', 8],
  ['_o', 8],
  ['orme 2', 4],
  ['nobody', 0],
])(
  'a search for %s finds %i clients: every word, anywhere in the name, wildcards as they are',
  async (search, n) => {
    const page = await clients({ search, size: 100 });
    expect([page.total, page.rows.length]).toEqual([n, n]);
  },
);

test('sessions come drafts first, then by day; a search takes words of the title and the client', async () => {
  const page = await sessions({ size: 100 });
  expect(page.total).toBe(CLIENTS * SESSIONS);
  expect(page.rows.every((row) => 'status' in row && row.status === 'draft')).toBe(true);
  const last = await sessions({ size: 100, page: 5 });
  const days = last.rows.map((row) => ('date' in row ? row.date! : ''));
  expect(days).toEqual([...days].sort().reverse());
  const hit = await sessions({ search: 'push z dorit', size: 100 });
  expect(hit.total).toBe(hit.rows.length);
  for (const row of hit.rows)
    expect(row).toMatchObject({ title: 'Push z', client: { name: expect.stringContaining('Dorit') } });
  expect(idsOf(await sessions({ sort: 'changed', size: 2 }))).toEqual(['c59-s9', 'c59-s8']);
});

test.each(['name', 'changed'])(
  'clients by %s upside down are the same row the other way round',
  async (sort) => {
    const down = idsOf(await clients({ sort: `-${sort}`, size: 100 }));
    expect(down).toHaveLength(CLIENTS);
    expect(down).toEqual(idsOf(await clients({ sort, size: 100 })).reverse());
  },
);

test.each(['state', 'changed', 'title'])('sessions by %s upside down likewise', async (sort) => {
  const whole = async (by: string): Promise<string[]> => {
    const pages = [];
    for (let page = 0; page < 6; page++) pages.push(...idsOf(await sessions({ sort: by, size: 100, page })));
    return pages;
  };
  expect(await whole(`-${sort}`)).toEqual((await whole(sort)).reverse());
});

test('sessions of one state alone, searched like the rest; a state that is none is refused', async () => {
  const page = await sessions({ status: 'finished', size: 100 });
  expect(page.total).toBe(CLIENTS * 3);
  expect(new Set(page.rows.map((row) => 'status' in row && row.status))).toEqual(new Set(['finished']));
  expect((await sessions({ status: 'finished', search: 'push y dorit' })).rows).toHaveLength(9);
  expect(() => sessionsAsked.parse({ status: 'lost' })).toThrow(/status/);
});

test('a row that cannot be read stands in its place in the list, with its text', async () => {
  const before = await db
    .selectFrom('sessions')
    .select('document')
    .where('id', '=', 'c7-s0')
    .executeTakeFirstOrThrow();
  await db
    .updateTable('sessions')
    .set({ document: '{"torn', revision: 2 })
    .where('id', '=', 'c7-s0')
    .execute();
  const rows = (await sessions({ size: 100, search: 'push q' })).rows.filter((row) => 'why' in row);
  expect(rows).toEqual([{ kind: 'session', id: 'c7-s0', why: 'it is not JSON', text: '{"torn' }]);
  await db
    .updateTable('sessions')
    .set({ ...before, revision: 3 })
    .where('id', '=', 'c7-s0')
    .execute();
});

test('no list, search or look-up reads the documents it does not show', async () => {
  asked.length = 0;
  for (const sort of ['name', '-name', 'changed', '-changed']) {
    await clients({ sort });
    await clients({ sort, search: 'orme' });
  }
  for (const sort of ['state', '-state', 'changed', '-changed', 'title', '-title']) {
    await sessions({ sort });
    await sessions({ sort, status: 'finished' });
    await sessions({ sort, search: 'push orme' });
  }
  await namesOf(db);
  await found(db, 'orme');
  await store().kits.create('hall', sampleKit);
  const one = await store().clients.create('for-plans', sampleClient);
  await store().clients.remove('for-plans', one.revision, true);
  await expect(store().kits.remove('hall', 1, false)).rejects.toThrow(/is used by client “c0”/);
  const reads = [...new Set(asked)].filter((text) => /^\s*select/i.test(text));
  expect(reads.length).toBeGreaterThan(12);
  for (const text of reads) {
    const { rows } = await sql
      .raw<{ detail: string }>(`explain query plan ${text.replaceAll('?', "'1'")}`)
      .execute(db);
    const scans = rows.map((r) => r.detail).filter((d) => /^SCAN (?!.*COVERING INDEX)/.test(d));
    expect([text, scans]).toEqual([text, []]);
  }
});
