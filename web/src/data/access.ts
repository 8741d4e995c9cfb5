import { ways } from '@drimbo/core/contract';
import type { ClientLink } from '@drimbo/core/formats';
import { useQuery } from '@tanstack/react-query';
import { ask } from './api';
import { once } from './ids';
import { queryClient } from './queries';

/** Who is at this browser, as the server sees it; asked once, and again when somebody signs in or out. */
export const useAccess = () =>
  useQuery({ queryKey: ['access'], queryFn: () => ask(ways.access()), staleTime: Infinity });

/** Everything is asked for anew by whoever is there now. */
const asSomebodyElse = (): Promise<void> => queryClient.resetQueries();

/** Rejects with the server's reason where the passcode is another one. */
export async function signIn(passcode: string): Promise<void> {
  await ask(ways.signIn({ body: { passcode } }));
  await asSomebodyElse();
}

export async function signOut(): Promise<void> {
  await ask(ways.signOut({ body: {} }));
  await asSomebodyElse();
}

/** Sets the passcode; `now` is the one that is set, where there is one. */
export async function changePasscode(passcode: string, now: string | null): Promise<void> {
  await ask(ways.setPasscode({ body: { passcode, ...(now === null ? {} : { now }) } }));
  await queryClient.invalidateQueries({ queryKey: ['access'] });
}

/** The sessions of the client whose link this browser has. */
export const useOwnSessions = () =>
  useQuery({ queryKey: ['own sessions'], queryFn: () => ask(ways.ownFloor()) });

export const useLinks = (clientId: string) =>
  useQuery({
    queryKey: ['links', clientId],
    queryFn: () => ask(ways.links({ query: { client: clientId } })),
  });

const linksAnew = (): Promise<void> => queryClient.invalidateQueries({ queryKey: ['links'] });

/** A link to a session that holds so many days: the path that opens it, told this once. */
export async function makeLink(sessionId: string, days: number): Promise<{ link: ClientLink; path: string }> {
  const made = await once(`link ${sessionId} ${days}`, 'link', (id) =>
    ask(ways.makeLink({ body: { id, sessionId, days } }), { key: id }),
  );
  await linksAnew();
  return made;
}

export async function revokeLink(id: string): Promise<void> {
  await ask(ways.revokeLink({ id }));
  await linksAnew();
}
