import { pathToFileURL } from 'node:url';
import { setFlagsFromString } from 'node:v8';
import { runInNewContext } from 'node:vm';
import Database from 'libsql';
import { isBusy } from './troubles';

/** One connection of the engine to one file. */
export type Engine = Database.Database;

interface OpenOptions {
  /** Refuses every change of the file. */
  readonly?: boolean;
  /** Fails where there is no file, instead of making an empty one. */
  mustExist?: boolean;
}

/** Why a file could not be opened, with the code that the engine leaves out of this one error. */
function withCode(error: unknown): unknown {
  const { code, message } = error as { code?: string; message?: string };
  return !code && /ConnectionFailed/.test(message ?? '')
    ? Object.assign(error as Error, { code: 'SQLITE_CANTOPEN' })
    : error;
}

/**
 * Opens a database file: WAL, foreign keys, deleted content overwritten with zeros. It never stands still for a
 * lock: who waits does so outside. Throws the engine's error with its code.
 */
export function openEngine(file: string, { readonly = false, mustExist = false }: OpenOptions = {}): Engine {
  try {
    const engine = new Database(mustExist ? `${pathToFileURL(file).href}?mode=rw` : file);
    engine.pragma('busy_timeout = 0');
    if (readonly) engine.pragma('query_only = ON');
    else {
      engine.pragma('journal_mode = WAL');
      engine.pragma('secure_delete = ON');
    }
    engine.pragma('foreign_keys = ON');
    return engine;
  } catch (error) {
    throw withCode(error);
  }
}

let collect: (() => void) | null = null;

/**
 * Lets go of what closed connections still hold. The engine keeps the file open until the last of its statements is
 * collected, which nobody can ask of a statement itself.
 */
export async function letGo(): Promise<void> {
  if (collect === null) {
    setFlagsFromString('--expose-gc');
    collect = runInNewContext('gc') as () => void;
  }
  collect();
  await new Promise((done) => setImmediate(done));
}

/** How long it is tried, while everybody who writes waits, milliseconds. */
const ALONE_MS = 600;
const LEAST_TRIES = 3;
const TRY_AGAIN_MS = 20;

/**
 * Moves what the journal holds into the file and takes the journal away, which works only for somebody who is alone with
 * the file; false where another process has it open.
 */
export async function withoutJournal(engine: Engine): Promise<boolean> {
  const until = Date.now() + ALONE_MS;
  for (let tries = 0; tries < LEAST_TRIES || Date.now() < until; tries += 1) {
    await letGo();
    try {
      engine.pragma('journal_mode = DELETE');
      return true;
    } catch (error) {
      if (!isBusy(error)) throw error;
      await new Promise((done) => setTimeout(done, TRY_AGAIN_MS));
    }
  }
  return false;
}
