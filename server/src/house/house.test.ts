import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { appraise } from '@drimbo/core';
import { documentKinds } from '@drimbo/core/documents';
import { schools } from '@drimbo/core/schools';
import { kitSchema } from '@drimbo/core/kit';
import { anyClient, anyKit, anySession } from '@drimbo/core/testing';
import { sampleClient, sampleKit, soundPush } from '@drimbo/core/examples';
import { parse } from 'csv-parse/sync';
import fc from 'fast-check';
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import type { Kysely } from 'kysely';
import { COACH } from '../database/migrations';
import type { Tables } from '../database/tables';
import { seedDemo } from '../demo/seed';
import { makeStore } from '../store/store';
import { newHouse } from '../testing/folders';
import { importHouse } from './importing';
import { writeHouse } from './write-house';

type House = Awaited<ReturnType<typeof newHouse>>;
const today = '2026-11-24';
const noon = new Date(`${today}T12:00:00Z`);
let houses: House[];

const house = async (): Promise<House> => {
  const made = await newHouse();
  houses.push(made);
  return made;
};
beforeEach(() => {
  houses = [];
});
afterEach(() => Promise.all(houses.map((h) => h.drop())));

/** Everything that is not deleted, without revisions and times of writing. */
async function all(db: Kysely<Tables>) {
  const documents = await Promise.all(
    documentKinds.map(async (kind) => {
      const rows = await db
        .selectFrom(`${kind}s` as const)
        .select(['id', 'document'])
        .where('deleted_at', 'is', null)
        .orderBy('id')
        .execute();
      return rows.map((row) => [kind, row.id, JSON.parse(row.document)]);
    }),
  );
  const sets = await db.selectFrom('performed_sets').selectAll().orderBy('id').execute();
  return { documents: documents.flat(), sets };
}

async function exported(from: House, client?: string): Promise<Buffer> {
  const file = join(from.folder, `out-${Math.random()}.zip`);
  await writeHouse(from.db, file, { now: noon, ...(client ? { client } : {}) });
  return readFileSync(file);
}

/** A zip with some files of it written anew; null takes one out. */
function changed(zip: Buffer, patch: Record<string, string | null>): Buffer {
  const files = unzipSync(zip);
  for (const [path, text] of Object.entries(patch))
    if (text === null) delete files[path];
    else files[path] = strToU8(text);
  return Buffer.from(zipSync(files));
}

const textIn = (zip: Buffer, path: string): string => strFromU8(unzipSync(zip)[path]!);

test('what goes out comes in again: every document, logged set and figure, into an empty house', async () => {
  const from = await house();
  await seedDemo(from.db, noon, 2);
  const into = await house();
  const zip = await exported(from);
  const plan = await importHouse(into.folder, zip, { today });
  expect(plan.wrong).toEqual([]);
  expect(await all(into.db)).toEqual(await all(from.db));
  const figures = async ({ db }: House) => {
    const store = makeStore(db);
    const session = (await store.sessions.get('mirelle-push-a')).document;
    const client = (await store.clients.get(session.clientId)).document;
    const kit = (await store.kits.get(session.kitId)).document;
    const notebook = (await store.notebooks.get(COACH)).document;
    const logged = await store.logged(session.clientId);
    const { totals, freshness, findings } = appraise(session, {
      client,
      kit,
      notebook,
      logged,
      todayIso: today,
    });
    return { totals, freshness, findings };
  };
  expect(await figures(into)).toEqual(await figures(from));
  const again = await importHouse(into.folder, zip, { today, dry: true });
  expect(again.counts).toMatchObject({ add: 0, change: 0 });
});

const soundKit = anyKit.filter((kit) => kitSchema.safeParse(kit).success);

