import { readFileSync } from 'node:fs';
import { filesOf } from '../database/open';
import { seedDemo } from '../demo/seed';
import { makeStore } from '../store';
import { newHouse } from '../testing/folders';
import { eraseClient } from './erase';

test('an erased client is in no row and in no byte of the file, and nobody else is touched', async () => {
  const { folder, db, drop } = await newHouse();
  await seedDemo(db);
  const store = makeStore(db);
  const client = 'corvin-haldt';
  const note = 'Right side, sore past parallel';
  const bytes = (): string =>
    filesOf(folder)
      .slice(0, 2)
      .map((file) => readFileSync(file, 'latin1'))
      .join('');
  expect(bytes().includes(note)).toBe(true);
  const others = (await store.logged('mirelle-vandoorn')).length;
  await store.sessions.remove(
    (await db.selectFrom('sessions').select('id').where('client_id', '=', client).executeTakeFirstOrThrow())
      .id,
    1,
    false,
  );
  await eraseClient(db, client);
  for (const table of ['sessions', 'performed_sets'] as const)
    expect(await db.selectFrom(table).select('id').where('client_id', '=', client).execute()).toEqual([]);
  expect(await store.clients.text(client)).toBeNull();
  expect((await store.logged('mirelle-vandoorn')).length).toBe(others);
  expect(bytes().includes(note)).toBe(false);
  await expect(eraseClient(db, client)).rejects.toMatchObject({ status: 404 });
  await drop();
});
