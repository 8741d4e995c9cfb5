import type { Context } from '@drimbo/core';
import type { FloorFile } from '@drimbo/core/formats/lists';
import { floorSteps, type FloorStep } from '@drimbo/core/log/floor';
import { fromHere, type FromHere } from '@drimbo/core/log/next-set';
import type { PerformedSet } from '@drimbo/core/log/performed-set';
import type { DoneSet } from '@drimbo/core/log/today';
import { measure } from '@drimbo/core/measure/measure';
import type { Measured } from '@drimbo/core/measure/model';
import type { Done, Session } from '@drimbo/core/session/document';
import { repSeconds } from '@drimbo/core/session/effort';
import { applyEdit, type Edit } from '@drimbo/core/session/edits';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { api } from '../data/api';
import {
  keepPack,
  keepWhereabouts,
  logSet,
  onFloorChange,
  packOf,
  queue,
  setsOfSession,
  takeIn,
  undoSet,
  whereaboutsOf,
  type Pack,
  type Whereabouts,
} from '../data/floor-store';
import { keepSending, type SyncState } from '../data/floor-sync';
import type { Said } from '../data/said';
import { newId, todayIso } from '../data/queries';

export interface Floor {
  session: Session;
  context: Context;
  measured: Measured;
  steps: FloorStep[];
  /** Which step is next; as many as there are when all is done. */
  at: number;
  sets: readonly PerformedSet[];
  advice: FromHere;
  where: Whereabouts;
  sync: SyncState;
  /** Sets of the same place that two devices logged: both are kept until somebody chooses. */
  doubles: readonly PerformedSet[][];
  log: (
    step: Extract<FloorStep, { is: 'set' }>,
    figures: Pick<PerformedSet, 'loadKg' | 'reps' | 'reserve'>,
    said: Said,
  ) => void;
  tick: (id: string) => void;
  undo: (set: PerformedSet) => void;
  rested: () => void;
  /** Changes what is left of the session. */
  change: (edit: Edit) => void;
  swap: (edit: Edit, swap: Done['swaps'][number]) => void;
  finish: (done: Omit<Done, 'swaps'>) => Promise<void>;
}

/** Fetches everything the floor needs and keeps it on this device; what is kept already serves while nobody answers. */
async function packFor(id: string): Promise<Pack> {
  try {
    const file = await api.get<FloorFile>(`/floor/${id}`);
    const pack: Pack = {
      id,
      session: file.session.document,
      context: {
        client: file.client,
        kit: file.kit,
        ...(file.notebook ? { notebook: file.notebook } : {}),
        schools: file.schools,
        // Today's sets count through the form of the day, not twice.
        logged: file.logged.filter((r) => r.date < todayIso()),
      },
    };
    await keepPack(pack);
    await takeIn(file.sets, id);
    return pack;
  } catch (error) {
    const kept = await packOf(id);
    if (kept) return kept;
    throw error;
  }
}

const asDone = (s: PerformedSet): DoneSet => ({
  lineId: s.lineId,
  setIndex: s.setIndex,
  loadKg: s.loadKg,
  reps: s.reps,
  reserve: s.reserve,
});

/** The session, the sets and where somebody is, from this device; null while they are fetched. */
function useKept(id: string):
  | {
      pack: Pack;
      sets: PerformedSet[];
      where: Whereabouts;
      put: (w: Whereabouts) => void;
      repack: (p: Pack) => void;
    }
  | Error
  | null {
  const [pack, setPack] = useState<Pack | Error | null>(null);
  const [sets, setSets] = useState<PerformedSet[]>([]);
  const [where, setWhere] = useState<Whereabouts | null>(null);
  useEffect(() => {
    let over = false;
    const read = async (): Promise<void> => {
      const found = await setsOfSession(id);
      if (!over) setSets(found);
    };
    const stop = onFloorChange(() => void read());
    packFor(id).then(
      async (found) => {
        const known = await whereaboutsOf(id);
        await read();
        if (over) return;
        setWhere(known);
        setPack(found);
      },
      (error: Error) => {
        if (!over) setPack(error);
      },
    );
    return () => {
      over = true;
      stop();
    };
  }, [id]);
  if (pack instanceof Error) return pack;
  if (!pack || !where) return null;
  return {
    pack,
    sets,
    where,
    put: (w) => {
      setWhere(w);
      void keepWhereabouts(w);
    },
    repack: (p) => {
      setPack(p);
      void keepPack(p);
    },
  };
}

