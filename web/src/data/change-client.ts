import type { Client } from '@drimbo/core/session';
import type { ClientFile } from '@drimbo/core/contract';
import { changeDocument } from './documents';
import { queryClient } from './queries';

/** Changes a client from another page, on top of whatever else was changed meanwhile. Rejects where it cannot be kept. */
export async function changeClient(clientId: string, change: (client: Client) => Client): Promise<void> {
  const kept = await changeDocument('client', clientId, change);
  queryClient.setQueryData<ClientFile>(
    ['client', clientId],
    (old) => old && { ...old, revision: kept.revision, document: kept.document },
  );
}

/** Keeps cues of a movement for one client; null takes them back. */
export const saveClientCues = (clientId: string, entryId: string, cues: string[] | null): Promise<void> =>
  changeClient(clientId, (client) => {
    const { [entryId]: _before, ...others } = client.cues ?? {};
    return { ...client, cues: cues ? { ...others, [entryId]: cues } : others };
  });
