import 'fake-indexeddb/auto';
import { nothingSaid, type PerformedSet } from '@drimbo/core/log';
import { sampleClient, sampleKit, soundPush } from '@drimbo/core/examples';
import { openDB } from 'idb';
import type * as FloorStore from './floor-store';

const set = (id: string, setIndex = 0): PerformedSet => ({
  ...nothingSaid,
  id,
  clientId: 'c',
  sessionId: 's',
  lineId: 'l',
  setIndex,
  kind: 'set',
  movement: 'barbell-press',
  rig: {},
  doneOn: '2026-11-20',
  loadKg: 80,
  reps: 8,
  reserve: null,
  heldS: null,
  tired: 0,
  repS: null,
  asked: null,
  at: null,
});
const context = { client: sampleClient, kit: sampleKit, logged: [] };
const session = (revision: number, document = soundPush) => ({ id: 's', revision, document });
const list = (at: number, ...sets: PerformedSet[]) => ({ house: 'h', at, sets });

type Store = typeof FloorStore;

/** The device of these tests, with nothing on it any more. */
async function device(): Promise<Store> {
  const db = await openDB('drimbo-floor');
  for (const name of [...db.objectStoreNames]) await db.clear(name);
  db.close();
  return import('./floor-store');
}
const ids = async (s: Store): Promise<string[]> => (await s.setsOfSession('s')).map((k) => k.id).sort();

// The first of these tests: it finds what an older page left.
test('what waits on a device of an older page is sent by this one, and its sets are there', async () => {
  const { kind: _k, heldS: _h, side: _s, ended: _e, ...first } = { ...set('a'), reserve: 2 };
  const db = await openDB('drimbo-floor', 1, {
    upgrade(old) {
      old.createObjectStore('packs', { keyPath: 'id' });
      old.createObjectStore('sets', { keyPath: 'id' }).createIndex('session', 'sessionId');
      for (const name of ['ops', 'refused']) old.createObjectStore(name, { autoIncrement: true });
      old.createObjectStore('whereabouts', { keyPath: 'id' });
    },
  });
  await db.put('packs', { id: 's', session: soundPush, context });
  await db.put('sets', first);
  await db.put('sets', { ...first, id: 'sent' });
  await db.add('ops', { is: 'log', set: first });
  await db.add('ops', { is: 'undo', id: 'gone', sessionId: 's' });
  await db.add('ops', {
    is: 'edit',
    sessionId: 's',
    edit: { do: 'line', line: 'l', patch: { restS: 60 } },
  });
  db.close();
  const s = await import('./floor-store');
  const kept = await s.setsOfSession('s');
  expect(kept.map((k) => [k.id, k.at, k.set.kind]).sort()).toEqual([
    ['a', null, 'set'],
    ['sent', 0, 'set'],
  ]);
  const sent = [];
  for (let next = await s.firstOp(); next; next = await s.firstOp()) {
    sent.push(next.op);
    await s.opDone(next.key, null);
  }
  expect(sent).toMatchObject([
    { is: 'sets', sets: [{ id: 'a' }], removes: [] },
    { is: 'sets', sets: [], removes: ['gone'] },
    { is: 'change', change: { edits: [{ do: 'rest', line: 'l', restS: 60 }] } },
  ]);
  expect((await s.packOf('s'))!.house).toBeNull();
});

test('a set is kept and queued together; taken back before anybody heard of it, it is as if it had not been', async () => {
  const s = await device();
  await s.writeSets('s', [set('a'), set('b', 1)], []);
  expect([await ids(s), (await s.counted()).waiting]).toEqual([['a', 'b'], 1]);
  await s.writeSets('s', [], ['a', 'b']);
  expect([await ids(s), (await s.counted()).waiting]).toEqual([[], 0]);
});

test('once it may have been heard of, taking it back is sent after it', async () => {
  const s = await device();
  await s.writeSets('s', [set('a')], []);
  const first = (await s.firstOp())!;
  await s.writeSets('s', [], ['a']);
  await s.opDone(first.key, null);
  expect((await s.firstOp())!.op).toMatchObject({ is: 'sets', sets: [], removes: ['a'] });
  // A list that was read before does not bring it back.
  await s.takeIn('s', list(1, set('a')), session(1), context);
  expect(await ids(s)).toEqual([]);
});

test('a list takes away what it knows to be gone, and never what came later or was not answered', async () => {
  const s = await device();
  await s.takeIn('s', list(2, set('old')), session(1), context);
  await s.writeSets('s', [set('mine', 1)], []);
  const { op } = (await s.firstOp())!;
  if (op.is !== 'sets') throw new Error('sets were sent');
  await s.setsAnswered(op, 4);
  await s.writeSets('s', [set('unsent', 2)], []);
  // Read at 3, when mine was not there yet and old was gone.
  await s.takeIn('s', list(3), null);
  expect(await ids(s)).toEqual(['mine', 'unsent']);
  // Overtaken by a newer one.
  await s.takeIn('s', list(2, set('old')), null);
  expect(await ids(s)).toEqual(['mine', 'unsent']);
});

test('what cannot be kept changes nothing at all', async () => {
  const s = await device();
  await s.writeSets('s', [set('a')], []);
  const add = Object.getOwnPropertyDescriptor(IDBObjectStore.prototype, 'add')!;
  const full = (): never => {
    throw new Error('full');
  };
  Object.defineProperty(IDBObjectStore.prototype, 'add', { ...add, value: full });
  await expect(s.writeSets('s', [set('b', 1)], ['a'])).rejects.toThrow('full');
  Object.defineProperty(IDBObjectStore.prototype, 'add', add);
  expect([await ids(s), (await s.counted()).waiting]).toEqual([['a'], 1]);
});

test('a session read before a change of this device arrived keeps that change, and that it was finished', async () => {
  const s = await device();
  await s.takeIn('s', list(0), session(3), context);
  const change = { is: 'left out' as const, id: 'c1', line: 'l', sets: null, why: '' };
  await s.writeChange('s', change);
  await s.writeFinish('s', '2026-11-20', { minutes: 50, readiness: null, swaps: [], note: '' });
  await s.takeIn('s', null, session(4));
  const pack = (await s.packOf('s'))!;
  expect([pack.revision, pack.session.changes, pack.session.status]).toEqual([4, [change], 'finished']);
  // An older one is not laid over a newer.
  await s.takeIn('s', null, session(3, { ...soundPush, title: 'Before' }));
  expect((await s.packOf('s'))!.session.title).toBe(soundPush.title);
});

test('what the server refused stays until somebody decides, and can be tried again', async () => {
  const s = await device();
  await s.writeSets('s', [set('a')], []);
  const { key, op } = (await s.firstOp())!;
  await s.opDone(key, { op, why: 'There is no session with this id.' });
  expect(await s.counted()).toEqual({ waiting: 0, refused: ['There is no session with this id.'] });
  await s.settleRefused(true);
  expect(await s.counted()).toEqual({ waiting: 1, refused: [] });
});
