import { ways } from '@drimbo/core/contract';
import { ApiError, ask } from './api';
import { counted, firstOp, isStoring, onFloorChange, opDone, setsAnswered, takeIn } from './floor-store';
import type { Op } from './floor-database';

/** Whether everything is with the server, how much is not, or what it would not take. */
export interface SyncState {
  /** Nobody has looked yet. */
  isUnknown: boolean;
  /** Stored here and not answered, what is just being stored included. */
  waiting: number;
  refused: readonly string[];
  isAway: boolean;
}

const FIRST_WAIT_MS = 1_000;
const LONGEST_WAIT_MS = 60_000;

async function send(op: Op): Promise<void> {
  const { sessionId: id } = op;
  if (op.is === 'sets') {
    const { sets, removes } = op;
    // Its ids say enough to be sent again.
    const answer = await ask(ways.writeFloorSets({ id, body: { sets, removes } }));
    await setsAnswered(op, answer.at);
    return;
  }
  const session =
    op.is === 'change'
      ? await ask(ways.changeOnFloor({ id, body: { change: op.change } }))
      : await ask(ways.finishOnFloor({ id, body: { date: op.date, done: op.done } }));
  await takeIn(id, null, session);
}

/** True for an answer that will be the same however often it is asked for; who has to sign in anew is not refused. */
const isFinal = (error: unknown): boolean =>
  error instanceof ApiError &&
  error.status >= 400 &&
  error.status < 500 &&
  error.status !== 401 &&
  error.status !== 408 &&
  error.status !== 429;

/** One page at a time where the browser can see to it: over plain HTTP it cannot, and a set sent twice does no harm. */
const byOnePage = (work: () => Promise<void>): Promise<void> =>
  'locks' in navigator ? navigator.locks.request('drimbo-floor', work) : work();

/**
 * Sends what waits, one after the other in its order, and tries again with growing pauses while the server is away.
 * One page at a time does it. Gives the way to stop.
 */
export function keepSending(tell: (state: SyncState) => void): () => void {
  let over = false;
  let timer: ReturnType<typeof setTimeout> | undefined;
  let wait = FIRST_WAIT_MS;
  let isAway = false;
  let isBusy = false;
  let last: SyncState = { isUnknown: true, waiting: 0, refused: [], isAway };
  const say = async (): Promise<void> => {
    const { waiting, refused } = await counted();
    last = { isUnknown: false, waiting, refused, isAway };
    if (!over) tell(last);
  };
  const all = async (): Promise<void> => {
    for (let next = await firstOp(); next && !over; next = await firstOp()) {
      try {
        await send(next.op);
        await opDone(next.key, null);
        wait = FIRST_WAIT_MS;
        isAway = false;
      } catch (error) {
        if (!isFinal(error)) throw error;
        await opDone(next.key, { op: next.op, why: (error as Error).message });
      }
    }
  };
  const run = async (): Promise<void> => {
    clearTimeout(timer);
    if (isBusy || over) return;
    isBusy = true;
    try {
      await byOnePage(all);
    } catch {
      isAway = true;
      timer = setTimeout(() => void run(), wait);
      wait = Math.min(LONGEST_WAIT_MS, wait * 2);
    } finally {
      isBusy = false;
      await say();
      // Something may have come while the last was on its way.
      if (!isAway && (await firstOp())) void run();
    }
  };
  const soon = (): void => {
    wait = FIRST_WAIT_MS;
    void run();
  };
  const stop = onFloorChange(() => {
    // Nothing is called sent while it is on its way into the store.
    if (isStoring()) tell({ ...last, waiting: Math.max(1, last.waiting) });
    void say();
    if (!isAway) void run();
  });
  window.addEventListener('online', soon);
  document.addEventListener('visibilitychange', soon);
  soon();
  return () => {
    over = true;
    clearTimeout(timer);
    stop();
    window.removeEventListener('online', soon);
    document.removeEventListener('visibilitychange', soon);
  };
}
