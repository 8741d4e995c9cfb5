import { sql, type Kysely } from 'kysely';
import { newHouse } from '../testing/folders';
import { asOfOneMoment, openDriver } from './driver';
import { databaseFile } from './files';
import { lockFolder } from './folder-lock';
import type { Tables } from './tables';

let house: Awaited<ReturnType<typeof newHouse>>;
beforeEach(async () => {
  house = await newHouse();
});
afterEach(() => house.drop());

const touch = (db: Kysely<Tables>, at: string) =>
  db.updateTable('notebooks').set({ updated_at: at }).execute();
const read = async (db: Kysely<Tables>): Promise<string> =>
  (await db.selectFrom('notebooks').select('updated_at').executeTakeFirstOrThrow()).updated_at;

test('while another process holds the file, writes wait together and no longer than one does, reads not at all', async () => {
  const other = openDriver(databaseFile(house.folder));
  let over = (): void => undefined;
  const holding = other.transaction().execute(async () => {
    await new Promise<void>((done) => (over = done));
  });
  await new Promise((done) => setTimeout(done, 20));
  const began = performance.now();
  const writes = Array.from({ length: 10 }, (_, i) => touch(house.db, `${i}`).catch((e: Error) => e));
  const before = await read(house.db);
  const readAfter = performance.now() - began;
  const refused = await Promise.all(writes);
  const refusedAfter = performance.now() - began;
  expect(refused.every((e) => (e as { code?: string }).code === 'SQLITE_BUSY')).toBe(true);
  // Ten that wait one after the other would take ten times as long.
  expect([readAfter < refusedAfter / 4, refusedAfter < 6_000]).toEqual([true, true]);
  expect(await read(house.db)).toBe(before);
  over();
  await holding;
  await touch(house.db, 'free again');
  expect(await read(house.db)).toBe('free again');
  await other.destroy();
}, 20_000);

test('a write that met a lock bars no later commit', async () => {
  const other = openDriver(databaseFile(house.folder));
  const short = (ms: number) =>
    other.transaction().execute(() => new Promise<void>((done) => setTimeout(done, ms)));
  for (let turn = 0; turn < 5; turn += 1) {
    const holding = short(60);
    await new Promise((done) => setTimeout(done, 5));
    await house.db.transaction().execute((whole) => touch(whole, `turn ${turn}`));
    await holding;
    expect(await read(house.db)).toBe(`turn ${turn}`);
  }
  await other.destroy();
});

test('what reads as of one moment sees nothing that comes after, and stands in nobody’s way', async () => {
  await touch(house.db, 'before');
  await asOfOneMoment(house.db, async (one) => {
    expect(await read(one)).toBe('before');
    await touch(house.db, 'after');
    expect([await read(one), await read(house.db)]).toEqual(['before', 'after']);
    await expect(touch(one, 'never')).rejects.toThrow(/query_only|readonly/i);
  });
});

test('a transaction that fails leaves nothing and gives the turn on', async () => {
  await touch(house.db, 'kept');
  await expect(
    house.db.transaction().execute(async (whole) => {
      await touch(whole, 'lost');
      await sql`insert into nowhere values (1)`.execute(whole);
    }),
  ).rejects.toThrow(/nowhere/);
  expect(await read(house.db)).toBe('kept');
  await touch(house.db, 'next');
});

test('a lock of the folder is one’s own until it is given back', () => {
  const free = lockFolder(house.folder, 'working');
  expect([free !== null, lockFolder(house.folder, 'working')]).toEqual([true, null]);
  const other = lockFolder(house.folder, 'serving');
  expect(other).not.toBeNull();
  other!();
  free!();
  free!();
  lockFolder(house.folder, 'working')!();
});
