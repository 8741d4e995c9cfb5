import { join, resolve } from 'node:path';
import type { Config } from '../config';
import { stamp } from '../database/open';
import { backUp, restore, type Contents } from './copy';
import { backupFolder } from './daily';

const inWords = (c: Contents): string =>
  `${c.clients} clients, ${c.kits} gyms, ${c.sessions} sessions, ${c.sets} logged sets, ${Math.ceil(c.bytes / 1024)} KB`;

/**
 * Does what the arguments ask of backups: `--backup [file]`, `--restore file`. Returns the sentence to say;
 * null when they ask for neither. Throws an Error whose message says what to do.
 */
export async function backupCommand(args: readonly string[], config: Config): Promise<string | null> {
  const after = (flag: string): string | undefined => {
    const next = args[args.indexOf(flag) + 1];
    return next?.startsWith('--') ? undefined : next;
  };
  if (args.includes('--backup')) {
    const named = after('--backup');
    const file = named ? resolve(named) : join(backupFolder(config.dataFolder), `by-hand-${stamp()}.sqlite`);
    return `Backed up and looked through: ${file} (${inWords(await backUp(config.dataFolder, file))}).`;
  }
  if (args.includes('--restore')) {
    const named = after('--restore');
    if (!named) throw new Error('Name the backup to restore: npm run restore -- path/to/backup.sqlite');
    const { aside, ...contents } = await restore(config.dataFolder, resolve(named));
    const kept = aside ? ` What was there is kept as ${aside}.` : '';
    return `Restored: ${inWords(contents)}.${kept}`;
  }
  return null;
}
