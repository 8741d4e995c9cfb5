import { Problem } from '../problems/problem';

/** A write that meets another one is done again on top of it, so often. */
const TRIES = 4;

/** Does a write that reads before it writes; where another came between, again. Throws what the last try throws. */
export async function onTop<T>(write: () => Promise<T>): Promise<T> {
  for (let turn = 1; ; turn += 1)
    try {
      return await write();
    } catch (error) {
      if (!(error instanceof Problem) || error.code !== 'stale' || turn >= TRIES) throw error;
    }
}
