import type { Deleted } from '@drimbo/core/formats';
import { useQuery } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { documentWays, ways } from '@drimbo/core/contract';
import { ask } from './api';
import { queryClient } from './queries';

export const useHouse = () => useQuery({ queryKey: ['house'], queryFn: () => ask(ways.house()) });

/** What long work the server does at this moment, how far it is (0–1), and how many wait for it. */
export const useUnderway = () =>
  useQuery({
    queryKey: ['underway'],
    queryFn: () => ask(ways.underway()),
    refetchInterval: 500,
  });

export const useDeleted = () => useQuery({ queryKey: ['deleted'], queryFn: () => ask(ways.deleted()) });

export const lookThrough = () => ask(ways.lookThrough({ body: {} }));

/** Everything may have changed: what was fetched before is asked for anew. */
export const allAnew = (): Promise<void> => queryClient.invalidateQueries();

/** The same for all but what was just deleted: its page is about to be left. */
export const othersAnew = (deletedId: string): Promise<void> =>
  queryClient.invalidateQueries({ predicate: ({ queryKey }) => !queryKey.includes(deletedId) });

/** What tells of sessions and clients is asked for anew; documents that are open stay. */
export const listsAnew = async (): Promise<void> => {
  await Promise.all(
    ['sessions', 'roster', 'client', 'blocks', 'deleted'].map((key) =>
      queryClient.invalidateQueries({ queryKey: [key] }),
    ),
  );
};

/** Brings back what was deleted. Throws with the reason where it stays deleted. */
export async function bringBack({ kind, id, name }: Pick<Deleted, 'kind' | 'id' | 'name'>): Promise<void> {
  try {
    await ask(documentWays(kind).bringBack({ id, body: {} }));
    await allAnew();
  } catch (error) {
    throw new Error(`“${name}” stays deleted: ${(error as Error).message}`, { cause: error });
  }
}

export interface Work<T> {
  /** What is being done now; null where nothing is. */
  busy: string | null;
  wrong: string | null;
  found: T | null;
  /** Starts a piece of work under its name; what it gives is kept, what it throws is told. */
  start: (says: string, work: (stop: AbortSignal) => Promise<T | null>) => void;
  stop: () => void;
  /** Forgets what was found and what went wrong. */
  clear: () => void;
}

/** One piece of long work at a time, which can be stopped. */
export function useWork<T>(): Work<T> {
  const [busy, setBusy] = useState<string | null>(null);
  const [wrong, setWrong] = useState<string | null>(null);
  const [found, setFound] = useState<T | null>(null);
  const running = useRef<AbortController | null>(null);
  const start: Work<T>['start'] = (says, work) => {
    const mine = new AbortController();
    running.current = mine;
    setBusy(says);
    setWrong(null);
    setFound(null);
    work(mine.signal)
      .then(setFound, (error: Error) => {
        if (error.name !== 'AbortError') setWrong(error.message);
      })
      .finally(() => {
        if (running.current === mine) setBusy(null);
      });
  };
  return {
    busy,
    wrong,
    found,
    start,
    stop: () => running.current?.abort(),
    clear: () => {
      setFound(null);
      setWrong(null);
    },
  };
}
