import {
  closeSync,
  existsSync,
  fdatasyncSync,
  fsyncSync,
  linkSync,
  openSync,
  readFileSync,
  readSync,
  renameSync,
  rmSync,
  statSync,
  writeFileSync,
  writeSync,
} from 'node:fs';
import { dirname, join } from 'node:path';

export const databaseFile = (folder: string): string => join(folder, 'drimbo.sqlite');

/** The database with what the engine keeps beside it. */
export const filesOf = (folder: string): string[] =>
  ['', '-wal', '-shm'].map((tail) => databaseFile(folder) + tail);

/** When it is, fit for a file name. */
export const stamp = (now = new Date()): string => now.toISOString().replace(/[:.]/g, '-');

/** Waits until the disk has a file, or the names in a folder. */
export function onDisk(path: string): void {
  try {
    const opened = openSync(path, 'r');
    try {
      fsyncSync(opened);
    } finally {
      closeSync(opened);
    }
  } catch (error) {
    // Some systems sync no folders; their renames are as safe as they make them.
    if (!existsSync(path) || !statSync(path).isDirectory()) throw error;
  }
}

/**
 * So much is handed to the disk at a time: a write of somebody else waits behind whatever the system still holds back.
 */
export const AT_A_TIME = 8 * 1024 * 1024;

/** A copy that the disk has, for its owner alone. */
export function copyOnto(from: string, to: string): void {
  const [source, copy] = [openSync(from, 'r'), openSync(to, 'w', 0o600)];
  try {
    const portion = Buffer.alloc(AT_A_TIME);
    for (let read = 0; (read = readSync(source, portion, 0, AT_A_TIME, null)) > 0;) {
      writeSync(copy, portion, 0, read);
      fdatasyncSync(copy);
    }
    fsyncSync(copy);
  } finally {
    closeSync(source);
    closeSync(copy);
  }
}

/** The same file under a second name, or where the disk knows no such thing a copy. */
function alsoAs(file: string, name: string): void {
  try {
    linkSync(file, name);
  } catch {
    copyOnto(file, name);
  }
}

const noteOf = (folder: string): string => join(folder, 'exchanging.json');

interface Exchange {
  incoming: string;
  /** The number of the incoming file on its disk, which it keeps under its new name. */
  inode: number;
  aside: string | null;
}

/**
 * Puts a file in the place of the database of a folder, which nobody may have open; what was there is kept as `aside`.
 * Ended at any moment it is the old database or the new one, whole: see `finishExchange`.
 */
export function exchangeFiles(folder: string, incoming: string, aside: string | null): void {
  const [main, journal, shared] = filesOf(folder) as [string, string, string];
  onDisk(incoming);
  const note: Exchange = { incoming, inode: statSync(incoming).ino, aside };
  writeFileSync(noteOf(folder), JSON.stringify(note), { mode: 0o600 });
  onDisk(noteOf(folder));
  if (aside !== null && existsSync(main)) {
    alsoAs(main, aside);
    if (existsSync(journal)) alsoAs(journal, `${aside}-wal`);
  }
  onDisk(folder);
  renameSync(incoming, main);
  rmSync(journal, { force: true });
  rmSync(shared, { force: true });
  onDisk(folder);
  rmSync(noteOf(folder));
}

/** Ends an exchange that was ended half way: before the new file had its name nothing happened, after it all did. */
export function finishExchange(folder: string): void {
  let note: Exchange;
  try {
    note = JSON.parse(readFileSync(noteOf(folder), 'utf8')) as Exchange;
  } catch {
    // There is none, or it was not even written.
    rmSync(noteOf(folder), { force: true });
    return;
  }
  const [main, journal, shared] = filesOf(folder) as [string, string, string];
  const isDone = statSync(main, { throwIfNoEntry: false })?.ino === note.inode;
  if (isDone) {
    rmSync(journal, { force: true });
    rmSync(shared, { force: true });
  } else {
    rmSync(note.incoming, { force: true });
    if (note.aside !== null && existsSync(main))
      for (const name of [note.aside, `${note.aside}-wal`]) rmSync(name, { force: true });
  }
  onDisk(dirname(main));
  rmSync(noteOf(folder), { force: true });
}
