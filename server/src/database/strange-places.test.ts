import {
  copyFileSync,
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  renameSync,
  rmSync,
  truncateSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { backUp, restore } from '../backup/copy';
import { dailyFile } from '../backup/daily';
import { runCommand } from '../commands/commands';
import { makeStore } from '../store/store';
import { today, workOn } from '../testing/app';
import { furnish } from '../testing/folders';
import { letGo } from './engine';
import { databaseFile, exchangeFiles, filesOf, finishExchange } from './files';
import { CopyOffered, openDatabase } from './open';
import { stillThere } from './still-there';

let folder: string;
beforeEach(async () => {
  folder = mkdtempSync(join(tmpdir(), 'drimbo-strange-'));
  const db = await openDatabase(folder);
  await furnish(db);
  await closed(db);
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

/** Closed, and let go of as if its process had ended. */
async function closed(db: { destroy: () => Promise<void> }): Promise<void> {
  await db.destroy();
  await letGo();
}

const config = { host: '', port: 0, webFolder: '', isShared: false, tls: null };
const clientsIn = async (): Promise<number> => {
  const db = await openDatabase(folder);
  const { length } = await makeStore(db, () => today).clients.list();
  await closed(db);
  return length;
};
const withoutJournal = (): void => {
  for (const file of filesOf(folder).slice(1)) rmSync(file, { force: true });
};

test.each([
  ['an empty file', /is an empty file/, () => truncateSync(databaseFile(folder), 0)],
  ['a part of one', /only a part of one/, () => truncateSync(databaseFile(folder), 40_000)],
  ['something else', /is none/, () => writeFileSync(databaseFile(folder), 'something else. '.repeat(99))],
  ['nothing', /There is no database/, () => rmSync(databaseFile(folder))],
])(
  '%s beside the copy of yesterday: it asks and offers the copy, and changes nothing',
  async (_what, says, spoil) => {
    await backUp(folder, dailyFile(folder, '2026-11-23'));
    withoutJournal();
    spoil();
    const before = readdirSync(folder);
    const offered = await openDatabase(folder).catch((error: unknown) => error);
    expect(offered).toBeInstanceOf(CopyOffered);
    expect((offered as Error).message).toMatch(says);
    expect((offered as Error).message).toContain(
      `npm run restore -- ${join(folder, 'backups/drimbo-2026-11-23.sqlite')}`,
    );
    expect(readdirSync(folder)).toEqual(before);
    await letGo();
    await restore(folder, join(folder, (offered as CopyOffered).copy));
    await letGo();
    expect(await clientsIn()).toBe(1);
  },
);

test('an empty file where no copy is: the first start, ended before it began', async () => {
  withoutJournal();
  truncateSync(databaseFile(folder), 0);
  expect(await clientsIn()).toBe(0);
});

test('begun anew on purpose nothing is asked', async () => {
  await backUp(folder, dailyFile(folder, '2026-11-23'));
  await letGo();
  withoutJournal();
  rmSync(databaseFile(folder));
  const db = await openDatabase(folder, { anew: true });
  await db.destroy();
  expect(existsSync(databaseFile(folder))).toBe(true);
});

test('an exchange ended at any step is the old database or the new one, whole, and the old is kept', async () => {
  const other = mkdtempSync(join(tmpdir(), 'drimbo-other-'));
  const empty = await openDatabase(other);
  await closed(empty);
  const [incoming, aside] = [join(folder, 'restoring-1.part'), join(folder, 'before-restore-1.sqlite')];
  const bring = (): void => copyFileSync(databaseFile(other), incoming);
  // Ended before the new file had its name: with the note written, and with the old one under its second name too.
  for (const also of [() => undefined, () => copyFileSync(databaseFile(folder), aside)]) {
    bring();
    const inode = 0;
    writeFileSync(join(folder, 'exchanging.json'), JSON.stringify({ incoming, inode, aside }));
    also();
    finishExchange(folder);
    expect([await clientsIn(), existsSync(incoming), existsSync(aside)]).toEqual([1, false, false]);
  }
  // A note that was not even written whole.
  writeFileSync(join(folder, 'exchanging.json'), '{"incoming":');
  finishExchange(folder);
  expect(await clientsIn()).toBe(1);
  // Done, but for the note and the journal of the old one.
  bring();
  exchangeFiles(folder, incoming, aside);
  expect([await clientsIn(), existsSync(aside)]).toEqual([0, true]);
  await letGo();
  withoutJournal();
  renameSync(aside, databaseFile(folder));
  expect(await clientsIn()).toBe(1);
  rmSync(other, { recursive: true });
});

test('a folder that goes while it is worked on: an error, never an empty house', async () => {
  const db = await openDatabase(folder);
  const work = workOn({ db, folder });
  const there = stillThere(folder);
  const file = join(tmpdir(), `drimbo-gone-${process.pid}.zip`);
  rmSync(folder, { recursive: true });
  mkdirSync(folder);
  await expect(work.export(file, null, new AbortController().signal)).rejects.toMatchObject({
    code: 'SQLITE_CANTOPEN',
  });
  expect([readdirSync(folder).filter((n) => n.endsWith('.sqlite')), existsSync(file)]).toEqual([[], false]);
  expect(there.check).toThrow(/moved or deleted/);
  await expect(runCommand(['--export', file], { ...config, dataFolder: folder })).rejects.toThrow(
    /no database/,
  );
  await db.destroy();
});

test('a journal that goes while it is written to is noticed', async () => {
  const db = await openDatabase(folder);
  const there = stillThere(folder);
  await db.updateTable('clients').set({ updated_at: 'now' }).execute();
  expect(there.check).not.toThrow();
  rmSync(`${databaseFile(folder)}-wal`);
  expect(there.check).toThrow(/moved or deleted/);
  await db.destroy();
});