test('any documents come back as they went', async () => {
  const [from, into] = [await house(), await house()];
  let n = 0;
  const { id: _id, ...mine } = schools.evidence;
  await makeStore(from.db, () => today).schools.create('mine', { ...mine, name: 'Mine' });
  await fc.assert(
    fc.asyncProperty(anySession, anyClient, soundKit, async (session, client, kit) => {
      n += 1;
      const store = makeStore(from.db, () => today);
      await store.kits.create(`kit-${n}`, kit);
      await store.clients.create(`client-${n}`, { ...client, kitId: `kit-${n}` });
      await store.sessions.create(`session-${n}`, {
        ...session,
        clientId: `client-${n}`,
        kitId: `kit-${n}`,
        school: n % 2 === 0 ? 'pump' : 'mine',
      });
      const plan = await importHouse(into.folder, await exported(from), { today });
      expect(plan.wrong).toEqual([]);
      expect(await all(into.db)).toEqual(await all(from.db));
    }),
    { numRuns: 6 },
  );
});

/** Read by parsers that had no part in writing: fflate for the zip, csv-parse for RFC 4180. */
test('another reader finds in the tables what was lifted, and the schemas beside it', async () => {
  const from = await house();
  await seedDemo(from.db, noon, 2);
  const zip = await exported(from);
  const files = Object.keys(unzipSync(zip));
  expect(files).toEqual(
    expect.arrayContaining(['README.txt', 'schemas/session.schema.json', 'kits/boathouse.json']),
  );
  expect(textIn(zip, 'sessions/mirelle-push-a.txt')).toMatch(/Incline dumbbell press/);
  const rows: Record<string, string>[] = parse(textIn(zip, 'sets/mirelle-vandoorn.csv'), { columns: true });
  const stored = await from.db
    .selectFrom('performed_sets')
    .selectAll()
    .where('client_id', '=', 'mirelle-vandoorn')
    .execute();
  expect(rows).toHaveLength(stored.length);
  const byId = new Map(stored.map((row) => [row.id, row]));
  for (const row of rows) {
    const known = byId.get(row.id!)!;
    expect([Number(row['load kg']), Number(row.reps), row['done on']]).toEqual([
      known.load_kg,
      known.reps,
      known.done_on,
    ]);
    expect(JSON.parse(row.settings!)).toEqual(JSON.parse(known.rig));
  }
});

