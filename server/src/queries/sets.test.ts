import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { findEntry } from '@drimbo/core/movements';
import { nothingSaid, type PerformedSet } from '@drimbo/core/log';
import { sampleClient, sampleKit, soundPush } from '@drimbo/core/examples';
import type { Kysely } from 'kysely';
import request from 'supertest';
import { openDatabase } from '../database/open';
import type { Tables } from '../database/tables';
import { makeStore } from '../store/store';
import { appOn, host } from '../testing/app';

const bench = findEntry('barbell-bench-press')!.movement.id;
let folder: string;
let db: Kysely<Tables>;

beforeEach(async () => {
  folder = mkdtempSync(join(tmpdir(), 'drimbo-sets-'));
  db = await openDatabase(folder);
  const store = makeStore(db);
  await store.kits.create('hall', sampleKit);
  await store.clients.create('c', sampleClient);
  await store.clients.create('d', sampleClient);
  await store.sessions.create('s', { ...soundPush, clientId: 'c' });
});
afterEach(async () => {
  await db.destroy();
  rmSync(folder, { recursive: true, force: true });
});

const set = (patch: Partial<PerformedSet> = {}): PerformedSet => ({
  id: 'set-1',
  clientId: 'c',
  sessionId: 's',
  lineId: 'l1',
  setIndex: 0,
  movement: bench,
  rig: { benchDeg: 0 },
  doneOn: '2026-11-20',
  loadKg: 80,
  reps: 8,
  reserve: 2,
  tired: 0.1,
  repS: null,
  asked: null,
  at: null,
  kind: 'set',
  heldS: null,
  ...nothingSaid,
  ...patch,
});
const ask = () => request(appOn(db));
const write = (...sets: object[]) => ask().post('/api/sets').set('Host', host).send({ sets });
const read = async (query: string): Promise<PerformedSet[]> =>
  (await ask().get(`/api/sets?${query}`).set('Host', host)).body;

test('sets are written, read by client and by session, count as evidence, and are removed', async () => {
  const two = [set(), set({ id: 'set-2', setIndex: 1, reps: 0, repS: 4.5 })];
  expect((await write(...two)).status).toBe(201);
  expect(await read('client=c')).toEqual(two);
  expect(await read('session=s&size=1&page=1')).toEqual([two[1]]);
  const told = {
    movement: bench,
    rig: { benchDeg: 0 },
    date: '2026-11-20',
    session: 's',
    line: 'l1',
    loadKg: 80,
    reserve: 2,
    kind: 'set',
    tired: 0.1,
  };
  // A set that did not come up is evidence as well.
  expect(await makeStore(db).logged('c')).toEqual([
    { ...told, index: 0, reps: 8 },
    { ...told, index: 1, reps: 0, repS: 4.5, failed: true },
  ]);
  const gone = await ask().delete('/api/sets/set-1').set('Host', host);
  expect(gone.status).toBe(204);
  expect(await read('client=c')).toEqual([two[1]]);
  expect((await ask().delete('/api/sets/set-1').set('Host', host)).status).toBe(204);
  expect((await ask().delete('/api/sets/never').set('Host', host)).status).toBe(404);
});

test('a set that was taken away stays away, however late it is logged again', async () => {
  const change = (body: object) => ask().post('/api/sets').set('Host', host).send(body);
  await write(set(), set({ id: 'set-2', setIndex: 1 }));
  const corrected = { sets: [set({ id: 'set-3', reps: 7 })], removes: ['set-1'] };
  const first = await change(corrected);
  expect([first.status, first.body.removes]).toEqual([201, ['set-1']]);
  expect((await change(corrected)).body).toEqual(first.body);
  expect((await write(set())).status).toBe(201);
  expect((await read('session=s')).map((s) => s.id).sort()).toEqual(['set-2', 'set-3']);
  // Heard of before the set itself: the order of arrival does not matter.
  await change({ sets: [], removes: ['set-4', 'set-2'] });
  await write(set({ id: 'set-4', setIndex: 3 }));
  expect((await read('session=s')).map((s) => s.id)).toEqual(['set-3']);
  expect((await change({ sets: [], removes: [] })).status).toBe(400);
});

test('every change of a session’s sets counts one up, a repeat none, and the count says what the list holds', async () => {
  const store = makeStore(db);
  const clock = async (): Promise<number> => (await store.sets.clock('s')).at;
  expect(await clock()).toBe(0);
  await write(set(), set({ id: 'set-2', setIndex: 1 }));
  expect(await clock()).toBe(2);
  await write(set());
  expect(await clock()).toBe(2);
  await ask().delete('/api/sets/set-2').set('Host', host);
  const list = await store.sets.listOf('s');
  expect([list.at, list.sets.map((s) => s.id)]).toEqual([3, ['set-1']]);
  await db.updateTable('performed_sets').set({ reps: 9 }).where('id', '=', 'set-1').execute();
  expect(await clock()).toBeGreaterThan(3);
});

test('what nobody said stays unsaid, and a stage, a hold and one side come back as what they are', async () => {
  const sets = [
    set({ reserve: null }),
    set({ id: 'set-2', kind: 'stage', setIndex: 1, reserve: null }),
    set({ id: 'set-3', kind: 'hold', setIndex: 2, reps: 0, reserve: null, heldS: 20 }),
    set({ id: 'set-4', setIndex: 3, side: 'left', ended: 'interrupted' }),
  ];
  expect((await write(...sets)).status).toBe(201);
  expect(await read('session=s')).toEqual(sets);
  expect((await write(set({ id: 'set-5', heldS: 20 }))).status).toBe(400);
});

test('the same again does no harm; another one cannot take an id, and then none of the sets is kept', async () => {
  await write(set());
  expect((await write(set())).status).toBe(201);
  const other = await write(set({ id: 'set-9' }), set({ reps: 12 }));
  expect([other.status, other.body.error.code, other.body.error.path]).toEqual([409, 'taken', 'sets.1.id']);
  expect((await read('client=c')).map((s) => s.id)).toEqual(['set-1']);
});

test.each([
  ['an unknown session', { sessionId: 'none' }, 'sets.0.sessionId'],
  ['another client’s session', { clientId: 'd' }, 'sets.0.clientId'],
  ['an unknown movement', { movement: 'nothing-press' }, 'sets.0.movement'],
  ['a day that is none', { doneOn: '2026-02-30' }, 'sets.0.doneOn'],
  ['a day far ahead', { doneOn: '2031-01-01' }, 'sets.0.doneOn'],
  ['a load below nothing', { loadKg: -5 }, 'sets.0.loadKg'],
  ['a field nobody knows', { mood: 'good' }, 'sets.0'],
])('%s is refused with its path and nothing is kept', async (_, patch, path) => {
  const answer = await write({ ...set(), ...patch });
  expect([answer.status, answer.body.error.path]).toEqual([400, path]);
  expect(await read('client=c')).toEqual([]);
});

test('the sets of one client or of one session are asked for, not all', async () => {
  expect((await ask().get('/api/sets').set('Host', host)).status).toBe(400);
});
