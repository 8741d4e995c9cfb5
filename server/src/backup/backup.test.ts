import { existsSync, mkdtempSync, readdirSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import fc from 'fast-check';
import { daysAfter } from '@drimbo/core/units';
import { openDatabase } from '../database/open';
import { seedDemo } from '../demo/seed';
import { makeStore } from '../store/store';
import { backUp, contentsOf, restore } from './copy';
import { dailyFile, daysKept, dropOutlived, outlived } from './daily';

let folder: string;
const noon = new Date('2026-11-24T12:00:00Z');
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'drimbo-backup-'));
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

test('a backup taken while the database is open and written holds everything, and comes back the same', async () => {
  const data = join(folder, 'data');
  const db = await openDatabase(data);
  await seedDemo(db, noon, 2);
  const before = await makeStore(db).sessions.list();
  const logged = await makeStore(db).logged('mirelle-vandoorn');
  const file = join(folder, 'copies', 'one.sqlite');
  const contents = await backUp(data, file);
  expect(contents).toMatchObject({ clients: 6, sessions: before.length });
  expect(contents.sets).toBeGreaterThan(100);
  expect(statSync(file).mode & 0o777).toBe(0o600);
  await db.deleteFrom('clients').execute();
  await db.destroy();

  const { aside } = await restore(data, file);
  expect(await contentsOf(aside!)).toMatchObject({ clients: 0, sessions: 0, sets: 0 });
  const again = await openDatabase(data);
  expect(await makeStore(again).sessions.list()).toEqual(before);
  expect(await makeStore(again).logged('mirelle-vandoorn')).toEqual(logged);
  await again.destroy();
});

test('what is no backup is refused and changes nothing; a file that is there is not written over', async () => {
  const data = join(folder, 'data');
  const db = await openDatabase(data);
  await db.destroy();
  const torn = join(folder, 'torn.sqlite');
  writeFileSync(torn, 'no database, but long enough to be looked at. '.repeat(200));
  const names = readdirSync(data);
  await expect(restore(data, torn)).rejects.toThrow(/damaged or no backup/);
  await expect(restore(data, join(folder, 'none.sqlite'))).rejects.toThrow(/cannot be reached/);
  await expect(backUp(data, torn)).rejects.toThrow(/there already/);
  await expect(backUp(join(folder, 'empty'), join(folder, 'x.sqlite'))).rejects.toMatchObject({
    code: 'SQLITE_CANTOPEN',
  });
  expect(readdirSync(data).filter((name) => !name.endsWith('.lock'))).toEqual(names);
});

test('seven days and four weeks of copies are kept, whatever days there were', () => {
  const today = '2026-11-26';
  const every = Array.from({ length: 80 }, (_, i) => daysAfter(today, -i));
  const kept = every.filter((day) => !outlived(every, today).includes(day));
  expect(kept.slice(0, 7)).toEqual(every.slice(0, 7));
  // The newest of each of the four weeks before.
  expect(kept.slice(7)).toEqual(['2026-11-19', '2026-11-15', '2026-11-08', '2026-11-01']);
  fc.assert(
    fc.property(fc.subarray(every), (days) => {
      const gone = outlived(days, today);
      const left = days.filter((day) => !gone.includes(day));
      expect(outlived(left, today)).toEqual([]);
      for (const day of days.filter((d) => d >= '2026-11-20')) expect(left).toContain(day);
      expect(left.length).toBeLessThanOrEqual(12);
    }),
  );
});

test('copies that have had their time are taken away, and nothing else in the folder', async () => {
  const data = join(folder, 'data');
  const db = await openDatabase(data);
  await db.destroy();
  for (const day of ['2026-11-26', '2026-11-25', '2026-08-01']) await backUp(data, dailyFile(data, day));
  writeFileSync(join(data, 'backups', 'by-hand.sqlite'), '');
  dropOutlived(data, '2026-11-26');
  expect(daysKept(data)).toEqual(['2026-11-26', '2026-11-25']);
  expect(existsSync(join(data, 'backups', 'by-hand.sqlite'))).toBe(true);
});
