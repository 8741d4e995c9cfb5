import type { FloorFile } from '@drimbo/core/formats/lists';
import { applyEdit, type Edit } from '@drimbo/core/session/edits';
import { api, ApiError } from './api';
import { onTop } from './on-top';
import { counted, firstOp, onFloorChange, opDone, type Op } from './floor-store';

/** Whether everything is with the server, how much is not, or what it would not take. */
export interface SyncState {
  waiting: number;
  refused: readonly string[];
  isAway: boolean;
}

const FIRST_WAIT_MS = 1_000;
const LONGEST_WAIT_MS = 60_000;

/** An edit on top of whatever else was changed meanwhile. */
const edited = (sessionId: string, edit: Edit): Promise<void> =>
  onTop(
    () => api.get<FloorFile>(`/floor/${sessionId}`),
    ({ session: { revision, document } }) => {
      const { blocks, minutes, warmup } = applyEdit(document, edit);
      return api.put<void>(`/floor/${sessionId}`, { revision, blocks, minutes, warmup });
    },
  );

async function send(op: Op): Promise<void> {
  if (op.is === 'log') await api.post(`/floor/${op.set.sessionId}/sets`, { sets: [op.set] });
  if (op.is === 'undo')
    await api.remove(`/floor/${op.sessionId}/sets/${op.id}`).catch((error: unknown) => {
      // Gone already is as good.
      if (!(error instanceof ApiError) || error.status !== 404) throw error;
    });
  if (op.is === 'edit') await edited(op.sessionId, op.edit);
  if (op.is === 'finish') await api.post(`/floor/${op.sessionId}/finish`, { date: op.date, done: op.done });
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
  let last: SyncState = { waiting: 0, refused: [], isAway };
  const say = async (): Promise<void> => {
    const { waiting, refused } = await counted();
    last = { waiting, refused, isAway };
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
    // Nothing is called sent before it has been looked at.
    tell({ ...last, waiting: Math.max(1, last.waiting) });
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
