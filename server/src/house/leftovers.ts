import { readdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { finishExchange } from '../database/files';

const isLeftover = (name: string): boolean =>
  name === 'on-the-way' || name.startsWith('restoring-') || name.endsWith('.part');

/** Takes away what work that was killed left half done: files on their way in or out, never a finished copy. */
export function dropLeftovers(folder: string): void {
  finishExchange(folder);
  for (const place of [folder, join(folder, 'backups')]) {
    let names: string[] = [];
    try {
      names = readdirSync(place);
    } catch {
      continue;
    }
    for (const name of names.filter(isLeftover)) rmSync(join(place, name), { recursive: true, force: true });
  }
}
