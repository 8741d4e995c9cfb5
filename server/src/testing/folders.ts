import { sampleClient, sampleKit, soundPush } from '@drimbo/core/examples';
import type { Session } from '@drimbo/core/session';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Kysely } from 'kysely';
import { openDatabase } from '../database/open';
import type { Tables } from '../database/tables';
import { makeStore } from '../store/store';

/** A data folder of its own with an open database; `drop` takes both away. */
export async function newHouse(
  name = 'drimbo-house-',
): Promise<{ folder: string; db: Kysely<Tables>; drop: () => Promise<void> }> {
  const folder = mkdtempSync(join(tmpdir(), name));
  const db = await openDatabase(folder);
  const drop = async (): Promise<void> => {
    await db.destroy();
    rmSync(folder, { recursive: true, force: true });
  };
  return { folder, db, drop };
}

/** A gym, a client and a session of theirs, of the samples. */
export async function furnish(db: Kysely<Tables>): Promise<Session> {
  const store = makeStore(db);
  await store.kits.create('hall', sampleKit);
  await store.clients.create('c', sampleClient);
  return (await store.sessions.create('s1', { ...soundPush, clientId: 'c' })).document;
}