describe('taking in', () => {
  const small = async (): Promise<House> => {
    const made = await house();
    const store = makeStore(made.db, () => today);
    await store.kits.create('hall', sampleKit);
    await store.clients.create('ada', { ...sampleClient, name: 'Ada Vale' });
    await store.sessions.create('push', { ...soundPush, clientId: 'ada', kitId: 'hall' });
    return made;
  };

  test('says file by file what it would add, change and leave, and a look changes nothing', async () => {
    const from = await small();
    const zip = await exported(from);
    const into = await small();
    const store = makeStore(into.db, () => today);
    await store.clients.replace('ada', 1, { ...sampleClient, name: 'Ada Holt' });
    await store.sessions.remove('push', 1, false);
    const before = await all(into.db);
    const plan = await importHouse(into.folder, zip, { today, dry: true });
    expect(Object.fromEntries(plan.files.filter((f) => f.name !== '').map((f) => [f.path, f.does]))).toEqual({
      'kits/hall.json': 'leave',
      'clients/ada.json': 'change',
      'notebooks/coach.json': 'leave',
      'sessions/push.json': 'add',
      'sets/ada.csv': 'leave',
    });
    expect(await all(into.db)).toEqual(before);
    const kept = await importHouse(into.folder, zip, { today, dry: true, keep: true });
    expect(kept.files.find((f) => f.path === 'clients/ada.json')).toMatchObject({ does: 'leave' });
    await importHouse(into.folder, zip, { today, expect: plan.digest });
    expect(await all(into.db)).toEqual(await all(from.db));
    expect((await store.clients.get('ada')).revision).toBe(3);
  });

  test('does what was previewed or nothing', async () => {
    const from = await small();
    const zip = await exported(from);
    const into = await house();
    const { digest } = await importHouse(into.folder, zip, { today, dry: true });
    await makeStore(into.db, () => today).kits.create('hall', { ...sampleKit, name: 'Other hall' });
    const before = await all(into.db);
    await expect(importHouse(into.folder, zip, { today, expect: digest })).rejects.toMatchObject({
      status: 409,
      code: 'another-plan',
    });
    expect(await all(into.db)).toEqual(before);
  });

  test.each<[string, Record<string, string | null>, object]>([
    [
      'a file that is no JSON',
      { 'kits/hall.json': '{\n  "format": "drimbo.kit",\n  "name": ?' },
      { path: 'kits/hall.json', line: 3 },
    ],
    [
      'a wrong field',
      { 'kits/more.json': JSON.stringify({ ...sampleKit, name: 7 }, null, 2) },
      { path: 'kits/more.json', at: 'name', line: 4 },
    ],
    ['a session of nobody', { 'clients/ada.json': null }, { path: 'sessions/push.json', at: 'clientId' }],
    ['a row that is none', { 'sets/ada.csv': 'id,client\r\nx,ada\r\n' }, { path: 'sets/ada.csv', line: 1 }],
    ['no house', { 'house.json': null }, { path: 'house.json' }],
    [
      'a day far ahead',
      { 'sessions/push.json': JSON.stringify({ ...soundPush, clientId: 'ada', date: '2031-01-01' }) },
      { path: 'sessions/push.json', at: 'date' },
    ],
  ])('%s stops it, is named by path and line, and nothing is changed', async (_, patch, wrong) => {
    const zip = changed(await exported(await small()), patch);
    const into = await house();
    const before = await all(into.db);
    const plan = await importHouse(into.folder, zip, { today });
    expect(plan.wrong[0]).toMatchObject(wrong);
    expect(await all(into.db)).toEqual(before);
  });

  test('a set that says nonsense is named by its line', async () => {
    const from = await house();
    await seedDemo(from.db, noon, 2);
    const zip = await exported(from, 'mirelle-vandoorn');
    const path = 'sets/mirelle-vandoorn.csv';
    const lines = textIn(zip, path).split('\r\n');
    const cells = lines[4]!.split(',');
    cells[8] = 'many';
    lines[4] = cells.join(',');
    const into = await house();
    const plan = await importHouse(into.folder, changed(zip, { [path]: lines.join('\r\n') }), { today });
    expect(plan.wrong).toEqual([{ path, line: 5, at: 'reps', says: expect.any(String) }]);
    expect((await all(into.db)).sets).toEqual([]);
  });

  test('what is no zip, or a torn one, is said', async () => {
    const into = await house();
    const zip = await exported(await small());
    await expect(importHouse(into.folder, Buffer.from('no zip at all'), { today })).rejects.toThrow(
      /no zip file/,
    );
    await expect(importHouse(into.folder, zip.subarray(0, zip.length - 60), { today })).rejects.toThrow(
      /no zip file/,
    );
    const torn = Buffer.from(zip);
    torn.fill(7, 60, 400);
    const plan = await importHouse(into.folder, torn, { today }).catch((error: Error) => error);
    expect(plan instanceof Error || plan.wrong.length > 0).toBe(true);
  });
});

test('one client goes out alone with the gyms of the sessions, and into another house whole', async () => {
  const from = await house();
  await seedDemo(from.db, noon, 2);
  const zip = await exported(from, 'odalys-renske');
  const own = Object.keys(unzipSync(zip)).filter((path) => /^(clients|kits|sets|notebooks)\//.test(path));
  expect(own).toEqual(['clients/odalys-renske.json', 'kits/boathouse.json', 'sets/odalys-renske.csv']);
  const into = await house();
  expect((await importHouse(into.folder, zip, { today })).wrong).toEqual([]);
  const logged = await makeStore(from.db).logged('odalys-renske');
  expect(logged.length).toBeGreaterThan(0);
  expect(await makeStore(into.db).logged('odalys-renske')).toEqual(logged);
});
