import type { Body, PressingRegion } from '@drimbo/core/anatomy';
import type { Notebook } from '@drimbo/core/movements';
import { proxy, wrap } from 'comlink';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { Measured, Sweep } from '../workers/sweep';

export type SweepState =
  | { is: 'idle' }
  | { is: 'running'; done: number }
  | { is: 'done'; region: PressingRegion; found: ReadonlyMap<string, Measured> }
  | { is: 'failed'; why: string };

/** The sweep of the whole catalogue over a bench, in a worker of its own that can be stopped. */
export function useSweep() {
  const [state, setState] = useState<SweepState>({ is: 'idle' });
  const worker = useRef<Worker | null>(null);
  const stop = useCallback(() => {
    worker.current?.terminate();
    worker.current = null;
    setState({ is: 'idle' });
  }, []);
  useEffect(() => () => worker.current?.terminate(), []);

  const start = useCallback(
    async (notebook: Notebook, notches: number[], body: Body, region: PressingRegion) => {
      worker.current?.terminate();
      const mine = new Worker(new URL('../workers/sweep.ts', import.meta.url), { type: 'module' });
      worker.current = mine;
      setState({ is: 'running', done: 0 });
      const failed = new Promise<never>((_, refuse) => {
        mine.onerror = (e) => refuse(new Error(e.message || 'the worker could not start'));
      });
      // What it tells on the way comes by another channel and may arrive after the end.
      let over = false;
      try {
        const found = await Promise.race([
          wrap<Sweep>(mine).measure(
            notebook,
            notches,
            body,
            region,
            proxy((done: number) => {
              if (!over && worker.current === mine) setState({ is: 'running', done });
            }),
          ),
          failed,
        ]);
        over = true;
        if (worker.current === mine)
          setState({ is: 'done', region, found: new Map(found.map((m) => [m.entryId, m])) });
      } catch (error) {
        over = true;
        if (worker.current === mine) setState({ is: 'failed', why: (error as Error).message });
      } finally {
        mine.terminate();
      }
    },
    [],
  );
  return { state, start, stop };
}
