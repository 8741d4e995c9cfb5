import { statSync } from 'node:fs';
import { Problem } from '../problem';
import { databaseFile } from './open';

const inode = (file: string): number | null => {
  try {
    return statSync(file).ino;
  } catch {
    return null;
  }
};

/**
 * Watches whether the open database is still the file of its folder. One that was deleted or replaced takes
 * writes that nobody finds again; the check throws a 503 Problem then.
 */
export function stillThere(folder: string): () => void {
  const file = databaseFile(folder);
  const opened = inode(file);
  return () => {
    if (inode(file) !== opened)
      throw new Problem(
        503,
        'file-gone',
        `The database in ${folder} was moved or deleted while Drimbo runs. Put it back and start Drimbo again; this change is not kept.`,
      );
  };
}
