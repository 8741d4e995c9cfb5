import type {
  BlockBrief,
  ClientBrief,
  Found,
  Page,
  SessionListed,
  Unreadable,
} from '@drimbo/core/formats/lists';
import type { PlannedDay } from '@drimbo/core/block/due';
import type { Kit } from '@drimbo/core/kit/kit';
import type { School, SchoolDocument } from '@drimbo/core/schools/document';
import type { Client } from '@drimbo/core/session/client';
import type { Session } from '@drimbo/core/session/document';
import type { Need, SessionBrief } from '@drimbo/core/session/needs';
import type { Logged } from '@drimbo/core/strength/evidence';
import { keepPreviousData, QueryClient, useInfiniteQuery, useQuery } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { api, ApiError } from './api';
import { askLiveTabs } from './live-tabs';
import { savesDone } from './pending-saves';

export interface Stored<T> {
  id: string;
  revision: number;
  updatedAt: string;
  document: T;
}
export interface ClientFile extends Stored<Client> {
  sessions: SessionBrief[];
  needs: Need[];
  blocks: BlockBrief[];
  planned: PlannedDay[];
  logged: Logged[];
  /** Logged sets among the last that cannot be read. */
  torn: Unreadable[];
}

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
function usePages<T>(key: string, path: string, search: string, sort: string, also = '') {
  const pages = useInfiniteQuery({
    queryKey: [key, 'list', search, sort, also],
    queryFn: ({ pageParam }) =>
      api.get<Page<T>>(`${path}?page=${pageParam}&sort=${sort}&search=${encodeURIComponent(search)}${also}`),
    initialPageParam: 0,
    getNextPageParam: (last) => ((last.page + 1) * last.size < last.total ? last.page + 1 : undefined),
    placeholderData: keepPreviousData,
  });
  const rows = useMemo(() => pages.data?.pages.flatMap((page) => page.rows) ?? [], [pages.data]);
  return { ...pages, rows, total: pages.data?.pages[0]?.total ?? null };
}

export const useClients = (search = '', sort = 'name') =>
  usePages<ClientBrief | Unreadable>('roster', '/clients', search, sort);

/** What a client's log asks of the coach: worked out a row at a time, when one is seen. */
export const useNeedsFromLog = (id: string) =>
  useQuery({
    queryKey: ['needs from log', id],
    queryFn: () => api.get<Need[]>(`/clients/${id}/from-log`),
    // The server works it out once for each state of a log: asking again costs a look.
    staleTime: 5_000,
  });

export const useSessions = (search = '', sort = 'state', status: Session['status'] | null = null) =>
  usePages<SessionListed | Unreadable>(
    'sessions',
    '/sessions',
    search,
    sort,
    status ? `&status=${encodeURIComponent(status)}` : '',
  );

/** Every client by name, for a choice. */
export const useClientNames = () =>
  useQuery({
    queryKey: ['roster', 'names'],
    queryFn: () => api.get<{ id: string; name: string }[]>('/clients/names'),
  });

/** Clients and sessions that go by a text. */
export const useFound = (text: string) =>
  useQuery({
    queryKey: ['roster', 'found', text],
    queryFn: () => api.get<Found>(`/find?text=${encodeURIComponent(text)}`),
    enabled: text !== '',
    placeholderData: keepPreviousData,
  });

/** What was asked for, once it is also known which tabs are open: their unsaved work stays theirs. */
export const withLiveTabs = async <T>(asked: Promise<T>): Promise<T> =>
  (await Promise.all([asked, askLiveTabs()]))[0];

export const useClientFile = (id: string | undefined) =>
  useQuery({
    queryKey: ['client', id],
    queryFn: () => withLiveTabs(api.get<ClientFile>(`/clients/${id}/file`)),
    enabled: id !== undefined,
  });

export const useKits = () =>
  useQuery({
    queryKey: ['kits'],
    queryFn: () => withLiveTabs(api.get<Stored<Kit>[]>('/kits')),
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
      (await api.get<Stored<SchoolDocument>[]>('/schools')).map((stored) => ({
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
      await Promise.all([savesDone(id), askLiveTabs()]);
      return api.get<Stored<Session>>(`/sessions/${id}`);
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
