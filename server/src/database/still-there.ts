import { statSync } from 'node:fs';
import { Problem } from '../problems/problem';
import { databaseFile } from './files';

const inode = (file: string): number | null => {
  try {
    return statSync(file).ino;
  } catch {
    return null;
  }
};

export interface StillThere {
  /** Throws a 503 Problem where the database or its journal is not the one that was opened. */
  check: () => void;
  /** Does a work that puts another file in the place of the database; what is there after it is the one from then on. */
  during: <T>(exchange: () => Promise<T>) => Promise<T>;
}

/**
 * Watches whether the open database and its journal are still the files of their folder. Ones that were deleted or
 * replaced take writes that nobody finds again.
 */
export function stillThere(folder: string): StillThere {
  const file = databaseFile(folder);
  const known: { main: number | null; journal: number | null } = { main: null, journal: null };
  const look = (): void => {
    known.main = inode(file);
    known.journal = inode(`${file}-wal`);
  };
  look();
  let isExchanged = false;
  return {
    during: async (exchange) => {
      isExchanged = true;
      try {
        return await exchange();
      } finally {
        look();
        isExchanged = false;
      }
    },
    check: () => {
      if (isExchanged) return;
      const journal = inode(`${file}-wal`);
      // The journal comes with the first write and stays as long as the database is open.
      known.journal ??= journal;
      if (known.main === null || inode(file) !== known.main || journal !== known.journal)
        throw new Problem(
          503,
          'file-gone',
          'The database was moved or deleted while Drimbo runs. Put it back and start Drimbo again; this change is not kept.',
        );
    },
  };
}
