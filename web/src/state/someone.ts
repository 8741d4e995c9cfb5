import type { Stored } from '@drimbo/core/contract';
import type { Body } from '@drimbo/core/anatomy';
import { bodyOf, type Context } from '@drimbo/core/measure';
import { useMemo } from 'react';
import { useNotebook } from './notebook';
import { todayIso, useClientFile, useClientNames, useKits, useSchools } from '../data/queries';
import { type Kit, notchesOf } from '@drimbo/core/kit';

/** Somebody of average build, where no client is chosen. */
export const averageBuild: Body = { statureM: 1.75, massKg: 80 };

export interface Someone {
  body: Body;
  /** With a client: everything a max or a load is judged against. */
  context: Context | null;
  clients: { id: string; name: string }[];
  kits: Stored<Kit>[];
  kitId: string;
  kit: Kit | null;
}

/** Whose body and gym a movement is looked at with: a client and theirs, or nobody in particular. */
export function useSomeone(clientId: string | null, kitId: string | null): Someone {
  const names = useClientNames().data;
  const kits = useKits();
  const notebook = useNotebook().data?.document;
  const file = useClientFile(clientId ?? undefined).data;
  const schools = useSchools().data;
  const all = kits.data ?? [];
  const richest = [...all].sort((a, b) => notchesOf(b.document).length - notchesOf(a.document).length)[0];
  const stored = all.find((k) => k.id === (kitId ?? file?.document.kitId)) ?? richest;
  const kit = stored?.document ?? null;
  const context = useMemo<Context | null>(
    () =>
      file && kit
        ? {
            client: file.document,
            kit,
            logged: file.logged,
            todayIso: todayIso(),
            ...(notebook ? { notebook } : {}),
            ...(schools ? { schools: schools.map(({ school }) => school) } : {}),
          }
        : null,
    [file, kit, notebook, schools],
  );
  const body = useMemo(() => (context ? bodyOf(context) : averageBuild), [context]);
  return { body, context, clients: names ?? [], kits: all, kitId: stored?.id ?? '', kit };
}
