import type { Express } from 'express';
import request from 'supertest';
import { seedDemo } from '../../demo/seed';
import { setPasscode } from '../../access/passcode';
import { Links } from '../../access/links';
import { SignIns } from '../../access/sign-ins';
import { makeStore } from '../../store/store';
import { appOn, host, today } from '../../testing/app';
import { newHouse } from '../../testing/folders';

let house: Awaited<ReturnType<typeof newHouse>>;
let app: Express;
const signIns = new SignIns();

const ada = 'mirelle-vandoorn';
const own = 'mirelle-push-a';
const others = 'bram-chest-copy';

beforeAll(async () => {
  house = await newHouse();
  await seedDemo(house.db, new Date(`${today}T12:00:00Z`), 2);
  await setPasscode(house.folder, 'correct horse');
  const { sessions } = makeStore(house.db, () => today);
  const { revision, document } = await sessions.get(own);
  await sessions.replace(own, revision, { ...document, status: 'handed over' });
  const links = new Links(house.db, () => new Date(`${today}T12:00:00Z`));
  app = appOn(house.db, { access: { isShared: true, addresses: [], folder: house.folder, links, signIns } });
});
afterAll(() => house.drop());

const at = (method: 'get' | 'post' | 'put' | 'delete', path: string, cookie: string) =>
  request(app)[method](path).set('Host', host).set('Cookie', cookie);
const coach = (): string => `drimbo-coach=${signIns.add()}`;

/** A phone that opened a link to a session. */
async function clientOf(sessionId: string): Promise<{ cookie: string }> {
  const made = await at('post', '/api/access/links', coach()).send({ sessionId, days: 7 });
  expect(made.status).toBe(201);
  return { cookie: `drimbo-client=${made.body.path.split('/').at(-1)}` };
}

test('a client runs their own session by their link: sees it, logs it, swaps in it, finishes it', async () => {
  const { cookie } = await clientOf(own);
  const list = await at('get', '/api/floor', cookie);
  expect(list.body.sessions.map((s: { id: string }) => s.id)).toContain(own);
  expect(JSON.stringify(list.body)).not.toContain(others);
  const { body: file } = await at('get', `/api/floor/${own}`, cookie);
  expect(file.session.document.clientId).toBe(ada);
  expect([file.client.about, file.client.likes, file.client.deletedTests]).toEqual(['', '', []]);
  const [line] = file.session.document.blocks[0].lines;
  const set = {
    id: 'set-by-phone',
    clientId: ada,
    sessionId: own,
    lineId: line.id,
    setIndex: 0,
    movement: line.movement,
    rig: line.rig,
    doneOn: today,
    loadKg: 20,
    reps: 8,
    reserve: 2,
    tired: 0,
    repS: null,
  };
  for (const turn of [1, 2])
    expect([turn, (await at('post', `/api/floor/${own}/sets`, cookie).send({ sets: [set] })).status]).toEqual(
      [turn, 201],
    );
  const astray = { ...set, id: 'set-astray', clientId: 'bram-otterlund', sessionId: others };
  expect((await at('post', `/api/floor/${own}/sets`, cookie).send({ sets: [astray] })).status).toBe(400);
  const change = (body: object) => at('post', `/api/floor/${own}/changes`, cookie).send({ change: body });
  const out = { is: 'left out', id: 'change-1', line: line.id, sets: [1], why: 'no time' };
  for (const turn of [1, 2]) expect([turn, (await change(out)).status]).toEqual([turn, 200]);
  const { document } = (await at('get', `/api/sessions/${own}`, coach())).body;
  expect([document.changes, document.blocks.length]).toEqual([[out], file.session.document.blocks.length]);
  const corrected = { sets: [{ ...set, id: 'set-again', reps: 7 }], removes: ['set-by-phone'] };
  expect((await at('post', `/api/floor/${own}/sets`, cookie).send(corrected)).status).toBe(201);
  const done = { minutes: 48, readiness: 4, swaps: [], note: '' };
  const finish = (body: object) => at('post', `/api/floor/${own}/finish`, cookie).send(body);
  const finished = await finish({ date: today, done });
  expect([finished.status, finished.body.document.status]).toEqual([200, 'finished']);
  expect((await finish({ date: today, done: { ...done, minutes: 5 } })).body.document.done.minutes).toBe(48);
  // From here on what was done is the coach's to change; a set that comes late is still taken.
  expect((await at('delete', `/api/floor/${own}/sets/set-again`, cookie)).status).toBe(403);
  const taken = await at('post', `/api/floor/${own}/sets`, cookie).send({ sets: [], removes: ['set-again'] });
  expect([taken.status, taken.body.error.code]).toEqual([403, 'finished']);
  expect((await change({ ...out, id: 'change-2' })).status).toBe(403);
  const late = { ...set, id: 'set-late', setIndex: 2 };
  expect((await at('post', `/api/floor/${own}/sets`, cookie).send({ sets: [late] })).status).toBe(201);
  const sets = (await at('get', `/api/sets?session=${own}`, coach())).body as { id: string }[];
  expect(sets.map((s) => s.id)).toEqual(['set-again', 'set-late']);
  const { revision: now, document: whole } = (await at('get', `/api/sessions/${own}`, coach())).body;
  const { done: _done, changes: _changes, ...open } = whole;
  const put = { revision: now, document: { ...open, status: 'handed over' } };
  expect((await at('put', `/api/sessions/${own}`, coach()).send(put)).status).toBe(200);
});

test('a link neither edits a session nor empties it, and a draft is none to it', async () => {
  const { cookie } = await clientOf(own);
  expect((await at('put', `/api/floor/${own}`, cookie).send({ revision: 1, blocks: [] })).status).toBe(404);
  const emptied = { is: 'edits', id: 'c', edits: [{ do: 'put', values: {} }], swap: null, why: '' };
  expect((await at('post', `/api/floor/${own}/changes`, cookie).send({ change: emptied })).status).toBe(400);
  const { revision, document } = (await at('get', `/api/sessions/${own}`, coach())).body;
  const as = (status: string, at0: number) =>
    at('put', `/api/sessions/${own}`, coach()).send({ revision: at0, document: { ...document, status } });
  expect((await as('draft', revision)).status).toBe(200);
  const done = { minutes: 48, readiness: 4, swaps: [], note: '' };
  expect((await at('get', `/api/floor/${own}`, cookie)).status).toBe(404);
  expect((await at('post', `/api/floor/${own}/finish`, cookie).send({ date: today, done })).status).toBe(404);
  expect(JSON.stringify((await at('get', '/api/floor', cookie)).body)).not.toContain(own);
  const refused = await at('post', '/api/access/links', coach()).send({ sessionId: own, days: 3 });
  expect([refused.status, refused.body.error.code]).toEqual([409, 'draft']);
  expect((await as('handed over', revision + 1)).status).toBe(200);
});

test('a set of somebody else is as good as none', async () => {
  const { cookie } = await clientOf(own);
  const [theirs] = await house.db
    .selectFrom('performed_sets')
    .select(['id', 'client_id'])
    .where('client_id', '!=', ada)
    .limit(1)
    .execute();
  expect((await at('delete', `/api/floor/${own}/sets/${theirs!.id}`, cookie)).status).toBe(404);
  const away = { sets: [], removes: [theirs!.id] };
  expect((await at('post', `/api/floor/${own}/sets`, cookie).send(away)).status).toBe(404);
  const still = await house.db
    .selectFrom('performed_sets')
    .select('id')
    .where('id', '=', theirs!.id)
    .execute();
  expect(still).toHaveLength(1);
});
