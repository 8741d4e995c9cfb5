import { existsSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import request from 'supertest';
import { copiesIn } from '../../database/copies';
import { seedDemo } from '../../demo/seed';
import { makeStore } from '../../store/store';
import { appOn, host, today, workOn } from '../../testing/app';
import { newHouse } from '../../testing/folders';

type House = Awaited<ReturnType<typeof newHouse>>;
let house: House;

beforeEach(async () => {
  house = await newHouse();
  await seedDemo(house.db, new Date(`${today}T12:00:00Z`), 2);
});
afterEach(() => house.drop());

const ask = () => request(appOn(house.db, { work: workOn(house) }));
const get = (path: string) => ask().get(`/api/${path}`).set('Host', host);
const post = (path: string) => ask().post(`/api/${path}`).set('Host', host);
const asBytes = (answer: { body: unknown }): Buffer => answer.body as Buffer;
const file = (path: string) =>
  get(path)
    .buffer(true)
    .parse((response, done) => {
      const parts: Buffer[] = [];
      response.on('data', (part: Buffer) => parts.push(part));
      response.on('end', () => done(null, Buffer.concat(parts)));
    });
const upload = (path: string, bytes: Buffer) =>
  post(path).set('Content-Type', 'application/octet-stream').send(bytes);
const rename = async (id: string, name: string): Promise<void> => {
  const store = makeStore(house.db, () => today);
  const { revision, document } = await store.clients.get(id);
  await store.clients.replace(id, revision, { ...document, name });
};
const nameOf = async (id: string): Promise<string> => (await get(`clients/${id}`)).body.document.name;

test('says where the work lies and which copies there are; a copy can be made, saved and put back by name', async () => {
  expect((await post('data/backups').send({})).status).toBe(201);
  const { body } = await get('data');
  expect(body).toMatchObject({ folder: house.folder, counts: { clients: 6, kits: 2 } });
  expect(body.copies).toHaveLength(1);
  await rename('corvin-haldt', 'Somebody else');
  const back = await post('data/restore').send({ copy: body.copies[0].name });
  expect([back.status, back.body.clients]).toEqual([200, 6]);
  expect(await nameOf('corvin-haldt')).toBe('Corvin Haldt');
  expect(copiesIn(house.folder)).toContain(back.body.aside);
  expect((await post('data/restore').send({ copy: '../../etc/passwd' })).status).toBe(404);
});

test('a restore keeps the links of clients as they are, and says so by their working', async () => {
  expect((await post('data/backups').send({})).status).toBe(201);
  const link = (id: string, session: string, over: string | null = null) => ({
    ...{ id, hash: id, client_id: 'corvin-haldt', session_id: session, made_at: today },
    ...{ expires_at: '2999-01-01', revoked_at: over },
  });
  const [known] = (await get('clients/corvin-haldt/file')).body.sessions;
  await house.db
    .insertInto('client_links')
    .values([
      link('made-after', known.id),
      link('taken-back', known.id, today),
      link('of-none', 'not-in-the-copy'),
    ])
    .execute();
  const { body } = await get('data');
  await post('data/restore').send({ copy: body.copies[0].name });
  const left = await house.db.selectFrom('client_links').select(['id', 'revoked_at']).orderBy('id').execute();
  expect(left.map((l) => [l.id, l.revoked_at])).toEqual([
    ['made-after', null],
    ['taken-back', today],
  ]);
});

test('a saved copy comes back from its bytes; what is none is refused, and nothing is left on the way', async () => {
  const bytes = asBytes(await file('data/backup'));
  await rename('corvin-haldt', 'Somebody else');
  const before = await nameOf('corvin-haldt');
  const refused = await upload(
    'data/restore',
    Buffer.from('no database at all, but sent with confidence'),
  ).ok(() => true);
  expect([refused.status >= 400, await nameOf('corvin-haldt')]).toEqual([true, before]);
  expect((await upload('data/restore', bytes)).status).toBe(200);
  expect(await nameOf('corvin-haldt')).toBe('Corvin Haldt');
  const way = join(house.folder, 'on-the-way');
  expect(existsSync(way) ? readdirSync(way) : []).toEqual([]);
});

test('an export is previewed and taken in over the wire; an empty body and a strange question are refused', async () => {
  const zip = asBytes(await file('data/export'));
  await rename('bram-otterlund', 'Somebody else');
  const plan = await upload('data/preview', zip);
  expect(plan.body.counts).toMatchObject({ add: 0, change: 1 });
  expect(await nameOf('bram-otterlund')).toBe('Somebody else');
  const kept = await upload('data/preview?keep=true', zip);
  expect(kept.body.counts).toMatchObject({ add: 0, change: 0 });
  const done = await upload(`data/import?expect=${plan.body.digest}`, zip);
  expect([done.status, await nameOf('bram-otterlund')]).toEqual([200, 'Bram Otterlund']);
  const another = await upload(`data/import?expect=${plan.body.digest}`, zip).ok(() => true);
  expect(another.status).toBe(409);
  expect((await upload('data/preview', Buffer.alloc(0))).status).toBe(400);
  expect((await upload('data/preview?how=well', zip)).status).toBe(400);
  expect((await get('data/export?client=nobody')).status).toBe(404);
});

test('tells what is deleted until when, and erases a client only by name', async () => {
  const { body: client } = await get('clients/tamsin-oyelo/file');
  await ask()
    .delete('/api/clients/tamsin-oyelo')
    .set('Host', host)
    .send({ revision: client.revision, along: true });
  const { body: deleted } = await get('data/deleted');
  const row = deleted.find((d: { kind: string }) => d.kind === 'client');
  expect(row).toMatchObject({ id: 'tamsin-oyelo', name: client.document.name });
  // What went with her is counted there, and comes back only with her.
  expect(row).toMatchObject({ sessions: client.sessions.length, blocks: client.blocks.length });
  expect(row.sessions).toBeGreaterThan(0);
  expect(deleted).toHaveLength(1);
  expect(Date.parse(row.goneOn) - Date.parse(row.deletedAt.slice(0, 10))).toBe(30 * 86_400_000);
  const wrong = await post('clients/corvin-haldt/erase').send({ name: 'Corvin' });
  expect([wrong.status, wrong.body.error.path]).toEqual([400, 'name']);
  expect((await post('clients/corvin-haldt/erase').send({ name: 'Corvin Haldt' })).status).toBe(200);
  expect((await get('clients/corvin-haldt')).status).toBe(404);
});

test('looking through everything finds what no list has opened yet', async () => {
  expect((await post('data/look-through').send({})).body).toEqual([]);
  await house.db
    .updateTable('clients')
    .set({ document: '{"format":"drimbo.client"}', revision: 9 })
    .where('id', '=', 'corvin-haldt')
    .execute();
  const { body } = await post('data/look-through').send({});
  expect(body).toMatchObject([{ kind: 'client', id: 'corvin-haldt', text: '{"format":"drimbo.client"}' }]);
});

test('a link elsewhere starts no work; what is refused names no path of this machine', async () => {
  for (const path of ['data/backup', 'data/export']) {
    expect((await get(path).set('Sec-Fetch-Site', 'cross-site')).status).toBe(403);
    expect((await get(path).set('Sec-Fetch-Site', 'same-site')).status).toBe(403);
  }
  const refused = [
    await upload('data/restore', Buffer.from('no database')).ok(() => true),
    await upload('data/preview', Buffer.from('no zip')).ok(() => true),
    await get('data/export?client=nobody'),
  ];
  for (const { status, body } of refused) {
    expect(status).toBeGreaterThanOrEqual(400);
    expect(JSON.stringify(body)).not.toMatch(/\/tmp|drimbo-house|\.part/);
  }
  expect((await get('data/work')).body).toEqual({ underway: null });
});

test('a folder that begins with a dot serves its files like any other', async () => {
  const hidden = await newHouse('.drimbo-');
  const { status } = await request(appOn(hidden.db, { work: workOn(hidden) }))
    .get('/api/data/export')
    .set('Host', host);
  expect(status).toBe(200);
  await hidden.drop();
});

test('what is asked for is never taken for an option of a command', async () => {
  const zip = asBytes(await file('data/export'));
  const answer = await upload('data/import?expect=--preview', zip).ok(() => true);
  expect([answer.status, answer.body.error?.code]).toEqual([409, 'another-plan']);
});
