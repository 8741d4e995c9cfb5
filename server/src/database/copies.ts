import { readdirSync, statSync } from 'node:fs';
import { join } from 'node:path';

/** Where copies lie that are made by the day or by hand. */
export const backupFolder = (folder: string): string => join(folder, 'backups');

/** Copies of the database that were made before now, by name within the folder. */
export function copiesIn(folder: string): string[] {
  const sqliteIn = (place: string): string[] => {
    try {
      return readdirSync(place).filter((name) => name.endsWith('.sqlite'));
    } catch {
      return [];
    }
  };
  return [
    ...sqliteIn(backupFolder(folder)).map((name) => `backups/${name}`),
    ...sqliteIn(folder).filter((name) => name.startsWith('before-')),
  ].sort();
}

/** The copy that was made last and is no empty file; null for none. */
export function newestCopy(folder: string): string | null {
  const made = copiesIn(folder)
    .map((name) => ({ name, of: statSync(join(folder, name)) }))
    .filter(({ of }) => of.size > 0)
    .sort((a, b) => b.of.mtimeMs - a.of.mtimeMs);
  return made[0]?.name ?? null;
}
