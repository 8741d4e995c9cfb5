import { readdirSync } from 'node:fs';
import { backupFolder } from './daily';

/** Copies of the database that were made before now, by name. */
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
