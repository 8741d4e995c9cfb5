import type { Context } from '@drimbo/core';
import {
  type Begun,
  type KeptSet,
  type PerformedSet,
  performedSetSchema,
  type TakenAway,
} from '@drimbo/core/log';
import { type Done, type Edit, type FloorChange, floorEditsOf, type Session } from '@drimbo/core/session';
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
  /** Sets of the session that the server has and cannot read. */
  torn?: number;
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
/** The store of the floor on this device, brought up to date where an older page made it. */
export const store = (): Promise<IDBPDatabase<Floor>> => {
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

type Stores = 'packs' | 'sets' | 'away' | 'ops' | 'refused';

/** One change of several parts of the store: all of it or, where anything fails, nothing. Rejects with what failed. */
export async function whole<const S extends Stores[]>(
  stores: S,
  work: (tx: IDBPTransaction<Floor, S, 'readwrite'>) => Promise<void>,
): Promise<void> {
  const tx = (await store()).transaction(stores, 'readwrite');
  try {
    await work(tx);
    await tx.done;
  } catch (error) {
    tx.done.catch(() => undefined);
    try {
      tx.abort();
    } catch {
      // It has ended by itself.
    }
    throw error;
  }
}
