import type { Client } from '@drimbo/core/session/client';
import { api, ApiError } from './api';
import { queryClient, type ClientFile, type Stored } from './queries';

const put = (stored: Pick<Stored<Client>, 'id' | 'revision'>, document: Client) =>
  api.put<Stored<Client>>(`/clients/${stored.id}`, { revision: stored.revision, document });

/** Keeps cues of a movement for one client, on top of whatever else was changed meanwhile; null takes them back. */
export async function saveClientCues(
  clientId: string,
  entryId: string,
  cues: string[] | null,
): Promise<void> {
  const withCues = (client: Client): Client => {
    const { [entryId]: _before, ...others } = client.cues ?? {};
    return { ...client, cues: cues ? { ...others, [entryId]: cues } : others };
  };
  let current = await api.get<Stored<Client>>(`/clients/${clientId}`);
  for (let turn = 0; ; turn++) {
    try {
      current = await put(current, withCues(current.document));
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
