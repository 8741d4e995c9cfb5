import type { Client } from '@drimbo/core/session/client';
import { api, ApiError } from './api';
import { queryClient, type ClientFile, type Stored } from './queries';

const put = (stored: Pick<Stored<Client>, 'id' | 'revision'>, document: Client) =>
  api.put<Stored<Client>>(`/clients/${stored.id}`, { revision: stored.revision, document });

/** Changes a client from another page, on top of whatever else was changed meanwhile. Rejects where it cannot be kept. */
export async function changeClient(clientId: string, change: (client: Client) => Client): Promise<void> {
  let current = await api.get<Stored<Client>>(`/clients/${clientId}`);
  for (let turn = 0; ; turn++) {
    try {
      current = await put(current, change(current.document));
      break;
    } catch (error) {
      if (!(error instanceof ApiError) || error.status !== 409 || turn >= 3) throw error;
      current = error.current as Stored<Client>;
    }
  }
  queryClient.setQueryData<ClientFile>(
    ['client', clientId],
    (old) => old && { ...old, revision: current.revision, document: current.document },
  );
}

/** Keeps cues of a movement for one client; null takes them back. */
export const saveClientCues = (clientId: string, entryId: string, cues: string[] | null): Promise<void> =>
  changeClient(clientId, (client) => {
    const { [entryId]: _before, ...others } = client.cues ?? {};
    return { ...client, cues: cues ? { ...others, [entryId]: cues } : others };
  });
