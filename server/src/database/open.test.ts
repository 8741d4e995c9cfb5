import { existsSync, mkdtempSync, readdirSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Migrator, sql, type Kysely } from 'kysely';
import { seedDemo } from '../demo/seed';
import { openDriver } from './driver';
import { migrations } from './migrations';
import { databaseFile, filesOf } from './files';
import { openDatabase } from './open';
import { stillThere } from './still-there';
import type { Tables } from './tables';

let folder: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'drimbo-open-'));
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

const noon = new Date('2026-11-24T12:00:00Z');

/** Fails at the statement of this number, as a kill would end it there. */
function failingAt(statement: number): { watch: () => void; seen: () => number } {
  let seen = 0;
  return {
    watch: () => {
      seen += 1;
      if (seen === statement) throw new Error('ended here');
    },
    seen: () => seen,
  };
}

const rows = async (db: Kysely<Tables>): Promise<number[]> =>
  Promise.all(
    (['clients', 'kits', 'sessions', 'performed_sets'] as const).map(async (table) => {
      const { n } = await db
        .selectFrom(table)
        .select((e) => e.fn.countAll<number>().as('n'))
        .executeTakeFirstOrThrow();
      return Number(n);
    }),
  );

test('a first start and its demo ended at any statement leave a house that the next start makes whole', async () => {
  const all = failingAt(Infinity);
  const model = await openDatabase(folder, { watch: all.watch });
  const opening = all.seen();
  await seedDemo(model, noon, 1);
  const statements = all.seen();
  const whole = await rows(model);
  await model.destroy();
  expect(whole.every((n) => n > 0)).toBe(true);
  const within = Math.ceil((statements - opening) / 3);
  for (let at = 1; at <= statements; at += at <= opening ? 1 : within) {
    for (const file of filesOf(folder)) rmSync(file, { force: true });
    const ending = failingAt(at);
    const first = await openDatabase(folder, { watch: ending.watch }).catch(() => null);
    if (first) {
      await expect(seedDemo(first, noon, 1)).rejects.toThrow('ended here');
      expect(await rows(first)).toEqual([0, 0, 0, 0]);
      await first.destroy();
    }
    const next = await openDatabase(folder);
    expect(await rows(next)).toEqual([0, 0, 0, 0]);
    if (at > opening) {
      await seedDemo(next, noon, 1);
      expect(await rows(next)).toEqual(whole);
    }
    await next.destroy();
  }
}, 240_000);

/** A database as the first two migrations left it, with one client in it. */
async function older(): Promise<void> {
  const db = openDriver(databaseFile(folder));
  const provider = { getMigrations: () => Promise.resolve(migrations) };
  await new Migrator({ db, provider }).migrateTo('002-notebook');
  await db
    .insertInto('clients')
    .values({ id: 'kept', revision: 1, document: '{"name":"Émile","kitId":"hall"}', updated_at: '' })
    .execute();
  await db.destroy();
}

test('an upgrade that fails says so, names the copy and changes nothing; the next one does it whole', async () => {
  await older();
  const counting = failingAt(Infinity);
  const model = mkdtempSync(join(tmpdir(), 'drimbo-model-'));
  await (await openDatabase(model, { watch: counting.watch })).destroy();
  rmSync(model, { recursive: true });
  let failed = 0;
  for (let at = 1; at <= counting.seen(); at++) {
    const message = await openDatabase(folder, { watch: failingAt(at).watch }).then(
      async (db) => {
        await db.destroy();
        return null;
      },
      (error: Error) => error.message,
    );
    if (message === null) break;
    failed += 1;
    const db = openDriver(databaseFile(folder));
    const { rows: columns } = await sql<{ name: string }>`pragma table_info(performed_sets)`.execute(db);
    expect(columns.map((c) => c.name)).not.toContain('tired');
    await db.destroy();
    if (message.includes('could not be brought up to date'))
      expect(message).toMatch(/before-upgrade-.*\.sqlite/);
  }
  expect(failed).toBeGreaterThan(4);
  const db = await openDatabase(folder);
  expect(await rows(db)).toEqual([1, 0, 0, 0]);
  expect(await db.selectFrom('clients').select(['name', 'name_key', 'refs']).execute()).toEqual([
    { name: 'Émile', name_key: 'emile', refs: ' kit:hall ' },
  ]);
  await db.destroy();
});

test('a newer database, a damaged file and a folder that is a file each get their sentence', async () => {
  const db = await openDatabase(folder);
  await sql`insert into kysely_migration values ('999-from-later', '2031-01-01')`.execute(db);
  await db.destroy();
  await expect(openDatabase(folder)).rejects.toThrow(/newer Drimbo \(999-from-later\)/);
  for (const file of filesOf(folder)) rmSync(file, { force: true });
  writeFileSync(databaseFile(folder), 'no database, but long enough to be looked at. '.repeat(200));
  await expect(openDatabase(folder)).rejects.toThrow(/damaged or no database.*backup/);
  await expect(openDatabase(databaseFile(folder))).rejects.toThrow(/cannot be written/);
});

test('only the owner reads the folder and the file', async () => {
  const db = await openDatabase(folder);
  expect(statSync(folder).mode & 0o777).toBe(0o700);
  for (const file of filesOf(folder).filter(existsSync)) expect(statSync(file).mode & 0o777).toBe(0o600);
  await db.destroy();
});

test('a database that is deleted or replaced while it is open is noticed', async () => {
  const db = await openDatabase(folder);
  const there = stillThere(folder);
  expect(there.check).not.toThrow();
  for (const file of readdirSync(folder)) rmSync(join(folder, file));
  expect(there.check).toThrow(/moved or deleted/);
  writeFileSync(databaseFile(folder), '');
  expect(there.check).toThrow(/moved or deleted/);
  await db.destroy();
});

test('a busy database is waited for with the event loop free', async () => {
  const db = await openDatabase(folder);
  const other = openDriver(databaseFile(folder));
  const order: string[] = [];
  // The other writer ends by a timer of this very process: standing still would keep it from ending.
  const blocking = other.transaction().execute(async () => {
    await new Promise((done) => setTimeout(done, 200));
    order.push('other');
  });
  await new Promise((done) => setTimeout(done, 20));
  await db.updateTable('notebooks').set({ updated_at: 'now' }).execute();
  order.push('ours');
  await blocking;
  expect(order).toEqual(['other', 'ours']);
  await Promise.all([db.destroy(), other.destroy()]);
});
