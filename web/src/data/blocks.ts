import type { TrainingBlock } from '@drimbo/core/block/document';
import type { BlockBrief } from '@drimbo/core/formats/lists';
import type { Client } from '@drimbo/core/session/client';
import type { Session } from '@drimbo/core/session/document';
import { applyEdit, type Edit } from '@drimbo/core/session/edits';
import type { Logged } from '@drimbo/core/strength/evidence';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api } from './api';
import { createOnce } from './create';
import { listsAnew } from './house';
import { onTop } from './on-top';
import { noteSave, savesDone } from './pending-saves';
import { queryClient, withLiveTabs, type Stored } from './queries';

/** A block with its client, the sessions it names and what was logged. */
export interface BlockFile {
  block: Stored<TrainingBlock>;
  client: Stored<Client>;
  sessions: Stored<Session>[];
  logged: Logged[];
}

export const useBlocks = () =>
  useQuery({ queryKey: ['blocks'], queryFn: () => api.get<BlockBrief[]>('/blocks') });

let openings = 0;

/** A block as it was when this screen was opened, never one remembered from an earlier opening. */
export function useBlockFile(id: string | undefined) {
  const [opening] = useState(() => (openings += 1));
  return useQuery({
    queryKey: ['block', id, opening],
    queryFn: async () => {
      await savesDone(`block ${id}`);
      return withLiveTabs(api.get<BlockFile>(`/blocks/${id}/file`));
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
  const { id } = await createOnce<TrainingBlock>(what, '/blocks', 'block', document);
  await listsAnew();
  return id;
}

/** Edits a session from a block, on top of whatever else was changed meanwhile. Rejects where it cannot be kept. */
export function editSession(id: string, edit: Edit): Promise<Stored<Session>> {
  const path = `/sessions/${id}`;
  const put = async (): Promise<Stored<Session>> => {
    await savesDone(id);
    return onTop(
      () => api.get<Stored<Session>>(path),
      ({ revision, document }) =>
        api.put<Stored<Session>>(path, { revision, document: applyEdit(document, edit) }),
    );
  };
  return noteSave(id, put());
}

/** Keeps a session made of a day, once for each `what`; gives its id. */
export async function keepSession(what: string, document: Session): Promise<string> {
  const { id } = await createOnce<Session>(what, '/sessions', 'session', document);
  await listsAnew();
  return id;
}

export const sessionFrom = (id: string): Promise<Stored<Session>> =>
  api.get<Stored<Session>>(`/sessions/${id}`);

/** Lists of blocks and what they have for today are asked for anew. */
export const blocksAnew = async (): Promise<void> => {
  await Promise.all(
    ['blocks', 'roster', 'client'].map((key) => queryClient.invalidateQueries({ queryKey: [key] })),
  );
};
