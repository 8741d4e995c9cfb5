import type { Rehearsal } from '@drimbo/core/lifter';
import type { Context } from '@drimbo/core/measure';
import type { Session } from '@drimbo/core/session';
import { proxy, wrap } from 'comlink';
import { useEffect, useState } from 'react';
import type { Rehearsals } from '../workers/rehearsing';

export type RehearsalState =
  | { is: 'running'; done: number }
  | { is: 'done'; of: Rehearsal }
  | { is: 'failed'; why: string };

/** A session run through so many times in a worker of its own, which stops with the screen that asked. */
export function useRehearsal(session: Session, context: Context, runs: number): RehearsalState {
  const [state, setState] = useState<RehearsalState>({ is: 'running', done: 0 });
  useEffect(() => {
    const worker = new Worker(new URL('../workers/rehearsing.ts', import.meta.url), { type: 'module' });
    let over = false;
    const tell = (next: RehearsalState): void => {
      if (!over) setState(next);
    };
    worker.onerror = (e) => tell({ is: 'failed', why: e.message || 'the worker could not start' });
    // What it tells on the way comes by another channel and may arrive after the end.
    let through = false;
    wrap<Rehearsals>(worker)
      .rehearse(
        session,
        context,
        runs,
        proxy((done: number) => {
          if (!through) tell({ is: 'running', done });
        }),
      )
      .then(
        (of) => {
          through = true;
          tell({ is: 'done', of });
        },
        (error: Error) => tell({ is: 'failed', why: error.message }),
      );
    return () => {
      over = true;
      worker.terminate();
    };
  }, [session, context, runs]);
  return state;
}
