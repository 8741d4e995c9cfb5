import { closeSync, existsSync, openSync, readSync, statSync } from 'node:fs';
import { databaseFile } from './files';

/** What lies where the database should: nothing, an empty file, a part of one, something else, or a database. */
export type State = 'none' | 'empty' | 'torn' | 'foreign' | 'there';

const MAGIC = 'SQLite format 3\0';

/**
 * Looks at the first page of a database without opening it. A file shorter than it says it is, with no journal that
 * could hold the rest, is torn. (The header: sqlite.org, "Database File Format", 1.3.)
 */
export function stateOf(folder: string): State {
  const file = databaseFile(folder);
  if (!existsSync(file)) return 'none';
  const bytes = statSync(file).size;
  if (bytes === 0) return hasJournal(file) ? 'there' : 'empty';
  const head = Buffer.alloc(100);
  const opened = openSync(file, 'r');
  try {
    readSync(opened, head, 0, 100, 0);
  } finally {
    closeSync(opened);
  }
  if (head.toString('latin1', 0, 16) !== MAGIC) return bytes < 512 ? 'torn' : 'foreign';
  const size = head.readUInt16BE(16);
  const page = size === 1 ? 65_536 : size;
  const isCounted = head.readUInt32BE(24) === head.readUInt32BE(92);
  return isCounted && !hasJournal(file) && bytes < head.readUInt32BE(28) * page ? 'torn' : 'there';
}

const hasJournal = (file: string): boolean => existsSync(`${file}-wal`) && statSync(`${file}-wal`).size > 0;
