import type { Context } from '@drimbo/core';
import type { FloorFile, SetList } from '@drimbo/core/formats/floor-file';
import { afterList, type KeptSet, type TakenAway } from '@drimbo/core/log/keeping';
import { performedSetSchema, type PerformedSet } from '@drimbo/core/log/performed-set';
import type { Begun } from '@drimbo/core/log/session-day';
import { floorEditsOf } from '@drimbo/core/session/as-run';
import type { Done, Session } from '@drimbo/core/session/document';
import type { Edit } from '@drimbo/core/session/edits';
import type { FloorChange } from '@drimbo/core/session/floor-changes';
import { openDB, type DBSchema, type IDBPDatabase, type IDBPTransaction } from 'idb';
import { newId } from './ids';

/** Everything of a session that the floor needs without a server, and which list of its sets was read last. */
export interface Pack {
  id: string;
  revision: number;
  session: Session;
  context: Omit<Context, 'todayIso'>;
  house: string | null;
  at: number;
}

/** Something the server has to hear of, in the order it happened. */
export type Op =
  | { is: 'sets'; sessionId: string; sets: PerformedSet[]; removes: string[]; isTried?: true }
  | { is: 'change'; sessionId: string; change: FloorChange }
  | { is: 'finish'; sessionId: string; date: string; done: Done };

/** Where somebody is in a session: what was ticked off beside sets, when the last rest began, when things were done. */
export interface Whereabouts {
  id: string;
  ticked: string[];
  restFrom: number | null;
  begun: Begun | null;
  /** When each thing was done, ms. */
  times: number[];
}

export interface Refused {
  op: Op;
  why: string;
}

interface Floor extends DBSchema {
  packs: { key: string; value: Pack };
  sets: { key: string; value: KeptSet; indexes: { session: string } };
  away: { key: string; value: TakenAway; indexes: { session: string } };
  ops: { key: number; value: Op };
  /** What the server would not take, with its reason: kept until somebody has seen it. */
  refused: { key: number; value: Refused };
  whereabouts: { key: string; value: Whereabouts };
}

type Changing = IDBPTransaction<Floor, ('packs' | 'sets' | 'away' | 'ops')[], 'versionchange' | 'readwrite'>;

/** What the first version of the store kept. */
type FirstOp =
  | { is: 'log'; set: unknown }
  | { is: 'undo'; id: string; sessionId: string }
  | { is: 'edit'; sessionId: string; edit: Edit }
  | Extract<Op, { is: 'finish' }>;

/** What was waiting in the first version, as it waits today; what no session knows any more is left out. */
function asToday(op: FirstOp): Op | null {
  if (op.is === 'finish') return op;
  if (op.is === 'undo')
    return { is: 'sets', sessionId: op.sessionId, sets: [], removes: [op.id], isTried: true };
  if (op.is === 'log') {
    const set = performedSetSchema.safeParse(op.set);
    if (!set.success) return null;
    return { is: 'sets', sessionId: set.data.sessionId, sets: [set.data], removes: [], isTried: true };
  }
  try {
    const edits = floorEditsOf(op.edit);
    if (edits.length === 0) return null;
    const change = { is: 'edits' as const, id: newId('change'), edits, swap: null, why: '' };
    return { is: 'change', sessionId: op.sessionId, change };
  } catch {
    return null;
  }
}

async function fromFirst(tx: Changing): Promise<void> {
  const waiting = new Set<string>();
  for (let at = await tx.objectStore('ops').openCursor(); at; at = await at.continue()) {
    const op = asToday(at.value as unknown as FirstOp);
    if (!op) await at.delete!();
    else await at.update!(op);
    if (op?.is === 'sets') for (const { id } of op.sets) waiting.add(id);
  }
  for (let at = await tx.objectStore('sets').openCursor(); at; at = await at.continue()) {
    const set = performedSetSchema.safeParse(at.value);
    if (!set.success) {
      await at.delete!();
      continue;
    }
    const { id, sessionId } = set.data;
    await at.update!({ id, sessionId, set: set.data, at: waiting.has(id) ? null : 0, isMine: true });
  }
  for (let at = await tx.objectStore('packs').openCursor(); at; at = await at.continue())
    await at.update!({ ...at.value, revision: 0, house: null, at: 0 });
}

