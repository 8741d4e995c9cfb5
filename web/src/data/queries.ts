import type { Kit } from '@drimbo/core/kit/kit';
import type { Client } from '@drimbo/core/session/client';
import type { Session } from '@drimbo/core/session/document';
import type { Need, SessionBrief } from '@drimbo/core/session/needs';
import type { LiftRecord } from '@drimbo/core/strength/evidence';
import { QueryClient, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api } from './api';
import { savesDone } from './pending-saves';

export interface Stored<T> {
  id: string;
  revision: number;
  updatedAt: string;
  document: T;
}
export interface RosterRow extends Stored<Client> {
  sessions: SessionBrief[];
  needs: Need[];
}
export interface ClientFile extends RosterRow {
  logged: LiftRecord[];
}

export const queryClient = new QueryClient({
  defaultOptions: { queries: { retry: 1, staleTime: 2_000, refetchOnWindowFocus: true } },
});

export const useRoster = () =>
  useQuery({ queryKey: ['roster'], queryFn: () => api.get<RosterRow[]>('/clients') });

export const useClientFile = (id: string | undefined) =>
  useQuery({
    queryKey: ['client', id],
    queryFn: () => api.get<ClientFile>(`/clients/${id}/file`),
    enabled: id !== undefined,
  });

export const useKits = () => useQuery({ queryKey: ['kits'], queryFn: () => api.get<Stored<Kit>[]>('/kits') });

export const useSessions = () =>
  useQuery({ queryKey: ['sessions'], queryFn: () => api.get<Stored<Session>[]>('/sessions') });

let openings = 0;

/** A session as it was when this screen was opened, never one remembered from an earlier opening. */
export function useStoredSession(id: string) {
  const [opening] = useState(() => (openings += 1));
  return useQuery({
    queryKey: ['session', id, opening],
    queryFn: async () => {
      await savesDone(id);
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

/** A new id of small letters and figures. */
export const newId = (stem: string): string => `${stem}-${crypto.randomUUID().slice(0, 8)}`;
