import type { ClientFile, Stored } from '@drimbo/core/contract';
import { clientKind } from '@drimbo/core/documents';
import type { Client } from '@drimbo/core/session';
import { useCallback } from 'react';
import { queryClient } from '../data/queries';
import { useDocument, type OpenDocument } from './use-document';

/** A client's facts, saved shortly after they change. */
export function useOpenClient(file: ClientFile): OpenDocument<Client> {
  const taken = useCallback(
    (stored: Stored<Client>) => {
      void queryClient.invalidateQueries({ queryKey: ['roster'] });
      queryClient.setQueryData<ClientFile>(
        ['client', file.id],
        (old) => old && { ...old, revision: stored.revision, document: stored.document },
      );
    },
    [file.id],
  );
  return useDocument(clientKind, file, taken);
}
