import type { Context } from '@drimbo/core';
import type { PerformedSet } from '@drimbo/core/log/performed-set';
import type { Done, Session } from '@drimbo/core/session/document';
import type { Edit } from '@drimbo/core/session/edits';
import { openDB, type DBSchema, type IDBPDatabase } from 'idb';

/** Everything of a session that the floor needs without a server. */
export interface Pack {
  id: string;
  session: Session;
  context: Omit<Context, 'todayIso'>;
}

/** Something the server has to hear of, in the order it happened. */
export type Op =
  | { is: 'log'; set: PerformedSet }
  | { is: 'undo'; id: string; sessionId: string }
  | { is: 'edit'; sessionId: string; edit: Edit }
  | { is: 'finish'; sessionId: string; date: string; done: Done };

/** Where somebody is in a session: what was ticked off beside sets, when the last rest began, what was swapped. */
export interface Whereabouts {
  id: string;
  ticked: string[];
  restFrom: number | null;
  startedAt: number | null;
  swaps: Done['swaps'];
}

interface Floor extends DBSchema {
  packs: { key: string; value: Pack };
  sets: { key: string; value: PerformedSet; indexes: { session: string } };
  ops: { key: number; value: Op };
  /** What the server would not take, with its reason: kept until somebody has seen it. */
  refused: { key: number; value: { op: Op; why: string } };
  whereabouts: { key: string; value: Whereabouts };
}

let opened: Promise<IDBPDatabase<Floor>> | null = null;
const store = (): Promise<IDBPDatabase<Floor>> =>
  (opened ??= openDB<Floor>('drimbo-floor', 1, {
    upgrade(db) {
      db.createObjectStore('packs', { keyPath: 'id' });
      db.createObjectStore('sets', { keyPath: 'id' }).createIndex('session', 'sessionId');
      db.createObjectStore('ops', { autoIncrement: true });
      db.createObjectStore('refused', { autoIncrement: true });
      db.createObjectStore('whereabouts', { keyPath: 'id' });
    },
  }));

const listeners = new Set<() => void>();
/** Calls back whenever something is put into the store by this page; gives the way to stop it. */
export function onFloorChange(listener: () => void): () => void {
  listeners.add(listener);
  return () => void listeners.delete(listener);
}
const changed = (): void => listeners.forEach((l) => l());

export const keepPack = async (pack: Pack): Promise<void> => void (await (await store()).put('packs', pack));
export const packOf = async (id: string): Promise<Pack | undefined> => (await store()).get('packs', id);

export const setsOfSession = async (id: string): Promise<PerformedSet[]> =>
  (await store()).getAllFromIndex('sets', 'session', id);

/** Keeps a set on this device and queues it for the server, both or neither. */
export async function logSet(set: PerformedSet): Promise<void> {
  const tx = (await store()).transaction(['sets', 'ops'], 'readwrite');
  await Promise.all([
    tx.objectStore('sets').put(set),
    tx.objectStore('ops').add({ is: 'log', set }),
    tx.done,
  ]);
  changed();
}

/** Takes a set back: out of the queue where it was not sent yet, else by telling the server. */
export async function undoSet({ id, sessionId }: Pick<PerformedSet, 'id' | 'sessionId'>): Promise<void> {
  const tx = (await store()).transaction(['sets', 'ops'], 'readwrite');
  await tx.objectStore('sets').delete(id);
  let isSent = true;
  for (let at = await tx.objectStore('ops').openCursor(); at; at = await at.continue()) {
    if (at.value.is !== 'log' || at.value.set.id !== id) continue;
    await at.delete();
    isSent = false;
  }
  if (isSent) await tx.objectStore('ops').add({ is: 'undo', id, sessionId });
  await tx.done;
  changed();
}

/** Sets the server knows of and this device does not: logged by another one. */
export async function takeIn(sets: readonly PerformedSet[], sessionId: string): Promise<void> {
  const tx = (await store()).transaction(['sets', 'ops'], 'readwrite');
  const waiting = await tx.objectStore('ops').getAll();
  const undone = new Set(waiting.flatMap((op) => (op.is === 'undo' ? [op.id] : [])));
  const unsent = new Set(waiting.flatMap((op) => (op.is === 'log' ? [op.set.id] : [])));
  const there = new Set(sets.map((s) => s.id));
  for (const set of sets) if (!undone.has(set.id)) await tx.objectStore('sets').put(set);
  // What was taken away elsewhere goes here too, unless it is still to be sent from here.
  for (const key of await tx.objectStore('sets').index('session').getAllKeys(sessionId))
    if (!there.has(key) && !unsent.has(key)) await tx.objectStore('sets').delete(key);
  await tx.done;
  changed();
}

export async function queue(op: Op): Promise<void> {
  await (await store()).add('ops', op);
  changed();
}

export async function firstOp(): Promise<{ key: number; op: Op } | null> {
  const at = await (await store()).transaction('ops').store.openCursor();
  return at ? { key: at.key, op: at.value } : null;
}

/** An op is through; with a reason it was refused, and is kept with it. */
export async function opDone(key: number, refused: { op: Op; why: string } | null): Promise<void> {
  const tx = (await store()).transaction(['ops', 'refused'], 'readwrite');
  await tx.objectStore('ops').delete(key);
  if (refused) await tx.objectStore('refused').add(refused);
  await tx.done;
  changed();
}

export async function counted(): Promise<{ waiting: number; refused: string[] }> {
  const db = await store();
  return {
    waiting: await db.count('ops'),
    refused: (await db.getAll('refused')).map((r) => r.why),
  };
}

export async function whereaboutsOf(id: string): Promise<Whereabouts> {
  const known = await (await store()).get('whereabouts', id);
  return known ?? { id, ticked: [], restFrom: null, startedAt: null, swaps: [] };
}
export const keepWhereabouts = async (w: Whereabouts): Promise<void> =>
  void (await (await store()).put('whereabouts', w));