function useSync(): SyncState {
  const [state, setState] = useState<SyncState>({ waiting: 0, refused: [], isAway: false });
  useEffect(() => keepSending(setState), []);
  return state;
}

/** A session being run: everything on this device first, sent when somebody answers. */
export function useFloor(id: string): Floor | Error | null {
  const kept = useKept(id);
  const sync = useSync();
  const isThere = kept !== null && !(kept instanceof Error);
  const pack = isThere ? kept.pack : null;
  const sets = isThere ? kept.sets : null;
  const context = useMemo((): Context | null => pack && { ...pack.context, todayIso: todayIso() }, [pack]);
  const measured = useMemo(() => (pack && context ? measure(pack.session, context) : null), [pack, context]);
  const steps = useMemo(() => (measured ? floorSteps(measured) : []), [measured]);
  const advice = useMemo(() => measured && sets && fromHere(measured, sets.map(asDone)), [measured, sets]);
  const finish = useCallback(
    async (done: Done): Promise<void> => queue({ is: 'finish', sessionId: id, date: todayIso(), done }),
    [id],
  );
  if (kept instanceof Error) return kept;
  if (!kept || !measured || !advice || !context) return null;
  const { where, put } = kept;
  const change = (edit: Edit): void => {
    kept.repack({ ...kept.pack, session: applyEdit(kept.pack.session, edit) });
    void queue({ is: 'edit', sessionId: id, edit });
  };
  const isDone = new Set(kept.sets.map((s) => `${s.lineId} ${s.setIndex}`));
  const through = (s: FloorStep): boolean =>
    s.is === 'set' ? isDone.has(`${s.line.id} ${s.setIndex}`) : where.ticked.includes(s.id);
  const at = steps.findIndex((s) => !through(s));
  const places = new Map<string, PerformedSet[]>();
  for (const s of kept.sets)
    places.set(`${s.lineId} ${s.setIndex}`, [...(places.get(`${s.lineId} ${s.setIndex}`) ?? []), s]);
  return {
    session: kept.pack.session,
    context,
    measured,
    steps,
    at: at === -1 ? steps.length : at,
    sets: kept.sets,
    advice,
    where,
    sync,
    doubles: [...places.values()].filter((list) => list.length > 1),
    log: (step, figures, said) => {
      const { line, setIndex } = step;
      put({ ...where, startedAt: where.startedAt ?? Date.now(), restFrom: Date.now() });
      void logSet({
        id: newId(`set-${id}`.slice(0, 80)),
        clientId: kept.pack.session.clientId,
        sessionId: id,
        lineId: line.id,
        setIndex,
        movement: line.movement.id,
        rig: line.rig,
        doneOn: todayIso(),
        ...figures,
        tired: Number(Math.min(0.6, line.sets[setIndex]!.loss).toFixed(3)),
        repS: Math.min(60, Math.max(0.5, repSeconds(line.line.tempo))),
        ...said,
      });
    },
    tick: (step) =>
      put({
        ...where,
        startedAt: where.startedAt ?? Date.now(),
        ticked: [...where.ticked, step],
        restFrom: null,
      }),
    undo: (set) => void undoSet(set),
    rested: () => put({ ...where, restFrom: null }),
    change,
    swap: (edit, swapped) => {
      change(edit);
      put({ ...where, swaps: [...where.swaps, swapped] });
    },
    finish: (done) => finish({ ...done, swaps: where.swaps.slice(0, 40) }),
  };
}
