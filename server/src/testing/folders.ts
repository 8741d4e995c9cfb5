import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Kysely } from 'kysely';
import { openDatabase } from '../database/open';
import type { Tables } from '../database/tables';

/** A data folder of its own with an open database; `drop` takes both away. */
export async function newHouse(): Promise<{ folder: string; db: Kysely<Tables>; drop: () => Promise<void> }> {
  const folder = mkdtempSync(join(tmpdir(), 'drimbo-house-'));
  const db = await openDatabase(folder);
  const drop = async (): Promise<void> => {
    await db.destroy();
    rmSync(folder, { recursive: true, force: true });
  };
  return { folder, db, drop };
}
