import { mkdirSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { backUp, restore, restoreInto, type Contents } from '../backup/copy';
import { setPasscode } from '../access/passcode';
import { typedPasscode } from '../access/typed-passcode';
import { copiesIn } from '../backup/copies';
import { backupFolder } from '../backup/daily';
import type { Config } from '../config';
import type { openDriver } from '../database/driver';
import { openDatabase, stamp } from '../database/open';
import { eraseClient } from '../house/erase';
import { lookThrough } from '../house/look-through';
import type { Plan } from '@drimbo/core/formats/plan';
import { importHouse } from '../house/importing';
import { writeHouse } from '../house/write-house';
import { Problem } from '../problem';
import { todayUtc } from '../store';

/** What follows a flag; undefined where nothing does. */
export type After = (flag: string) => string | undefined;

/** What a command found out, and the sentence for somebody at a keyboard. */
export interface Done {
  result: unknown;
  says: string;
}

type Command = (folder: string, after: After, has: (flag: string) => boolean) => Promise<Done>;

const inWords = (c: Contents): string =>
  `${c.clients} clients, ${c.kits} gyms, ${c.sessions} sessions, ${c.sets} logged sets, ${Math.ceil(c.bytes / 1024)} KB`;

function named(after: After, flag: string, example: string): string {
  const name = after(flag);
  if (name === undefined) throw new Error(`Say which: ${example}`);
  return name;
}

/** The database of a folder as it is, for the time of some work. */
async function onDatabase<T>(
  folder: string,
  work: (db: ReturnType<typeof openDriver>) => Promise<T>,
): Promise<T> {
  const db = await openDatabase(folder);
  try {
    return await work(db);
  } finally {
    await db.destroy();
  }
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

const commands: Record<string, Command> = {
  '--passcode': async (folder) => {
    const passcode = await typedPasscode();
    mkdirSync(folder, { recursive: true, mode: 0o700 });
    await setPasscode(folder, passcode);
    return {
      result: { set: true },
      says: 'The passcode is set. Whoever is on the network signs in with it.',
    };
  },
  '--backup': async (folder, after) => {
    const name = after('--backup');
    const file = name ? resolve(name) : join(backupFolder(folder), `by-hand-${stamp()}.sqlite`);
    const contents = await backUp(folder, file);
    return {
      result: { file, ...contents },
      says: `Backed up and looked through: ${file} (${inWords(contents)}).`,
    };
  },
  '--restore': async (folder, after) => {
    const file = named(after, '--restore', 'npm run restore -- path/to/backup.sqlite');
    const { aside, ...contents } = await restore(folder, resolve(file));
    const kept = aside ? ` What was there is kept as ${aside}.` : '';
    return { result: contents, says: `Restored: ${inWords(contents)}.${kept}` };
  },
  /** Under a running server: what the page "Data" asks for. */
  '--restore-into': async (folder, after) => {
    const done = await restoreInto(folder, named(after, '--restore-into', '--restore-into backup.sqlite'));
    return { result: done, says: `Restored: ${inWords(done)}. What was there is kept as ${done.aside}.` };
  },
  '--export': async (folder, after) => {
    const file = resolve(after('--export') ?? `drimbo-${todayUtc()}.zip`);
    const counts = await onDatabase(folder, (db) =>
      writeHouse(db, file, { client: after('--client') ?? null }),
    );
    return {
      result: { file, counts },
      says: `Exported: ${file} (${counts.clients} clients, ${counts.kits} gyms, ${counts.sessions} sessions, ${counts.sets} logged sets).`,
    };
  },
  '--import': async (folder, after, has) => {
    const file = named(after, '--import', 'npm run import -- path/to/export.zip [--preview] [--keep]');
    const expect = after('--expect');
    const dry = has('--preview');
    const plan = await onDatabase(folder, (db) =>
      importHouse(db, resolve(file), {
        today: todayUtc(),
        dry,
        keep: has('--keep'),
        ...(expect === undefined ? {} : { expect }),
      }),
    );
    return { result: plan, says: planInWords(plan, dry) };
  },
  '--erase': async (folder, after) => {
    const id = named(after, '--erase', '--erase client-id');
    await onDatabase(folder, (db) => eraseClient(db, id));
    const copies = copiesIn(folder);
    return {
      result: { copies },
      says: `Erased. ${copies.length === 0 ? 'No copy was made before.' : `Copies made before still hold the client: ${copies.join(', ')}.`}`,
    };
  },
  '--look-through': async (folder) => {
    const lost = await onDatabase(folder, lookThrough);
    const list = lost.map((row) => `${row.kind} “${row.id}”: ${row.why}`);
    return {
      result: lost,
      says: lost.length === 0 ? 'Every document can be read.' : `Cannot be read:\n${list.join('\n')}`,
    };
  },
};

/**
 * Does the one thing the arguments ask for instead of serving; null when they ask for none. Throws an Error whose
 * message says what to do.
 */
export async function runCommand(args: readonly string[], config: Config): Promise<Done | null> {
  const flag = args.find((arg) => arg in commands);
  if (flag === undefined) return null;
  const after: After = (name) => {
    const next = args.includes(name) ? args[args.indexOf(name) + 1] : undefined;
    return next?.startsWith('--') ? undefined : next;
  };
  return commands[flag]!(config.dataFolder, after, (name) => args.includes(name));
}

/** A failure as data, for whoever started the command. */
export const failureOf = (error: unknown) =>
  error instanceof Problem
    ? { status: error.status, code: error.code, message: error.message, current: error.current }
    : { status: 400, code: 'not-done', message: error instanceof Error ? error.message : String(error) };
