import { join } from 'node:path';
import Database from 'libsql';
import { isBusy } from './troubles';

/** Held ones stay reachable: one that is collected would be let go. */
const held = new Set<Database.Database>();

/**
 * Takes a lock of a data folder that the system frees when this process ends, however it ends; the function given back
 * frees it before. Null where somebody else has it. Held as the exclusive lock of an empty database file.
 */
export function lockFolder(folder: string, name: 'serving' | 'working'): (() => void) | null {
  const engine = new Database(join(folder, `${name}.lock`));
  try {
    engine.pragma('busy_timeout = 0');
    // A full disk keeps nobody from locking.
    engine.pragma('journal_mode = MEMORY');
    engine.exec('begin exclusive');
  } catch (error) {
    engine.close();
    if (isBusy(error)) return null;
    throw error;
  }
  held.add(engine);
  return () => {
    if (!held.delete(engine)) return;
    engine.exec('rollback');
    engine.close();
  };
}
