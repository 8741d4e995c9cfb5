import type { ClientFile, Stored } from '@drimbo/core/contract';
import type { Context } from '@drimbo/core/measure';
import type { Kit } from '@drimbo/core/kit';
import type { Notebook } from '@drimbo/core/movements';
import type { Session } from '@drimbo/core/session';
import { useMemo } from 'react';
import { useNotebook } from './notebook';
import {
  todayIso,
  useClientFile,
  useKits,
  useSchools,
  useStoredSession,
  type OwnSchool,
} from '../data/queries';

/** A session with everything it is judged against. */
export interface OpenedSession {
  stored: Stored<Session>;
  file: ClientFile;
  kits: Stored<Kit>[];
  notebook: Notebook;
  schools: OwnSchool[];
}

/** Opens a session, its client, the kits and the notebook; tells when any of them cannot be had. */
export function useOpenedSession(id: string): {
  opened: OpenedSession | null;
  error: Error | null;
  again: () => void;
} {
  const stored = useStoredSession(id);
  const file = useClientFile(stored.data?.document.clientId);
  const kits = useKits();
  const notebook = useNotebook();
  const schools = useSchools();
  const all = [stored, file, kits, notebook, schools];
  const opened = useMemo(
    () =>
      stored.data && file.data && kits.data && notebook.data && schools.data
        ? {
            stored: stored.data,
            file: file.data,
            kits: kits.data,
            notebook: notebook.data.document,
            schools: schools.data,
          }
        : null,
    [stored.data, file.data, kits.data, notebook.data, schools.data],
  );
  return {
    opened,
    error: all.find((q) => q.error)?.error ?? null,
    again: () => all.forEach((q) => void q.refetch()),
  };
}

/** What a session of this client on this kit is judged against today. */
export function contextOf(
  session: Pick<Session, 'kitId'>,
  { file, kits, notebook, schools }: Omit<OpenedSession, 'stored'>,
): Context {
  const kit = (kits.find((k) => k.id === session.kitId) ?? kits[0]!).document;
  return {
    client: file.document,
    kit,
    notebook,
    schools: schools.map(({ school }) => school),
    logged: file.logged,
    todayIso: todayIso(),
  };
}
