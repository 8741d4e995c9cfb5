import type { AccessState, ClientLink, FloorList } from '@drimbo/core/formats/lists';
import { useQuery } from '@tanstack/react-query';
import { api } from './api';
import { once } from './ids';
import { queryClient } from './queries';

/** Who is at this browser, as the server sees it; asked once, and again when somebody signs in or out. */
export const useAccess = () =>
  useQuery({ queryKey: ['access'], queryFn: () => api.get<AccessState>('/access'), staleTime: Infinity });

/** Everything is asked for anew by whoever is there now. */
const asSomebodyElse = (): Promise<void> => queryClient.resetQueries();

/** Rejects with the server's reason where the passcode is another one. */
export async function signIn(passcode: string): Promise<void> {
  await api.repeat('/access/sign-in', { passcode });
  await asSomebodyElse();
}

export async function signOut(): Promise<void> {
  await api.repeat('/access/sign-out', {});
  await asSomebodyElse();
}

/** Sets the passcode; `now` is the one that is set, where there is one. */
export async function changePasscode(passcode: string, now: string | null): Promise<void> {
  await api.put('/access/passcode', { passcode, ...(now === null ? {} : { now }) });
  await queryClient.invalidateQueries({ queryKey: ['access'] });
}

/** The sessions of the client whose link this browser has. */
export const useOwnSessions = () =>
  useQuery({ queryKey: ['own sessions'], queryFn: () => api.get<FloorList>('/floor') });

export const useLinks = (clientId: string) =>
  useQuery({
    queryKey: ['links', clientId],
    queryFn: () => api.get<ClientLink[]>(`/access/links?client=${encodeURIComponent(clientId)}`),
  });

const linksAnew = (): Promise<void> => queryClient.invalidateQueries({ queryKey: ['links'] });

/** A link to a session that holds so many days: the path that opens it, told this once. */
export async function makeLink(sessionId: string, days: number): Promise<{ link: ClientLink; path: string }> {
  const made = await once(`link ${sessionId} ${days}`, 'link', (id) =>
    api.post<{ link: ClientLink; path: string }>('/access/links', { id, sessionId, days }, id),
  );
  await linksAnew();
  return made;
}

export async function revokeLink(id: string): Promise<void> {
  await api.remove(`/access/links/${id}`);
  await linksAnew();
}
