import { clientSchema, type Client } from '@drimbo/core/session/client';
import { useCallback, useEffect, useRef, useState } from 'react';
import { api, ApiError } from '../data/api';
import { queryClient, type ClientFile, type Stored } from '../data/queries';

export interface SavedClient {
  client: Client;
  change: (patch: Partial<Client>) => void;
  says: string;
  /** The client was changed somewhere else; `keepMine` writes this version over it. */
  stale: boolean;
  keepMine: () => void;
}

/** A client's facts, saved shortly after they change. What the schema refuses is shown and not saved. */
export function useSavedClient(file: ClientFile): SavedClient {
  const [client, setClient] = useState(file.document);
  const [says, setSays] = useState('Saved');
  const [newer, setNewer] = useState<number | null>(null);
  const revision = useRef(file.revision);
  const pending = useRef<Client | null>(null);
  const timer = useRef<ReturnType<typeof setTimeout> | undefined>(undefined);

  const again = useRef<() => void>(() => undefined);

  const write = useCallback(async (): Promise<void> => {
    const document = pending.current;
    if (!document) return;
    const checked = clientSchema.safeParse(document);
    if (!checked.success) {
      setSays(`Not saved: ${checked.error.issues[0]!.path.join(' ')} ${checked.error.issues[0]!.message}`);
      return;
    }
    pending.current = null;
    try {
      const stored = await api.put<Stored<Client>>(`/clients/${file.id}`, {
        revision: revision.current,
        document,
      });
      revision.current = stored.revision;
      setSays('Saved');
      void queryClient.invalidateQueries({ queryKey: ['roster'] });
      queryClient.setQueryData<ClientFile>(
        ['client', file.id],
        (old) => old && { ...old, revision: stored.revision, document: stored.document },
      );
    } catch (error) {
      pending.current ??= document;
      if (error instanceof ApiError && error.status === 409) {
        setNewer((error.current as Stored<Client>).revision);
        setSays('Not saved: changed somewhere else since you opened it.');
      } else if (error instanceof ApiError) setSays(`Not saved: ${error.message}`);
      else {
        setSays('Not saved yet: the server does not answer. Trying again.');
        timer.current = setTimeout(() => again.current(), 2000);
      }
    }
  }, [file.id]);
  useEffect(() => {
    again.current = () => void write();
  }, [write]);

  const change = useCallback(
    (patch: Partial<Client>) => {
      setClient((now) => {
        const next = { ...now, ...patch };
        pending.current = next;
        return next;
      });
      setSays('Saving…');
      clearTimeout(timer.current);
      timer.current = setTimeout(() => void write(), 400);
    },
    [write],
  );
  useEffect(
    () => () => {
      clearTimeout(timer.current);
      void write();
    },
    [write],
  );
  return {
    client,
    change,
    says,
    stale: newer !== null,
    keepMine: () => {
      if (newer === null) return;
      revision.current = newer;
      setNewer(null);
      change({});
    },
  };
}
