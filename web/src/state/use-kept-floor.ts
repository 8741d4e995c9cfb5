import { ways } from '@drimbo/core/contract';
import type { PerformedSet } from '@drimbo/core/log';
import { useEffect, useRef, useState } from 'react';
import { ask } from '../data/api';
import type { Pack, Whereabouts } from '../data/floor-database';
import {
  keepWhereabouts,
  onFloorChange,
  packOf,
  setsOfSession,
  takeIn,
  whereaboutsOf,
} from '../data/floor-store';
import { keepSending, type SyncState } from '../data/floor-sync';

/** How often other devices are asked after while the floor is in sight, ms. */
const NEWS_MS = 3_000;

/** Fetches everything the floor needs and keeps it on this device; what is kept already serves while nobody answers. */
async function fetchPack(id: string): Promise<void> {
  try {
    const { session, client, kit, notebook, schools, logged, ...list } = await ask(ways.floorFile({ id }));
    await takeIn(id, list, session, {
      client,
      kit,
      ...(notebook ? { notebook } : {}),
      schools,
      logged,
    });
  } catch (error) {
    if (!(await packOf(id))) throw error;
  }
}

/** Asks every few seconds what other devices did, while the page is in sight. Gives the way to stop. */
function keepAsking(id: string): () => void {
  let over = false;
  let isAsking = false;
  const askNow = async (): Promise<void> => {
    if (over || isAsking || document.visibilityState !== 'visible') return;
    isAsking = true;
    try {
      const { house, at, revision } = (await packOf(id)) ?? { house: null, at: 0, revision: 0 };
      const query = { house: house ?? '', at, revision };
      const { session, sets, ...clock } = await ask(ways.floorNews({ id, query }));
      if (!over && (sets || session)) await takeIn(id, sets && { ...clock, sets }, session);
    } catch {
      // Nobody answers: there is no news then, and what is here holds.
    } finally {
      isAsking = false;
    }
  };
  const timer = setInterval(() => void askNow(), NEWS_MS);
  const now = (): void => void askNow();
  document.addEventListener('visibilitychange', now);
  window.addEventListener('online', now);
  return () => {
    over = true;
    clearInterval(timer);
    document.removeEventListener('visibilitychange', now);
    window.removeEventListener('online', now);
  };
}

export interface KeptFloor {
  pack: Pack;
  sets: readonly PerformedSet[];
  /** The last set that came from another device since this page was opened. */
  fromElsewhere: PerformedSet | null;
  where: Whereabouts;
  put: (w: Whereabouts) => void;
}

/** The session, the sets and where somebody is, as this device keeps them; null while they are fetched. */
export function useKeptFloor(id: string): KeptFloor | Error | null {
  const [kept, setKept] = useState<Pick<KeptFloor, 'pack' | 'sets' | 'fromElsewhere'> | Error | null>(null);
  const [where, setWhere] = useState<Whereabouts | null>(null);
  const known = useRef<Set<string> | null>(null);
  useEffect(() => {
    let over = false;
    let turn = 0;
    known.current = null;
    const read = async (): Promise<void> => {
      const mine = (turn += 1);
      const [pack, sets] = await Promise.all([packOf(id), setsOfSession(id)]);
      // A reading that was overtaken by a later one shows nothing older.
      if (over || mine !== turn || !pack) return;
      const before = known.current;
      const come = sets.filter((s) => before && !before.has(s.id) && !s.isMine).at(-1);
      known.current = new Set(sets.map((s) => s.id));
      setKept((last) => ({
        pack,
        sets: sets.map((s) => s.set),
        fromElsewhere: come?.set ?? (last && !(last instanceof Error) ? last.fromElsewhere : null),
      }));
    };
    const stop = onFloorChange(() => void read());
    const begin = async (): Promise<void> => {
      try {
        const here = await whereaboutsOf(id);
        if (!over) setWhere(here);
        // What this device has serves at once, however slow the line is; what comes later is laid over it.
        await read();
        await fetchPack(id);
        await read();
      } catch (error) {
        if (!over) setKept(error as Error);
      }
    };
    void begin();
    const stopAsking = keepAsking(id);
    return () => {
      over = true;
      stop();
      stopAsking();
    };
  }, [id]);
  if (kept instanceof Error) return kept;
  if (!kept || !where) return null;
  return {
    ...kept,
    where,
    put: (w) => {
      setWhere(w);
      // Where somebody is can be told again; what was done is kept by other ways.
      keepWhereabouts(w).catch(() => undefined);
    },
  };
}

export function useSync(): SyncState {
  const [state, setState] = useState<SyncState>({ isUnknown: true, waiting: 0, refused: [], isAway: false });
  useEffect(() => keepSending(setState), []);
  return state;
}
