import { sampleClient, sampleKit, soundPush } from '@drimbo/core/examples';
import type { Line, Session } from '@drimbo/core/session';
import type { Kysely } from 'kysely';
import request from 'supertest';
import type { Tables } from './tables';
import { makeStore } from '../store/store';
import { appOn, host, today } from '../testing/app';
import { newHouse } from '../testing/folders';
import { usesOfOwn } from './refs';

let db: Kysely<Tables>;
let drop: () => Promise<void>;

beforeEach(async () => {
  ({ db, drop } = await newHouse());
  const store = makeStore(db, () => today);
  await store.kits.create('hall', sampleKit);
  await store.clients.create('c', sampleClient);
});
afterEach(() => drop());

/** The sound push day with the first line going by an own movement. */
const going = (own: string | null, patch: Partial<Session> = {}): Session => {
  const [first, ...rest] = soundPush.blocks;
  const [line, ...others] = first!.lines as [Line, ...Line[]];
  return {
    ...soundPush,
    clientId: 'c',
    blocks: [{ ...first!, lines: [own ? { ...line, own } : line, ...others] }, ...rest],
    ...patch,
  };
};

test('counts the sessions that go by an own movement, and those of them not finished', async () => {
  const { sessions } = makeStore(db, () => today);
  await sessions.create('s1', going('low-squeeze'));
  await sessions.create('s2', going('low-squeeze', { status: 'finished' }));
  await sessions.create('s3', going('low-squeeze-wide'));
  await sessions.create('s4', going(null, { title: 'low-squeeze' }));
  const gone = await sessions.create('s5', going('low-squeeze'));
  await sessions.remove('s5', gone.revision, false);
  expect(await usesOfOwn(db, 'low-squeeze')).toEqual({ sessions: 2, drafts: 1 });
  expect(await usesOfOwn(db, 'never-made')).toEqual({ sessions: 0, drafts: 0 });
});

test('a torn document neither counts nor stops the counting', async () => {
  const { sessions } = makeStore(db, () => today);
  await sessions.create('s1', going('low-squeeze'));
  await sessions.create('s2', going('low-squeeze'));
  await db
    .updateTable('sessions')
    .set({ document: '{"own":"low-squeeze"', revision: 2 })
    .where('id', '=', 's2')
    .execute();
  expect(await usesOfOwn(db, 'low-squeeze')).toEqual({ sessions: 1, drafts: 1 });
});

test('the address answers it, and says what it lacks', async () => {
  const ask = (query: string) => request(appOn(db)).get(`/api/sessions/with${query}`).set('Host', host);
  expect((await ask('?own=none')).body).toEqual({ sessions: 0, drafts: 0 });
  const bad = await ask('');
  expect([bad.status, bad.body.error.path]).toEqual([400, 'own']);
});
