import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { findEntry } from '@drimbo/core/movements/catalogue';
import type { PerformedSet } from '@drimbo/core/log/performed-set';
import { sampleClient, sampleKit, soundPush } from '@drimbo/core/examples/samples';
import type { Kysely } from 'kysely';
import request from 'supertest';
import { openDatabase } from './database/open';
import type { Tables } from './database/tables';
import { makeStore } from './store';
import { appOn, host } from './testing/app';

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
  technique: null,
  fault: null,
  felt: null,
  comfort: null,
  note: '',
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
  expect(await makeStore(db).logged('c')).toEqual([
    {
      movement: bench,
      rig: { benchDeg: 0 },
      date: '2026-11-20',
      loadKg: 80,
      reps: 8,
      reserve: 2,
      kind: 'set',
      tired: 0.1,
    },
  ]);
  const gone = await ask().delete('/api/sets/set-1').set('Host', host);
  expect([gone.status, gone.body]).toEqual([200, two[0]]);
  expect(await read('client=c')).toEqual([two[1]]);
  expect((await ask().delete('/api/sets/set-1').set('Host', host)).status).toBe(404);
  expect((await write(gone.body)).status).toBe(201);
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
