import { existsSync, mkdirSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { backUp, restore, type Contents } from '../backup/copy';
import { setPasscode } from '../access/passcode';
import { typedPasscode } from '../access/typed-passcode';
import { backupFolder } from '../database/copies';
import type { Config } from './config';
import { openDriver } from '../database/driver';
import { lockFolder } from '../database/folder-lock';
import { databaseFile, finishExchange, stamp } from '../database/files';
import { openDatabase } from '../database/open';
import type { Plan } from '@drimbo/core/formats';
import { importHouse } from '../house/importing';
import { writeHouse } from '../house/write-house';
import { todayUtc } from '../store/store';

/** What follows a flag; undefined where nothing does. */
export type After = (flag: string) => string | undefined;

type Command = (folder: string, after: After, has: (flag: string) => boolean) => Promise<string>;

const inWords = (c: Contents): string =>
  `${c.clients} clients, ${c.kits} gyms, ${c.sessions} sessions, ${c.sets} logged sets, ${Math.ceil(c.bytes / 1024)} KB`;

function named(after: After, flag: string, example: string): string {
  const name = after(flag);
  if (name === undefined) throw new Error(`Say which: ${example}`);
  return name;
}

/**
 * Long work on a data folder, also beside a server: one at a time. A database that nobody serves is brought up to date
 * first. Throws an Error where there is none.
 */
async function working<T>(folder: string, work: () => Promise<T>): Promise<T> {
  finishExchange(folder);
  if (!existsSync(databaseFile(folder))) throw new Error(`There is no database in ${folder}.`);
  const serving = lockFolder(folder, 'serving');
  if (serving) {
    try {
      await (await openDatabase(folder)).destroy();
    } finally {
      serving();
    }
  }
  const free = lockFolder(folder, 'working');
  if (!free)
    throw new Error(`Drimbo works on the data in ${folder} already. Wait until that is done and try again.`);
  try {
    return await work();
  } finally {
    free();
  }
}

async function onDatabase<T>(
  folder: string,
  work: (db: ReturnType<typeof openDriver>) => Promise<T>,
): Promise<T> {
  return working(folder, async () => {
    const db = openDriver(databaseFile(folder), { mustExist: true });
    try {
      return await work(db);
    } finally {
      await db.destroy();
    }
  });
}

const planInWords = (plan: Plan, dry: boolean): string => {
  if (plan.wrong.length > 0)
    return [
      'Nothing was imported:',
      ...plan.wrong.map((w) =>
        [w.path, w.line === null ? '' : `line ${w.line}`, w.at, w.says].filter(Boolean).join(', '),
      ),
    ].join('\n');
  const { add, change, leave } = plan.counts;
  return `${dry ? 'It would add' : 'Imported: added'} ${add}, ${dry ? 'change' : 'changed'} ${change}, ${dry ? 'leave' : 'left'} ${leave} files as they are.`;
};

/** What each flag does, and the sentence for somebody at a keyboard that comes of it. */
const commands: Record<string, Command> = {
  '--passcode': async (folder) => {
    const passcode = await typedPasscode();
    mkdirSync(folder, { recursive: true, mode: 0o700 });
    await setPasscode(folder, passcode);
    return 'The passcode is set. Whoever is on the network signs in with it.';
  },
  '--backup': async (folder, after) => {
    const name = after('--backup');
    const file = name ? resolve(name) : join(backupFolder(folder), `by-hand-${stamp()}.sqlite`);
    const contents = await working(folder, () => backUp(folder, file));
    return `Backed up and looked through: ${file} (${inWords(contents)}).`;
  },
  '--restore': async (folder, after) => {
    const file = resolve(named(after, '--restore', 'npm run restore -- path/to/backup.sqlite'));
    if (!existsSync(file)) throw new Error(`There is no file ${file}. Nothing was changed.`);
    const { aside, ...contents } = await restore(folder, file);
    const kept = aside ? ` What was there is kept as ${aside}.` : '';
    return `Restored: ${inWords(contents)}.${kept}`;
  },
  '--export': async (folder, after) => {
    const file = resolve(after('--export') ?? `drimbo-${todayUtc()}.zip`);
    const counts = await onDatabase(folder, (db) =>
      writeHouse(db, file, { client: after('--client') ?? null }),
    );
    return `Exported: ${file} (${counts.clients} clients, ${counts.kits} gyms, ${counts.sessions} sessions, ${counts.sets} logged sets).`;
  },
  '--import': async (folder, after, has) => {
    const file = resolve(
      named(after, '--import', 'npm run import -- path/to/export.zip [--preview] [--keep]'),
    );
    const dry = has('--preview');
    const plan = await working(folder, () =>
      importHouse(folder, file, { today: todayUtc(), dry, keep: has('--keep') }),
    );
    return planInWords(plan, dry);
  },
};

/**
 * Does the one thing the arguments ask for instead of serving and tells what came of it; null when they ask for none.
 * Throws an Error whose message says what to do.
 */
export async function runCommand(args: readonly string[], config: Config): Promise<string | null> {
  const flag = args.find((arg) => arg in commands);
  if (flag === undefined) return null;
  const after: After = (name) => {
    const next = args.includes(name) ? args[args.indexOf(name) + 1] : undefined;
    return next?.startsWith('--') ? undefined : next;
  };
  return commands[flag]!(config.dataFolder, after, (name) => args.includes(name));
}
