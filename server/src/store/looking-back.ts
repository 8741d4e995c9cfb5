import { needsFromLog } from '@drimbo/core/log';
import type { Need } from '@drimbo/core/session';
import type { Store } from './store';

/** So many clients are remembered. */
const MOST = 2000;

/** What the logs of clients ask of the coach, worked out once for each state of a log. */
export function lookingBack(store: Store, today: () => string): (clientId: string) => Promise<Need[]> {
  const known = new Map<string, { of: string; needs: Need[] }>();
  return async (clientId) => {
    const client = await store.clients.get(clientId);
    const kit = await store.kits.find(client.document.kitId);
    const clock = await store.db
      .selectFrom('log_clocks')
      .select('at')
      .where('client_id', '=', clientId)
      .executeTakeFirst();
    const { house } = await store.sets.clock('');
    const of = `${house} ${client.revision} ${client.document.kitId} ${kit?.revision} ${clock?.at} ${today()}`;
    const found = known.get(clientId);
    if (found?.of === of) return found.needs;
    const needs =
      kit && clock
        ? needsFromLog({
            client: client.document,
            kit: kit.document,
            logged: await store.logged(clientId),
            todayIso: today(),
          })
        : [];
    if (known.size >= MOST) known.clear();
    known.set(clientId, { of, needs });
    return needs;
  };
}
