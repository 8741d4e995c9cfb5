import type { ClientFile, Stored } from '@drimbo/core/contract';
import type { Kit } from '@drimbo/core/kit';
import { type Client, emptySession, type Session } from '@drimbo/core/session';
import { createOnce } from '../../data/create';
import { listsAnew } from '../../data/house';

/** "Push, 2 December". */
export const titleOfToday = (): string =>
  `Push, ${new Date().toLocaleDateString('en-GB', { day: 'numeric', month: 'long' })}`;

/** An empty session from what is known of a client. */
export const emptyFor = (
  clientId: string,
  client: Client,
  kits: readonly Stored<Kit>[],
  title = titleOfToday(),
): Session =>
  emptySession({
    title,
    clientId,
    kitId: client.kitId,
    spotter: kits.find((k) => k.id === client.kitId)?.document.spotter ?? false,
    minutes: client.minutes,
    emphasis: client.lagging.find((r) => r.startsWith('pec'))
      ? 'chest'
      : client.lagging.includes('deltSide')
        ? 'deltSide'
        : 'chest',
    school: client.trainingAge === 'under 1 year' ? 'foundations' : 'evidence',
  });

/** Begins a session from what is known of a client, empty or with what `fill` puts into it; gives its id. */
export async function startSession(
  { id, document: client }: Pick<ClientFile, 'id' | 'document'>,
  kits: readonly Stored<Kit>[],
  fill: (empty: Session) => Session = (empty) => empty,
): Promise<string> {
  const stored = await createOnce(`start ${id}`, 'session', fill(emptyFor(id, client, kits)));
  await listsAnew();
  return stored.id;
}