let opened: Promise<IDBPDatabase<Floor>> | null = null;
const store = (): Promise<IDBPDatabase<Floor>> => {
  opened ??= openDB<Floor>('drimbo-floor', 2, {
    async upgrade(db, from, _to, tx) {
      if (from < 1) {
        db.createObjectStore('packs', { keyPath: 'id' });
        db.createObjectStore('sets', { keyPath: 'id' }).createIndex('session', 'sessionId');
        db.createObjectStore('ops', { autoIncrement: true });
        db.createObjectStore('refused', { autoIncrement: true });
        db.createObjectStore('whereabouts', { keyPath: 'id' });
      }
      db.createObjectStore('away', { keyPath: 'id' }).createIndex('session', 'sessionId');
      if (from === 1) {
        await fromFirst(tx as unknown as Changing);
        await tx.objectStore('whereabouts').clear();
        await tx.objectStore('refused').clear();
      }
    },
    terminated() {
      opened = null;
    },
  });
  // A device that could not open its store may the next time it is asked.
  opened.catch(() => (opened = null));
  return opened;
};

const listeners = new Set<() => void>();
/** Other pages of this device that have the floor open. */
const otherPages = 'BroadcastChannel' in globalThis ? new BroadcastChannel('drimbo-floor') : null;
otherPages?.addEventListener('message', () => listeners.forEach((l) => l()));

/** Calls back whenever something is put into the store on this device; gives the way to stop it. */
export function onFloorChange(listener: () => void): () => void {
  listeners.add(listener);
  return () => void listeners.delete(listener);
}
const changed = (): void => {
  listeners.forEach((l) => l());
  otherPages?.postMessage('changed');
};

export const keepPack = async (pack: Pack): Promise<void> => void (await (await store()).put('packs', pack));
export const packOf = async (id: string): Promise<Pack | undefined> => (await store()).get('packs', id);

export const setsOfSession = async (id: string): Promise<KeptSet[]> =>
  (await store()).getAllFromIndex('sets', 'session', id);

/** What is on its way into the store: nothing is called sent before it is there. */
let onTheWay = 0;
async function writing<T>(work: () => Promise<T>): Promise<T> {
  onTheWay += 1;
  try {
    return await work();
  } finally {
    onTheWay -= 1;
    changed();
  }
}

/**
 * Keeps sets on this device, takes others away and queues both for the server: all of it or nothing. Rejects where the
 * device cannot keep it, and then nothing is changed.
 */
export const writeSets = (
  sessionId: string,
  sets: readonly PerformedSet[],
  removes: readonly string[],
): Promise<void> =>
  writing(async () => {
    const tx = (await store()).transaction(['sets', 'away', 'ops'], 'readwrite');
    const ops = tx.objectStore('ops');
    // What was never on its way is as if it had not been; everything else the server has to hear of.
    const unheard = new Set<string>();
    for (let at = await ops.openCursor(); at; at = await at.continue()) {
      const op = at.value;
      if (op.is !== 'sets' || op.isTried || op.sets.length === 0) continue;
      if (!op.sets.every((s) => removes.includes(s.id)) || op.removes.length > 0) continue;
      op.sets.forEach((s) => unheard.add(s.id));
      await at.delete();
    }
    const gone = removes.filter((id) => !unheard.has(id));
    for (const id of removes) await tx.objectStore('sets').delete(id);
    for (const id of gone) await tx.objectStore('away').put({ id, sessionId, at: null });
    for (const set of sets)
      await tx.objectStore('sets').put({ id: set.id, sessionId, set, at: null, isMine: true });
    if (sets.length + gone.length > 0)
      await ops.add({ is: 'sets', sessionId, sets: [...sets], removes: gone });
    await tx.done;
  });

/** What the server answered of sets that were sent: it has them as of this count. */
export async function setsAnswered(op: Extract<Op, { is: 'sets' }>, at: number): Promise<void> {
  const tx = (await store()).transaction(['sets', 'away'], 'readwrite');
  for (const { id } of op.sets) {
    const kept = await tx.objectStore('sets').get(id);
    if (kept) await tx.objectStore('sets').put({ ...kept, at });
  }
  for (const id of op.removes) {
    const away = await tx.objectStore('away').get(id);
    if (away) await tx.objectStore('away').put({ ...away, at });
  }
  await tx.done;
}

