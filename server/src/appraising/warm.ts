import { sampleClient, sampleKit, soundPush } from '@drimbo/core/examples';
import type { Kit } from '@drimbo/core/kit';
import type { Client, Session } from '@drimbo/core/session';
import { sessionsPage, sessionsAsked } from '../queries/lists';
import type { Store } from '../store/store';
import { jobFor } from './job';
import type { Appraising } from './pool';

/** How often each thread goes over it: the engine makes fast what it has seen a few times. */
const TURNS = 10;

/** A session to warm up with: the one that was changed last, or in an empty house one of ours. */
async function something(store: Store): Promise<{ session: Session; client?: Client; kit?: Kit }> {
  const { rows } = await sessionsPage(store.db, sessionsAsked.parse({ size: 1, sort: 'changed' }));
  const found = rows[0] && (await store.sessions.find(rows[0].id).catch(() => null));
  return found ? { session: found.document } : { session: soundPush, client: sampleClient, kit: sampleKit };
}

/**
 * Lets the threads appraise a session, a little different each time, so that the first one somebody asks for does not
 * wait for code that has never run.
 */
export async function warmUp(
  store: Store,
  appraising: Appraising,
  threads: number,
  today: string,
): Promise<void> {
  const { session, ...inline } = await something(store);
  for (let turn = 0; turn < TURNS; turn++) {
    const blocks = session.blocks.map((block) => ({
      ...block,
      lines: block.lines.map((line) => ({ ...line, restS: Math.min(600, line.restS + turn) })),
    }));
    const job = await jobFor(store, { ...inline, session: { ...session, blocks } }, today);
    await Promise.all(Array.from({ length: threads }, () => appraising(job)));
  }
}
