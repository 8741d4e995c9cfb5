import type { Client } from '@drimbo/core/session/client';
import { useCallback } from 'react';
import { queryClient, type ClientFile, type Stored } from '../data/queries';
import { useSavedDocument, type SavedDocument } from './use-saved-document';

/** A client's facts, saved shortly after they change. */
export function useSavedClient(file: ClientFile): SavedDocument<Client> {
  const kept = useCallback(
    (stored: Stored<Client>) => {
      void queryClient.invalidateQueries({ queryKey: ['roster'] });
      queryClient.setQueryData<ClientFile>(
        ['client', file.id],
        (old) => old && { ...old, revision: stored.revision, document: stored.document },
      );
    },
    [file.id],
  );
  return useSavedDocument('client', file, kept);
}
