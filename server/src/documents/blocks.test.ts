import { chestFirst, overheadFirst, sampleBlock } from '@drimbo/core/block';
import { sampleClient, sampleKit } from '@drimbo/core/examples';
import type { Kysely } from 'kysely';
import request from 'supertest';
import type { Tables } from '../database/tables';
import { makeStore } from '../store/store';
import { appOn, host, today } from '../testing/app';
import { newHouse } from '../testing/folders';

let db: Kysely<Tables>;
let drop: () => Promise<void>;
const ask = () => request(appOn(db));

beforeEach(async () => {
  ({ db, drop } = await newHouse());
  const store = makeStore(db);
  await store.kits.create('hall', sampleKit);
  await store.clients.create('c', sampleClient);
  await store.sessions.create('a', chestFirst);
  await store.sessions.create('b', overheadFirst);
});
afterEach(() => drop());

const create = (patch = {}, id = 'autumn') =>
  ask()
    .post('/api/blocks')
    .set('Host', host)
    .send({ id, document: { ...sampleBlock(), ...patch } });

test('a block is kept, changed against its revision, listed, deleted and brought back', async () => {
  expect((await create()).status).toBe(201);
  const put = (revision: number) =>
    ask()
      .put('/api/blocks/autumn')
      .set('Host', host)
      .send({ revision, document: sampleBlock(6, { title: 'Winter' }) });
  expect((await put(1)).body).toMatchObject({ revision: 2, document: { title: 'Winter' } });
  expect((await put(1)).status).toBe(409);
  const { body: list } = await ask().get('/api/blocks').set('Host', host);
  expect(list).toEqual([
    {
      id: 'autumn',
      title: 'Winter',
      startsOn: '2026-11-30',
      endsOn: '2027-01-10',
      client: { id: 'c', name: 'Test client' },
    },
  ]);
  expect((await ask().delete('/api/blocks/autumn?revision=2').set('Host', host)).status).toBe(204);
  expect((await ask().get('/api/blocks').set('Host', host)).body).toEqual([]);
  expect((await ask().post('/api/blocks/autumn/bring-back').set('Host', host)).status).toBe(200);
});

test('its file brings the client, the sessions that are there and what was logged', async () => {
  await create();
  await ask().delete('/api/sessions/b?revision=1').set('Host', host);
  const { body } = await ask().get('/api/blocks/autumn/file').set('Host', host);
  expect([body.client.id, body.sessions.map((s: { id: string }) => s.id), body.logged]).toEqual([
    'c',
    ['a'],
    [],
  ]);
});

test('a bad block is refused with its path and changes nothing; so is one of nobody', async () => {
  const bad = await create({ pattern: [['nobody']] });
  expect([bad.status, bad.body.error?.path]).toEqual([400, 'document.pattern.0.0']);
  const nobodys = await create({ clientId: 'nobody' });
  expect([nobodys.status, nobodys.body.error?.path]).toEqual([400, 'document.clientId']);
  expect((await ask().get('/api/blocks').set('Host', host)).body).toEqual([]);
});

test('the last day that is kept for lists is that with everything that came between', async () => {
  const life = [{ id: 'e', what: 'sick', from: '2026-12-08', to: '2026-12-10', then: 'move', note: '' }];
  await create({ life });
  const { body } = await ask().get('/api/blocks').set('Host', host);
  expect(body[0].endsOn).toBe('2027-01-16');
});

test('the roster says what is due; a block that cannot be read says nothing and hurts nobody', async () => {
  await create({ startsOn: '2026-11-23' });
  const due = async () => (await ask().get('/api/clients').set('Host', host)).body.rows[0].due;
  expect(today).toBe('2026-11-24');
  expect(await due()).toEqual({
    block: 'autumn',
    title: 'Autumn',
    today: { name: 'Push A', session: 'a', isDone: false },
    next: { name: 'Pull', date: '2026-11-26' },
    open: [{ name: 'Pull', date: '2026-11-23' }],
  });
  await db.updateTable('blocks').set({ document: '{"torn' }).execute();
  expect(await due()).toBe(null);
});

test('deleting a client takes the blocks along, and brings them back', async () => {
  await create();
  const refused = await ask().delete('/api/clients/c?revision=1').set('Host', host);
  expect(JSON.stringify(refused.body)).toContain('autumn');
  await ask().delete('/api/clients/c?revision=1&along=true').set('Host', host);
  expect((await ask().get('/api/blocks').set('Host', host)).body).toEqual([]);
  await ask().post('/api/clients/c/bring-back').set('Host', host);
  expect((await ask().get('/api/blocks').set('Host', host)).body).toHaveLength(1);
});

test('finishing a session of a block marks its day as done; sent again it does no harm', async () => {
  await create({ made: [{ day: 1, training: 'push-a', session: 'a', on: null }] });
  const done = { minutes: 55, readiness: 4, swaps: [], note: '' };
  const finish = (body: object) => ask().post('/api/sessions/a/finish').set('Host', host).send(body);
  for (let i = 0; i < 2; i += 1)
    expect((await finish({ date: '2026-11-24', done })).body.document).toMatchObject({
      status: 'finished',
      done,
    });
  const { body } = await ask().get('/api/blocks/autumn').set('Host', host);
  expect([body.revision, body.document.made]).toEqual([
    2,
    [{ day: 1, training: 'push-a', session: 'a', on: '2026-11-24' }],
  ]);
  expect((await finish({ date: 'soon', done })).status).toBe(400);
  expect(
    (await ask().post('/api/sessions/none/finish').set('Host', host).send({ date: '2026-11-24', done }))
      .status,
  ).toBe(404);
});
