import type { ClientFile, Stored } from '@drimbo/core/contract';
import type { Kit } from '@drimbo/core/kit';
import { emptySession } from '@drimbo/core/session';
import { createOnce } from '../../data/create';
import { listsAnew } from '../../data/house';

/** Begins an empty session from what is known of a client; gives its id. */
export async function startSession(
  { id, document: client }: Pick<ClientFile, 'id' | 'document'>,
  kits: readonly Stored<Kit>[],
): Promise<string> {
  const document = emptySession({
    title: `Push, ${new Date().toLocaleDateString('en-GB', { day: 'numeric', month: 'long' })}`,
    clientId: id,
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
  const stored = await createOnce(`start ${id}`, 'session', document);
  await listsAnew();
  return stored.id;
}
