import { chmodSync, rmSync } from 'node:fs';
import { openEngine } from '../database/engine';
import { databaseFile, onDisk } from '../database/files';
import { isBusy } from '../database/troubles';

/** How long somebody else's write or reading is waited for, milliseconds. */
const PATIENCE_MS = 10_000;
const TRY_AGAIN_MS = 50;

/** Tries again while the file is locked, standing still in between: for processes that do nothing else. */
export function insisting<T>(work: () => T, patienceMs = PATIENCE_MS): T {
  const until = Date.now() + patienceMs;
  for (;;)
    try {
      return work();
    } catch (error) {
      if (!isBusy(error) || Date.now() > until) throw error;
      Atomics.wait(new Int32Array(new SharedArrayBuffer(4)), 0, 0, TRY_AGAIN_MS);
    }
}

/** Where a page keeps traces of rows that once lay on it, the file is written anew without them. */
export function rewriteInPlace(folder: string): void {
  const engine = openEngine(databaseFile(folder), { mustExist: true });
  try {
    insisting(() => engine.exec('vacuum'));
  } finally {
    engine.close();
  }
}

/** The same into another file, while everybody goes on writing to the first. */
export function rewriteInto(folder: string, into: string): void {
  const engine = openEngine(databaseFile(folder), { mustExist: true });
  try {
    rmSync(into, { force: true });
    engine.prepare('vacuum into ?').run(into);
    chmodSync(into, 0o600);
    onDisk(into);
  } finally {
    engine.close();
  }
}
