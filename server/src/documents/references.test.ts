import { sampleClient, sampleKit, soundPush } from '@drimbo/core/examples';
import { emptyNotebook } from '@drimbo/core/movements';
import { schools } from '@drimbo/core/schools';
import request from 'supertest';
import { seedDemo } from '../demo/seed';
import { lookingBack } from '../store/looking-back';
import { makeStore } from '../store/store';
import { appOn, host, today } from '../testing/app';
import { newHouse } from '../testing/folders';

let house: Awaited<ReturnType<typeof newHouse>>;
beforeEach(async () => {
  house = await newHouse();
  await seedDemo(house.db, new Date(`${today}T12:00:00Z`), 3);
});
afterEach(() => house.drop());

const send = (method: 'post' | 'put' | 'delete', path: string, body: object = {}) =>
  request(appOn(house.db))[method](`/api/${path}`).set('Host', host).send(body);
const store = () => makeStore(house.db, () => today);

test('a document points only to what is there', async () => {
  const session = { ...soundPush, clientId: 'mirelle-vandoorn', kitId: 'boathouse' };
  const block = (await store().blocks.list())[0]!.document;
  const life = {
    id: 'away',
    what: 'travelling',
    from: today,
    to: today,
    then: 'move',
    kitId: 'nowhere',
    note: '',
  };
  const cases: [string, object, string][] = [
    ['sessions', { ...session, clientId: 'nobody' }, 'document.clientId'],
    ['sessions', { ...session, kitId: 'nowhere' }, 'document.kitId'],
    ['sessions', { ...session, school: 'none-such' }, 'document.school'],
    ['clients', { ...sampleClient, kitId: 'nowhere' }, 'document.kitId'],
    ['blocks', { ...block, school: 'none-such' }, 'document.school'],
    ['blocks', { ...block, life: [life] }, 'document.life.0.kitId'],
  ];
  for (const [kind, document, path] of cases) {
    const answer = await send('post', kind, { id: 'astray', document });
    expect([kind, answer.status, answer.body.error.path]).toEqual([kind, 400, path]);
    expect((await request(appOn(house.db)).get(`/api/${kind}/astray`).set('Host', host)).status).toBe(404);
  }
  const { revision, document } = await store().sessions.get('mirelle-push-a');
  const put = await send('put', 'sessions/mirelle-push-a', {
    revision,
    document: { ...document, kitId: 'nowhere' },
  });
  expect([put.status, put.body.error.path]).toEqual([400, 'document.kitId']);
});

test('a gym in a block’s plans and a school a block is judged by do not vanish without being said', async () => {
  const s = store();
  await s.kits.create('hotel', sampleKit);
  const { id: _id, ...school } = schools.pump;
  await s.schools.create('own', { ...school, name: 'Own' });
  const [block] = await s.blocks.list();
  await s.blocks.replace(block!.id, block!.revision, {
    ...block!.document,
    school: 'own',
    life: [
      { id: 'away', what: 'travelling', from: today, to: today, then: 'stay', kitId: 'hotel', note: '' },
    ],
  });
  for (const path of ['kits/hotel', 'schools/own']) {
    const gone = await send('delete', path, { revision: 1 });
    expect([path, gone.status, gone.body.error.code, gone.body.current]).toEqual([
      path,
      409,
      'in-use',
      [{ kind: 'block', id: block!.id }],
    ]);
  }
});

test('there is one notebook: nobody deletes it, makes another or takes appraising away', async () => {
  const { revision } = await store().notebooks.get('coach');
  expect((await send('delete', 'notebooks/coach', { revision })).status).toBe(409);
  const other = await send('post', 'notebooks', { id: 'another', document: emptyNotebook });
  expect([other.status, other.body.error.code]).toEqual([409, 'only-one']);
  const session = (await store().sessions.get('mirelle-push-a')).document;
  expect((await send('post', 'appraise', { session })).status).toBe(200);
});

test('what the log says follows every change of a set at once', async () => {
  const s = store();
  const needs = lookingBack(s, () => today);
  const client = 'mirelle-vandoorn';
  const before = JSON.stringify(await needs(client));
  const rows = await house.db
    .selectFrom('performed_sets')
    .selectAll()
    .where('client_id', '=', client)
    .orderBy('done_on', 'desc')
    .limit(1)
    .execute();
  const [last] = rows;
  // As many sets as before, and none on another day: the worst of a complaint in place of the best.
  const hurt = { ...last!, id: 'set-in-place', comfort: 0, felt: 0 };
  await house.db.deleteFrom('performed_sets').where('id', '=', last!.id).execute();
  await house.db.insertInto('performed_sets').values(hurt).execute();
  const after = await needs(client);
  expect(JSON.stringify(after)).not.toBe(before);
  expect(after.some((n) => n.says.startsWith('Less comfortable'))).toBe(true);
  await house.db.deleteFrom('performed_sets').where('id', '=', 'set-in-place').execute();
  await house.db.insertInto('performed_sets').values(last!).execute();
  expect(JSON.stringify(await needs(client))).toBe(before);
});
