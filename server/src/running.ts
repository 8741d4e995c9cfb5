import { readFileSync, renameSync, existsSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { filesOf, stamp } from './database/open';

/** Who serves a data folder, as a file in it says. */
interface Mark {
  pid: number;
  address: string;
  /** Told by /api/health too, so that another server at the same address is not taken for this one. */
  instance: string;
}

const markFile = (folder: string): string => join(folder, 'running.json');

function readMark(folder: string): Mark | null {
  try {
    return JSON.parse(readFileSync(markFile(folder), 'utf8')) as Mark;
  } catch {
    return null;
  }
}

const isAlive = (pid: number): boolean => {
  try {
    process.kill(pid, 0);
    return true;
  } catch (error) {
    return (error as NodeJS.ErrnoException).code === 'EPERM';
  }
};

/** The server that works in a folder, or null. One that is alive but does not answer counts as working. */
export async function serverOf(folder: string): Promise<Mark | null> {
  const mark = readMark(folder);
  if (!mark || !isAlive(mark.pid)) return null;
  try {
    const answer = await fetch(`${mark.address}api/health`, { signal: AbortSignal.timeout(1_500) });
    const { instance } = (await answer.json()) as { instance?: string };
    return instance === mark.instance ? mark : null;
  } catch (error) {
    const refused = ((error as Error).cause as NodeJS.ErrnoException | undefined)?.code === 'ECONNREFUSED';
    return refused ? null : mark;
  }
}

/** Says in the folder who serves it; the function given back takes the mark away. */
export function markRunning(folder: string, address: string, instance: string): () => void {
  writeFileSync(markFile(folder), JSON.stringify({ pid: process.pid, address, instance }), { mode: 0o600 });
  return () => {
    if (readMark(folder)?.instance === instance) rmSync(markFile(folder), { force: true });
  };
}

/** Throws an Error when a server works in the folder, saying what was not done because of it. */
export async function nobodyRuns(folder: string, what: string): Promise<void> {
  const running = await serverOf(folder);
  if (running)
    throw new Error(
      `Drimbo is running at ${running.address} on the data in ${folder}, so nothing was ${what}. Stop it first (process ${running.pid}).`,
    );
}

/**
 * Puts the database of a folder aside under a dated name, for an empty one in its place; null when there was
 * none. Throws an Error when a server works in the folder.
 */
export async function putAside(folder: string): Promise<string | null> {
  await nobodyRuns(folder, 'reset');
  const [main] = filesOf(folder);
  if (!existsSync(main!)) return null;
  const aside = join(folder, `before-reset-${stamp()}.sqlite`);
  filesOf(folder).forEach((file) => {
    if (existsSync(file)) renameSync(file, aside + file.slice(main!.length));
  });
  return aside;
}
