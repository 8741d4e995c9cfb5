import { documentWays, ways, type Asked, type Stored } from '@drimbo/core/contract';
import type { Page } from '@drimbo/core/formats';
import type { School, SchoolDocument } from '@drimbo/core/schools';
import type { Session } from '@drimbo/core/session';
import { keepPreviousData, QueryClient, useInfiniteQuery, useQuery } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { ApiError, ask } from './api';
import { addressOfDocument, documentOf } from './documents';
import { askLiveTabs } from './live-tabs';
import { savesDone } from './pending-saves';

export const queryClient = new QueryClient({
  defaultOptions: {
    queries: {
      // An answer is an answer: only what the server could not say is asked for once more.
      retry: (failures, error) => failures < 1 && !(error instanceof ApiError && error.status < 500),
      staleTime: 2_000,
      refetchOnWindowFocus: true,
    },
  },
});

/** A list asked for a page at a time, with what is looked for in it. */
function usePages<T>(queryKey: readonly unknown[], asked: (page: number) => Asked<Page<T>>) {
  const pages = useInfiniteQuery({
    queryKey,
    queryFn: ({ pageParam }) => ask(asked(pageParam)),
    initialPageParam: 0,
    getNextPageParam: (last) => ((last.page + 1) * last.size < last.total ? last.page + 1 : undefined),
    placeholderData: keepPreviousData,
  });
  const rows = useMemo(() => pages.data?.pages.flatMap((page) => page.rows) ?? [], [pages.data]);
  return { ...pages, rows, total: pages.data?.pages[0]?.total ?? null };
}

export const useClients = (search = '', sort = 'name') =>
  usePages(['roster', 'list', search, sort], (page) => ways.clientsListed({ query: { page, sort, search } }));

/** What a client's log asks of the coach: worked out a row at a time, when one is seen. */
export const useNeedsFromLog = (id: string) =>
  useQuery({
    queryKey: ['needs from log', id],
    queryFn: () => ask(ways.needsFromLog({ id })),
    // The server works it out once for each state of a log: asking again costs a look.
    staleTime: 5_000,
  });

export const useSessions = (search = '', sort = 'state', status: Session['status'] | null = null) =>
  usePages(['sessions', 'list', search, sort, status], (page) =>
    ways.sessionsListed({ query: { page, sort, search, status } }),
  );

/** Every client by name, for a choice. */
export const useClientNames = () =>
  useQuery({
    queryKey: ['roster', 'names'],
    queryFn: () => ask(ways.clientNames()),
  });

/** Clients and sessions that go by a text. */
export const useFound = (text: string) =>
  useQuery({
    queryKey: ['roster', 'found', text],
    queryFn: () => ask(ways.find({ query: { text } })),
    enabled: text !== '',
    placeholderData: keepPreviousData,
  });

/** What was asked for, once it is also known which tabs are open: their unsaved work stays theirs. */
export const withLiveTabs = async <T>(asked: Promise<T>): Promise<T> =>
  (await Promise.all([asked, askLiveTabs()]))[0];

export const useClientFile = (id: string | undefined) =>
  useQuery({
    queryKey: ['client', id],
    queryFn: () => withLiveTabs(ask(ways.clientFile({ id: id! }))),
    enabled: id !== undefined,
  });

export const useKits = () =>
  useQuery({
    queryKey: ['kits'],
    queryFn: () => withLiveTabs(ask(documentWays('kit').list())),
  });

export interface OwnSchool extends Stored<SchoolDocument> {
  /** The same with its id, as a session is judged by it. */
  school: School;
}

/** The coach's own schools. */
export const useSchools = () =>
  useQuery({
    queryKey: ['schools'],
    queryFn: async (): Promise<OwnSchool[]> =>
      (await ask(documentWays('school').list())).map((stored) => ({
        ...stored,
        school: { ...stored.document, id: stored.id },
      })),
  });

let openings = 0;

/** A session as it was when this screen was opened, never one remembered from an earlier opening. */
export function useStoredSession(id: string) {
  const [opening] = useState(() => (openings += 1));
  return useQuery({
    queryKey: ['session', id, opening],
    queryFn: async () => {
      await Promise.all([savesDone(addressOfDocument('session', id)), askLiveTabs()]);
      return documentOf('session', id);
    },
    gcTime: 0,
    staleTime: Infinity,
    refetchOnWindowFocus: false,
    refetchOnReconnect: false,
  });
}

export const todayIso = (): string => {
  const now = new Date();
  return new Date(now.getTime() - now.getTimezoneOffset() * 60_000).toISOString().slice(0, 10);
};
