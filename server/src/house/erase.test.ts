import { readdirSync, readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { openDriver } from '../database/driver';
import { openEngine } from '../database/engine';
import { databaseFile, filesOf } from '../database/files';
import { seedDemo } from '../demo/seed';
import { makeStore } from '../store/store';
import { today, workOn } from '../testing/app';
import { newHouse } from '../testing/folders';
import { cutJournal } from './cleaning';
import { eraseClient, forgetDeleted } from './erase';

type House = Awaited<ReturnType<typeof newHouse>>;
let house: House;
beforeEach(async () => {
  house = await newHouse();
  await seedDemo(house.db, new Date(`${today}T12:00:00Z`), 2);
});
afterEach(() => house.drop());

const CLIENT = 'corvin-haldt';
const NOTE = 'Right side, sore past parallel';

/** Files of the folder, those in folders too, that hold a text. */
function holding(text: string, folder = house.folder): string[] {
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name);
    if (entry.isDirectory()) return holding(text, path);
    return readFileSync(path, 'latin1').includes(text) ? [entry.name] : [];
  });
}

/** Ids by which the client could be known again. */
async function identifiers(): Promise<string[]> {
  const rows = await house.db.selectFrom('sessions').select('id').where('client_id', '=', CLIENT).execute();
  return [CLIENT, 'Corvin', ...rows.map((row) => row.id)];
}

/** Three programs that read all the time, each as of a moment; `end` closes them. */
function readers(): { end: () => void } {
  const open = [1, 2, 3].map(() => openEngine(databaseFile(house.folder), { readonly: true }));
  const turn = (i: number): void => {
    const engine = open[i]!;
    if (engine.inTransaction) engine.exec('rollback');
    engine.exec('begin');
    engine.prepare('select count(*) as n from sessions').get();
  };
  [0, 1, 2].forEach(turn);
  let n = 0;
  const timer = setInterval(() => turn(n++ % 3), 5);
  return {
    end: () => {
      clearInterval(timer);
      for (const engine of open) {
        if (engine.inTransaction) engine.exec('rollback');
        engine.close();
      }
    },
  };
}

test.each([
  ['rewritten in its place', undefined],
  ['rewritten beside it and exchanged', 0],
])('an erased client is in no row and in no byte of the folder, the file %s', async (_how, smallBytes) => {
  const { db } = house;
  const store = makeStore(db);
  const known = await identifiers();
  expect(holding(NOTE).length).toBeGreaterThan(0);
  const others = await store.logged('mirelle-vandoorn');
  const [first] = await db
    .selectFrom('sessions')
    .select(['id', 'revision'])
    .where('client_id', '=', CLIENT)
    .execute();
  await store.sessions.remove(first!.id, first!.revision, false);
  expect(await workOn(house, smallBytes).erase(CLIENT)).toEqual({ copies: [], isClean: true });
  for (const table of ['sessions', 'performed_sets', 'blocks', 'client_links', 'log_clocks'] as const)
    expect(await db.selectFrom(table).selectAll().where('client_id', '=', CLIENT).execute()).toEqual([]);
  expect(await store.clients.text(CLIENT)).toBeNull();
  expect(await store.logged('mirelle-vandoorn')).toEqual(others);
  for (const text of [NOTE, ...known]) expect([text, holding(text)]).toEqual([text, []]);
  await expect(eraseClient(db, CLIENT)).rejects.toMatchObject({ status: 404 });
  // The file that is there now is the one that is written to.
  const kit = await store.kits.get('boathouse');
  await store.kits.replace('boathouse', kit.revision, { ...kit.document, name: 'After it all' });
  expect(holding('After it all').length).toBeGreaterThan(0);
});

test('also while three programs read the file, and one that was deleted before', async () => {
  const { db } = house;
  const known = await identifiers();
  const { revision } = await makeStore(db).clients.get(CLIENT);
  await makeStore(db).clients.remove(CLIENT, revision, true);
  const reading = readers();
  try {
    const { isClean } = await workOn(house, 0).erase(CLIENT);
    expect(isClean).toBe(true);
    for (const text of [NOTE, ...known]) expect([text, holding(text)]).toEqual([text, []]);
  } finally {
    reading.end();
  }
});

test('while somebody holds on to how it was, it says that not all traces are gone yet', async () => {
  const holder = openDriver(databaseFile(house.folder), { readonly: true });
  let over = (): void => undefined;
  const holding = holder
    .transaction()
    .setAccessMode('read only')
    .execute(async (one) => {
      await one.selectFrom('clients').select('id').execute();
      await new Promise<void>((done) => (over = done));
    });
  await new Promise((done) => setTimeout(done, 50));
  await eraseClient(house.db, CLIENT);
  expect(await cutJournal(house.db, house.folder, 100)).toBe(false);
  expect(statSync(filesOf(house.folder)[1]!).size).toBeGreaterThan(0);
  over();
  await holding;
  expect(await cutJournal(house.db, house.folder, 100)).toBe(true);
  await holder.destroy();
});

test('what was deleted is kept for thirty days by the clock, and its bytes go with it', async () => {
  const { db } = house;
  const work = workOn(house);
  const { revision } = await makeStore(db).clients.get(CLIENT);
  await makeStore(db).clients.remove(CLIENT, revision, true);
  const past = (days: number) => new Date(Date.parse(`${today}T12:00:00Z`) - days * 86_400_000).toISOString();
  const back = (at: string) =>
    db.updateTable('clients').set({ deleted_at: at }).where('id', '=', CLIENT).execute();
  await back(new Date(Date.now() - 29 * 86_400_000).toISOString());
  await work.forgetDeleted();
  expect(await db.selectFrom('clients').select('id').where('id', '=', CLIENT).execute()).toHaveLength(1);
  await back(past(400));
  await work.forgetDeleted();
  expect([holding(NOTE), holding('Corvin')]).toEqual([[], []]);
  expect(await forgetDeleted(db)).toBe(false);
});
