import type { FloorFile } from '@drimbo/core/formats';
import { afterList, type KeptSet, type PerformedSet, type SetList } from '@drimbo/core/log';
import type { Done, FloorChange, Session } from '@drimbo/core/session';
import { store, whole, type Op, type Pack, type Refused, type Whereabouts } from './floor-database';

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
  listeners.forEach((l) => l());
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
  writing(() =>
    whole(['sets', 'away', 'ops'], async (tx) => {
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
    }),
  );

/** What the server answered of sets that were sent: it has them as of this count. */
export async function setsAnswered(op: Extract<Op, { is: 'sets' }>, at: number): Promise<void> {
  await whole(['sets', 'away'], async (tx) => {
    for (const { id } of op.sets) {
      const kept = await tx.objectStore('sets').get(id);
      if (kept) await tx.objectStore('sets').put({ ...kept, at });
    }
    for (const id of op.removes) {
      const away = await tx.objectStore('away').get(id);
      if (away) await tx.objectStore('away').put({ ...away, at });
    }
  });
}

/** Takes in the sets as the server had them at a count, and the session where it is another by now. */
export async function takeIn(
  id: string,
  list: SetList | null,
  session: FloorFile['session'] | null,
  context?: Pack['context'],
): Promise<void> {
  await whole(['packs', 'sets', 'away', 'ops'], async (tx) => {
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
        ...(list && !isOld ? { house: list.house, at: list.at, torn: list.torn ?? 0 } : {}),
      });
    }
  });
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
  writing(() =>
    whole(['packs', 'ops'], async (tx) => {
      const pack = await tx.objectStore('packs').get(sessionId);
      if (pack) {
        const session = { ...pack.session, changes: [...(pack.session.changes ?? []), change] };
        await tx.objectStore('packs').put({ ...pack, session });
      }
      await tx.objectStore('ops').add({ is: 'change', sessionId, change });
    }),
  );

/** Keeps that the session is done on this device and queues it, both or neither. */
export const writeFinish = (sessionId: string, date: string, done: Done): Promise<void> =>
  writing(() =>
    whole(['packs', 'ops'], async (tx) => {
      const pack = await tx.objectStore('packs').get(sessionId);
      if (pack)
        await tx
          .objectStore('packs')
          .put({ ...pack, session: { ...pack.session, status: 'finished', date, done } });
      await tx.objectStore('ops').add({ is: 'finish', sessionId, date, done });
    }),
  );

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
  await whole(['ops', 'refused'], async (tx) => {
    await tx.objectStore('ops').delete(key);
    if (refused) await tx.objectStore('refused').add(refused);
  });
  changed();
}

/** Something is on its way into the store at this moment. */
export const isStoring = (): boolean => onTheWay > 0;

export async function counted(): Promise<{ waiting: number; refused: string[] }> {
  const db = await store();
  return {
    waiting: (await db.count('ops')) + onTheWay,
    refused: (await db.getAll('refused')).map((r) => r.why),
  };
}

/** What was refused: put back into the queue to be tried once more, or, once somebody has seen it, forgotten. */
export async function settleRefused(again: boolean): Promise<void> {
  await whole(['ops', 'refused'], async (tx) => {
    if (again)
      for (const { op } of await tx.objectStore('refused').getAll()) await tx.objectStore('ops').add(op);
    await tx.objectStore('refused').clear();
  });
  changed();
}

export async function whereaboutsOf(id: string): Promise<Whereabouts> {
  const known = await (await store()).get('whereabouts', id);
  return known ?? { id, ticked: [], restFrom: null, begun: null, times: [] };
}
export const keepWhereabouts = async (w: Whereabouts): Promise<void> =>
  void (await (await store()).put('whereabouts', w));
