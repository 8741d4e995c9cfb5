import { isBusy } from './troubles';

/** How long somebody else's write or reading is waited for, milliseconds. */
const PATIENCE_MS = 10_000;
const TRY_AGAIN_MS = 50;

/** Tries again while the file is locked, standing still in between: for processes that do nothing else. */
export function insisting<T>(work: () => T, patienceMs = PATIENCE_MS): T {
  const until = Date.now() + patienceMs;
  for (;;)
    try {
      return work();
    } catch (error) {
      if (!isBusy(error) || Date.now() > until) throw error;
      Atomics.wait(new Int32Array(new SharedArrayBuffer(4)), 0, 0, TRY_AGAIN_MS);
    }
}
