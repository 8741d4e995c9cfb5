import { ways, type Stored } from '@drimbo/core/contract';
import type { TrainingBlock } from '@drimbo/core/block';
import type { Session } from '@drimbo/core/session';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { ask } from './api';
import { createOnce } from './create';
import { addressOfDocument, documentOf } from './documents';
import { listsAnew } from './house';
import { savesDone } from './pending-saves';
import { queryClient, withLiveTabs } from './queries';

export const useBlocks = () => useQuery({ queryKey: ['blocks'], queryFn: () => ask(ways.blocksListed()) });

let openings = 0;

/** A block as it was when this screen was opened, never one remembered from an earlier opening. */
export function useBlockFile(id: string | undefined) {
  const [opening] = useState(() => (openings += 1));
  return useQuery({
    queryKey: ['block', id, opening],
    queryFn: async () => {
      await savesDone(addressOfDocument('block', id!));
      return withLiveTabs(ask(ways.blockFile({ id: id! })));
    },
    enabled: id !== undefined,
    gcTime: 0,
    staleTime: Infinity,
    refetchOnWindowFocus: false,
    refetchOnReconnect: false,
  });
}

/** Keeps a new block; gives its id. Rejects where it cannot be kept. */
export async function keepBlock(document: TrainingBlock): Promise<string> {
  const what = `block ${document.clientId} ${document.startsOn}`;
  const { id } = await createOnce(what, 'block', document);
  await listsAnew();
  return id;
}

/** Keeps a session made of a day, once for each `what`; gives its id. */
export async function keepSession(what: string, document: Session): Promise<string> {
  const { id } = await createOnce(what, 'session', document);
  await listsAnew();
  return id;
}

export const sessionFrom = (id: string): Promise<Stored<Session>> => documentOf('session', id);

/** Lists of blocks and what they have for today are asked for anew. */
export const blocksAnew = async (): Promise<void> => {
  await Promise.all(
    ['blocks', 'roster', 'client'].map((key) => queryClient.invalidateQueries({ queryKey: [key] })),
  );
};
