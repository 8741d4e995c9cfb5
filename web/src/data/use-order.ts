import type { Context } from '@drimbo/core/measure';
import type { BetterOrder } from '@drimbo/core/ordering';
import type { Session } from '@drimbo/core/session';
import { wrap } from 'comlink';
import { useEffect, useState } from 'react';
import type { Ordering } from '../workers/ordering';

export type OrderState =
  | { is: 'looking' }
  | { is: 'done'; better: BetterOrder | null }
  | { is: 'failed'; why: string };

/** The best order of a session, looked for in a worker of its own that stops with the screen that asked. */
export function useOrder(session: Session, context: Context): OrderState {
  const [found, setFound] = useState<{ of: Session; state: OrderState } | null>(null);
  useEffect(() => {
    const worker = new Worker(new URL('../workers/ordering.ts', import.meta.url), { type: 'module' });
    let over = false;
    const tell = (state: OrderState): void => {
      if (!over) setFound({ of: session, state });
    };
    worker.onerror = (e) => tell({ is: 'failed', why: e.message || 'the worker could not start' });
    wrap<Ordering>(worker)
      .better(session, context)
      .then(
        (better) => tell({ is: 'done', better }),
        (error: Error) => tell({ is: 'failed', why: error.message }),
      );
    return () => {
      over = true;
      worker.terminate();
    };
  }, [session, context]);
  return found?.of === session ? found.state : { is: 'looking' };
}
