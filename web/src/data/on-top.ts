import { isRefused } from './api';

/** Somebody else's change may come between so often. */
const TRIES = 4;

/**
 * Changes what the server holds on top of whatever else was changed meanwhile: what is there is read, changed and
 * written, and all of it done again when another version came between. Rejects where it cannot be kept.
 *
 * @example onTop(() => documentOf('kit', id), ({ revision, document }) => putDocument('kit', id, revision, changed(document)))
 */
export async function onTop<T, R>(read: () => Promise<T>, write: (current: T) => Promise<R>): Promise<R> {
  for (let turn = 1; ; turn += 1) {
    const current = await read();
    try {
      return await write(current);
    } catch (error) {
      if (!isRefused(error, 'stale') || turn >= TRIES) throw error;
    }
  }
}
