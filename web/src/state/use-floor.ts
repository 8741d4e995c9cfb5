import type { Context } from '@drimbo/core';
import {
  asDone,
  corrected,
  type Figures,
  floorState,
  type FloorState,
  type FloorStep,
  fromHere,
  type FromHere,
  performed,
  type PerformedSet,
  toComeNext,
  type Said,
  sessionDay,
} from '@drimbo/core/log';
import { measure, type Measured, type MeasuredLine } from '@drimbo/core/measure';
import {
  asRun,
  type Done,
  type Edit,
  type FloorChange,
  floorEditsOf,
  type Session,
  swapsOf,
} from '@drimbo/core/session';
import { useMemo } from 'react';
import type { Whereabouts } from '../data/floor-database';
import { writeChange, writeFinish, writeSets } from '../data/floor-store';
import type { SyncState } from '../data/floor-sync';
import { newId } from '../data/ids';
import { todayIso } from '../data/queries';
import { useKeptFloor, useSync } from './use-kept-floor';
import { useNow } from './use-now';

export type SetStep = Extract<FloorStep, { is: 'set' }>;
export type Swapped = NonNullable<Extract<FloorChange, { is: 'edits' }>['swap']>;

/** How one set, or each side of it, went. */
export interface Told {
  figures: Figures;
  said: Said;
}

export interface Floor extends FloorState {
  /** The plan with what was changed on the floor. */
  session: Session;
  context: Context;
  measured: Measured;
  sets: readonly PerformedSet[];
  advice: FromHere;
  where: Whereabouts;
  sync: SyncState;
  /** Sets of the session that the server has and cannot read. */
  torn: number;
  /** The last set another device logged since this page was opened. */
  fromElsewhere: PerformedSet | null;
  /** The day the session belongs to. */
  day: string;
  /** Each of these rejects where this device cannot keep it; then nothing was changed. */
  log: (step: SetStep, told: readonly Told[]) => Promise<void>;
  correct: (set: PerformedSet, m: MeasuredLine, told: Told) => Promise<void>;
  takeBack: (sets: readonly PerformedSet[]) => Promise<void>;
  leaveOut: (line: string, sets: number[] | null, why: string) => Promise<void>;
  /** Puts a movement where the one that is next stands. */
  doNext: (line: string) => Promise<void>;
  change: (edit: Edit, why: string, swap?: Swapped) => Promise<void>;
  finish: (done: Omit<Done, 'swaps'>) => Promise<void>;
  tick: (id: string) => void;
  rested: () => void;
}

/** A session being run: everything on this device first, sent when somebody answers. */
export function useFloor(id: string): Floor | Error | null {
  const kept = useKeptFloor(id);
  const sync = useSync();
  const now = useNow();
  const isThere = kept !== null && !(kept instanceof Error);
  const pack = isThere ? kept.pack : null;
  const sets = isThere ? kept.sets : null;
  const where = isThere ? kept.where : null;
  const day = sets && sessionDay(sets, where!.begun, now, todayIso());
  const context = useMemo(
    (): Context | null => (pack && day !== null ? { ...pack.context, todayIso: day } : null),
    [pack, day],
  );
  const measured = useMemo(
    () => (pack && context ? measure(asRun(pack.session), context) : null),
    [pack, context],
  );
  const advice = useMemo(() => measured && sets && fromHere(measured, sets.map(asDone)), [measured, sets]);
  const state = useMemo(
    () => measured && pack && sets && floorState(measured, pack.session, sets, where!.ticked),
    [measured, pack, sets, where],
  );
  if (kept instanceof Error) return kept;
  if (!kept || !measured || !advice || !context || !state || day === null) return null;
  const { put } = kept;
  const { session } = kept.pack;
  /** Where somebody is once something was done, now. */
  const moved = (): Whereabouts => ({
    ...kept.where,
    begun: kept.where.begun ?? { atMs: Date.now(), on: todayIso() },
    times: [...kept.where.times, Date.now()].slice(-500),
  });
  const of = { clientId: session.clientId, sessionId: id };
  const change = (made: FloorChange): Promise<void> => writeChange(id, made);
  return {
    ...state,
    session: asRun(session),
    context,
    measured,
    sets: kept.sets,
    advice,
    where: kept.where,
    sync,
    torn: kept.pack.torn ?? 0,
    fromElsewhere: kept.fromElsewhere,
    day,
    log: async ({ line, setIndex }, told) => {
      const done = told.map(({ figures, said }) => ({
        ...performed(line, setIndex, figures, said),
        ...of,
        id: newId('set'),
        doneOn: day,
      }));
      await writeSets(id, done, []);
      put({ ...moved(), restFrom: Date.now() });
    },
    correct: async (set, m, told) => {
      await writeSets(id, [corrected(set, m, told, newId('set'))], [set.id]);
    },
    takeBack: (gone) =>
      writeSets(
        id,
        [],
        gone.map((s) => s.id),
      ),
    leaveOut: (line, out, why) => change({ is: 'left out', id: newId('change'), line, sets: out, why }),
    doNext: async (line) => {
      const edit = toComeNext(state, asRun(session), kept.sets, line);
      await change({
        is: 'edits',
        id: newId('change'),
        edits: [edit],
        swap: null,
        why: 'another order',
      });
    },
    change: async (edit, why, swap) => {
      const edits = floorEditsOf(edit);
      if (edits.length > 0)
        await change({ is: 'edits', id: newId('change'), edits, swap: swap ?? null, why });
    },
    finish: (done) => writeFinish(id, day, { ...done, swaps: swapsOf(session) }),
    tick: (step) => put({ ...moved(), ticked: [...kept.where.ticked, step], restFrom: null }),
    rested: () => put({ ...kept.where, restFrom: null }),
  };
}
