import { existsSync, mkdirSync, readFileSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { filesOf, stamp } from './files';
import { lockFolder } from './folder-lock';

/** Who serves a data folder, as a file in it says; whether somebody does, the lock of the folder says. */
interface Mark {
  pid: number;
  address: string;
}

const markFile = (folder: string): string => join(folder, 'running.json');

function readMark(folder: string): Mark | null {
  try {
    const { pid, address } = JSON.parse(readFileSync(markFile(folder), 'utf8')) as Mark;
    return { pid, address };
  } catch {
    return null;
  }
}

/**
 * Takes a data folder for one server or one command that changes it whole, until the function given back is called or
 * this process ends. Throws an Error where somebody else has it, saying what was not done because of it.
 */
export function takeFolder(folder: string, what: string): () => void {
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  const free = lockFolder(folder, 'serving');
  if (free) {
    rmSync(markFile(folder), { force: true });
    return free;
  }
  const mark = readMark(folder);
  throw new Error(
    mark === null
      ? `Drimbo is starting or working on the data in ${folder}, so nothing was ${what}. Wait or stop it first.`
      : `Drimbo is running at ${mark.address} on the data in ${folder}, so nothing was ${what}. Stop it first (process ${mark.pid}).`,
  );
}

/** Says in the folder who serves it; the function given back takes the mark away. */
export function markRunning(folder: string, address: string): () => void {
  writeFileSync(markFile(folder), JSON.stringify({ pid: process.pid, address } satisfies Mark), {
    mode: 0o600,
  });
  return () => rmSync(markFile(folder), { force: true });
}

/** Puts the database of a folder aside under a dated name, for an empty one in its place; null when there was none. */
export function putAside(folder: string): string | null {
  const [main] = filesOf(folder);
  if (!existsSync(main!)) return null;
  const aside = join(folder, `before-reset-${stamp()}.sqlite`);
  filesOf(folder).forEach((file) => {
    if (existsSync(file)) renameSync(file, aside + file.slice(main!.length));
  });
  return aside;
}
