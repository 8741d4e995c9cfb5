import { chmodSync, rmSync } from 'node:fs';
import { openEngine } from '../database/engine';
import { databaseFile, onDisk } from '../database/files';
import { insisting } from '../database/insisting';

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
