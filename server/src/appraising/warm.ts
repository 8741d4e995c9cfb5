import { sessionsPage, sessionsAsked } from '../lists';
import type { Store } from '../store';
import { jobFor } from '../routes/appraise';
import type { Appraising } from './pool';

/** How often each thread goes over it: the engine makes fast what it has seen a few times. */
const TURNS = 10;

/**
 * Lets the threads appraise the session that was changed last, a little different each time, so that the first one
 * somebody asks for does not wait for code that has never run. Does nothing in an empty house.
 */
export async function warmUp(
  store: Store,
  appraising: Appraising,
  threads: number,
  today: string,
): Promise<void> {
  const { rows } = await sessionsPage(store.db, sessionsAsked.parse({ size: 1, sort: 'changed' }));
  const found = rows[0] && (await store.sessions.find(rows[0].id).catch(() => null));
  if (!found) return;
  for (let turn = 0; turn < TURNS; turn++) {
    const blocks = found.document.blocks.map((block) => ({
      ...block,
      lines: block.lines.map((line) => ({ ...line, restS: Math.min(600, line.restS + turn) })),
    }));
    const job = await jobFor(store, { session: { ...found.document, blocks } }, today);
    await Promise.all(Array.from({ length: threads }, () => appraising(job)));
  }
}
