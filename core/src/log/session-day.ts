/** A warm-up is followed by sets within so long, ms; a beginning further back was another try. Own estimate. */
const BEGUN_MS = 6 * 3600_000;
/** A pause longer than this is none of training, ms. Own estimate. */
const PAUSE_MS = 20 * 60_000;
/** A rest that ran over by more than this is over, ms: nobody watches its clock. Own estimate. */
const FORGOTTEN_MS = 15 * 60_000;

/** When something was begun, by the clock of the device: a moment, and the day it was there then. */
export interface Begun {
  atMs: number;
  on: string;
}

/**
 * The day a session belongs to: that of its first set, else the day it was begun on a little while ago, else today. After
 * midnight, on another day and in another time zone its parts stay one.
 */
export function sessionDay(
  sets: readonly { doneOn: string }[],
  begun: Begun | null,
  nowMs: number,
  today: string,
): string {
  const first = sets.reduce<string | null>((a, s) => (a === null || s.doneOn < a ? s.doneOn : a), null);
  if (first !== null) return first;
  return begun !== null && nowMs - begun.atMs < BEGUN_MS ? begun.on : today;
}

/**
 * Minutes that were trained: from one thing done to the next, and what the first took (s); long pauses are left out.
 * `times`: when each thing was done, ms.
 */
export function minutesTrained(times: readonly number[], firstS: number): number {
  const sorted = [...times].sort((a, b) => a - b);
  const ms = sorted.reduce((sum, t, i) => {
    const gap = i === 0 ? 0 : t - sorted[i - 1]!;
    return sum + (gap <= PAUSE_MS ? gap : 0);
  }, 0);
  return sorted.length === 0 ? 0 : (ms / 1000 + firstS) / 60;
}

/** Whether the clock of a rest that began then is still of use: not a day after. */
export const isResting = (fromMs: number | null, restS: number, nowMs: number): boolean =>
  fromMs !== null && restS > 0 && nowMs >= fromMs && nowMs - fromMs < restS * 1000 + FORGOTTEN_MS;