/** Takes in the sets as the server had them at a count, and the session where it is another by now. */
export async function takeIn(
  id: string,
  list: SetList | null,
  session: FloorFile['session'] | null,
  context?: Pack['context'],
): Promise<void> {
  const tx = (await store()).transaction(['packs', 'sets', 'away', 'ops'], 'readwrite');
  const pack = await tx.objectStore('packs').get(id);
  const isOld = list !== null && pack?.house === list.house && list.at < pack.at;
  if (list && !isOld) {
    const kept = await tx.objectStore('sets').index('session').getAll(id);
    const away = await tx.objectStore('away').index('session').getAll(id);
    const after = afterList(kept, away, list, id, pack?.house ?? null);
    for (const key of after.drop) await tx.objectStore('sets').delete(key);
    for (const set of after.put) await tx.objectStore('sets').put(set);
    for (const key of after.forget) await tx.objectStore('away').delete(key);
    const { sets, removes } = after.again;
    if (sets.length + removes.length > 0)
      await tx.objectStore('ops').add({ is: 'sets', sessionId: id, sets, removes, isTried: true });
  }
  const isNewer = session !== null && (session.revision >= (pack?.revision ?? 0) || context !== undefined);
  if (pack || (session && context)) {
    const base = pack ?? {
      id,
      revision: 0,
      session: session!.document,
      context: context!,
      house: null,
      at: 0,
    };
    const ops = await tx.objectStore('ops').getAll();
    await tx.objectStore('packs').put({
      ...base,
      ...(isNewer ? { revision: session.revision, session: withUnsent(session.document, id, ops) } : {}),
      ...(context ? { context } : {}),
      ...(list && !isOld ? { house: list.house, at: list.at } : {}),
    });
  }
  await tx.done;
  changed();
}

/** The session the server knows with what was changed or finished here and is not sent yet. */
function withUnsent(document: Session, id: string, ops: readonly Op[]): Session {
  const known = new Set(document.changes?.map((c) => c.id));
  const unsent = ops.flatMap((op) =>
    op.is === 'change' && op.sessionId === id && !known.has(op.change.id) ? [op.change] : [],
  );
  const finish = ops.findLast((op) => op.is === 'finish' && op.sessionId === id);
  return {
    ...document,
    ...(unsent.length === 0 ? {} : { changes: [...(document.changes ?? []), ...unsent] }),
    ...(finish?.is === 'finish' ? { status: 'finished', date: finish.date, done: finish.done } : {}),
  };
}

/** Keeps a change of the session on this device and queues it, both or neither. */
export const writeChange = (sessionId: string, change: FloorChange): Promise<void> =>
  writing(async () => {
    const tx = (await store()).transaction(['packs', 'ops'], 'readwrite');
    const pack = await tx.objectStore('packs').get(sessionId);
    if (pack) {
      const session = { ...pack.session, changes: [...(pack.session.changes ?? []), change] };
      await tx.objectStore('packs').put({ ...pack, session });
    }
    await tx.objectStore('ops').add({ is: 'change', sessionId, change });
    await tx.done;
  });

/** Keeps that the session is done on this device and queues it, both or neither. */
export const writeFinish = (sessionId: string, date: string, done: Done): Promise<void> =>
  writing(async () => {
    const tx = (await store()).transaction(['packs', 'ops'], 'readwrite');
    const pack = await tx.objectStore('packs').get(sessionId);
    if (pack)
      await tx
        .objectStore('packs')
        .put({ ...pack, session: { ...pack.session, status: 'finished', date, done } });
    await tx.objectStore('ops').add({ is: 'finish', sessionId, date, done });
    await tx.done;
  });

/** The first thing that waits; from now on it may have been heard of, whatever becomes of it. */
export async function firstOp(): Promise<{ key: number; op: Op } | null> {
  const at = await (await store()).transaction('ops', 'readwrite').store.openCursor();
  if (!at) return null;
  const op = at.value;
  if (op.is === 'sets' && !op.isTried) await at.update({ ...op, isTried: true });
  return { key: at.key, op };
}

/** An op is through; with a reason it was refused, and is kept with it. */
export async function opDone(key: number, refused: Refused | null): Promise<void> {
  const tx = (await store()).transaction(['ops', 'refused'], 'readwrite');
  await tx.objectStore('ops').delete(key);
  if (refused) await tx.objectStore('refused').add(refused);
  await tx.done;
  changed();
}

export async function counted(): Promise<{ waiting: number; refused: string[] }> {
  const db = await store();
  return {
    waiting: (await db.count('ops')) + onTheWay,
    refused: (await db.getAll('refused')).map((r) => r.why),
  };
}

/** What was refused: put back into the queue to be tried once more, or, once somebody has seen it, forgotten. */
export async function settleRefused(again: boolean): Promise<void> {
  const tx = (await store()).transaction(['ops', 'refused'], 'readwrite');
  if (again)
    for (const { op } of await tx.objectStore('refused').getAll()) await tx.objectStore('ops').add(op);
  await tx.objectStore('refused').clear();
  await tx.done;
  changed();
}

export async function whereaboutsOf(id: string): Promise<Whereabouts> {
  const known = await (await store()).get('whereabouts', id);
  return known ?? { id, ticked: [], restFrom: null, begun: null, times: [] };
}
export const keepWhereabouts = async (w: Whereabouts): Promise<void> =>
  void (await (await store()).put('whereabouts', w));
