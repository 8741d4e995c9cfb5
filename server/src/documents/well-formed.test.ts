import { soundPush } from '@drimbo/core/examples';
import request from 'supertest';
import { makeStore } from '../store/store';
import { appOn, host } from '../testing/app';
import { furnish, newHouse } from '../testing/folders';

let house: Awaited<ReturnType<typeof newHouse>>;
beforeAll(async () => {
  house = await newHouse();
  await furnish(house.db);
  await makeStore(house.db).clients.create('d', (await makeStore(house.db).clients.get('c')).document);
});
afterAll(() => house.drop());

const send = (method: 'post' | 'put' | 'get', path: string, body?: string | object) => {
  const asked = request(appOn(house.db))[method](`/api/${path}`).set('Host', host);
  return body === undefined ? asked : asked.set('Content-Type', 'application/json').send(body as object);
};

test.each([
  ['{"a":'.repeat(20_000), 'kits'],
  [`{"id":"deep","document":${'['.repeat(20_000)}${']'.repeat(20_000)}}`, 'sessions'],
  [`{"id":"deep","document":{"templates":${'[{"session":'.repeat(9_000)}`, 'notebooks'],
])('what is nested to exhaust whoever walks it is refused at once (%#)', async (body, path) => {
  const { status, body: answer } = await send('post', path, body);
  expect([status, answer.error.code]).toEqual([400, 'too-deep']);
});

test('a NUL is refused and nothing is cut off', async () => {
  const document = { ...soundPush, clientId: 'c', title: 'Push\0day' };
  const { status, body } = await send('post', 'sessions', { id: 'nul', document });
  expect([status, body.error.path]).toEqual([400, 'document.title']);
  expect((await send('get', 'sessions/nul')).status).toBe(404);
  expect((await send('get', 'sessions?search=%00')).status).toBe(400);
});

test('a session stays with its client; a copy is for somebody else', async () => {
  const { document, revision } = await makeStore(house.db).sessions.get('s1');
  const moved = await send('put', 'sessions/s1', { revision, document: { ...document, clientId: 'd' } });
  expect([moved.status, moved.body.error.path]).toEqual([400, 'document.clientId']);
  expect((await makeStore(house.db).sessions.get('s1')).document.clientId).toBe('c');
  const copy = await send('post', 'sessions', { id: 's2', document: { ...document, clientId: 'd' } });
  expect(copy.status).toBe(201);
});

test('days of the body and of blocks are bounded like others', async () => {
  const { document, revision } = await makeStore(house.db).clients.get('c');
  const body = [{ on: '2999-01-01', what: 'bodyweight', value: 80 }];
  const answer = await send('put', 'clients/c', { revision, document: { ...document, body } });
  expect([answer.status, answer.body.error.path]).toEqual([400, 'document.body.0.on']);
});

test('what an earlier version took opens and can be made smaller, not larger', async () => {
  const { document, revision } = await makeStore(house.db).clients.get('d');
  const about = (n: number) => ({ ...document, about: 'x'.repeat(n) });
  await house.db
    .updateTable('clients')
    .set({ document: JSON.stringify(about(50_000)), revision: revision + 1 })
    .where('id', '=', 'd')
    .execute();
  const put = async (n: number) => {
    const { body: here } = await send('get', 'clients/d');
    return (await send('put', 'clients/d', { revision: here.revision, document: about(n) })).status;
  };
  expect((await send('get', 'clients/d')).body.document.about).toHaveLength(50_000);
  expect((await send('get', 'clients/d/file')).status).toBe(200);
  expect([await put(50_001), await put(49_000), await put(49_500), await put(10)]).toEqual([
    400, 200, 400, 200,
  ]);
});
