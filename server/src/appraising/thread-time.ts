import { readFileSync, readlinkSync } from 'node:fs';

/** By which the system knows the thread that asks; null where it does not tell. */
export function ownThread(): number | null {
  try {
    return Number(/task\/(\d+)$/.exec(readlinkSync('/proc/thread-self'))?.[1] ?? NaN) || null;
  } catch {
    return null;
  }
}

/** Clock ticks a second in what the system tells (man 5 proc: sysconf(_SC_CLK_TCK), 100 wherever Node runs). */
const TICKS = 100;

/**
 * How long a thread of this process has worked, milliseconds: time on a processor, not on the wall. Null where the
 * system does not tell.
 */
export function workedMs(thread: number | null): number | null {
  if (thread === null) return null;
  try {
    const text = readFileSync(`/proc/self/task/${thread}/stat`, 'utf8');
    // After the name, which may hold spaces: state, and from there user and system time as the 12th and 13th.
    const fields = text.slice(text.lastIndexOf(')') + 2).split(' ');
    return ((Number(fields[11]) + Number(fields[12])) * 1000) / TICKS;
  } catch {
    return null;
  }
}
