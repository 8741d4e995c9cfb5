import { offeredEntries } from '@drimbo/core/movements/notebook';
import { searchEntries } from '@drimbo/core/movements/search';
import { teachingOf } from '@drimbo/core/movements/settings';
import { useMemo } from 'react';
import { useNotebook } from '../data/notebook';
import { useKits, useRoster } from '../data/queries';

/** Something found by name, and where it is. */
export interface Hit {
  id: string;
  name: string;
  kind: string;
  to: string;
}

const pages: Hit[] = [
  { id: 'clients', name: 'Clients', kind: 'everybody, and what each needs next', to: '/clients' },
  { id: 'sessions', name: 'Sessions', kind: 'every session, drafts first', to: '/sessions' },
  { id: 'movements', name: 'Movements', kind: 'the catalogue and your own', to: '/movements' },
  {
    id: 'loads',
    name: 'Loads',
    kind: 'max from a set, shares, plates, ramp, chains, landmine',
    to: '/loads',
  },
  { id: 'kit', name: 'Kit', kind: 'the gyms and what stands there', to: '/kit' },
];

/** A typed set, "100 x 5" or "225lb x 3", as the place where its max is told; null when it is none. */
export function setHit(text: string): Hit | null {
  const m = /^\s*(\d+(?:[.,]\d+)?)\s*(kg|lb)?s?\s*[x×*]\s*(\d{1,2})\s*$/i.exec(text);
  if (!m) return null;
  const unit = m[2]?.toLowerCase();
  const load = m[1]!.replace(',', '.');
  return {
    id: 'set',
    name: `Max from ${load}${unit ? ` ${unit}` : ''} × ${m[3]}`,
    kind: 'on the page of loads',
    to: `/loads?load=${load}&reps=${m[3]}${unit ? `&unit=${unit}` : ''}`,
  };
}

/** Everything that goes by the text: clients, sessions, gyms, pages, movements, or the max of a typed set. */
export function useHits(text: string): Hit[] {
  const roster = useRoster();
  const kits = useKits();
  const notebook = useNotebook().data?.document;
  const pool = offeredEntries(notebook);
  return useMemo(() => {
    const asked = text.trim().toLowerCase();
    if (asked === '') return [];
    const set = setHit(text);
    if (set) return [set];
    const named = (name: string): boolean => name.toLowerCase().includes(asked);
    const rows = roster.data ?? [];
    const clients = rows
      .filter((c) => named(c.document.name))
      .map((c) => ({ id: c.id, name: c.document.name, kind: 'client', to: `/clients/${c.id}` }));
    const sessions = rows.flatMap((c) =>
      c.sessions
        .filter((s) => named(`${s.title} ${c.document.name}`))
        .map((s) => ({
          id: s.id,
          name: s.title,
          kind: `${c.document.name}, ${s.date ?? s.status}`,
          to: `/sessions/${s.id}`,
        })),
    );
    const gyms = (kits.data ?? [])
      .filter((k) => named(k.document.name))
      .map((k) => ({ id: k.id, name: k.document.name, kind: 'gym', to: `/kit/${k.id}` }));
    const movements = searchEntries(text, 5, pool).map((m) => ({
      id: m.entry.id,
      name: m.entry.name,
      kind: teachingOf(m.entry.movement, m.entry.rig).chooseWhen,
      to: `/movements/${m.entry.id}`,
    }));
    const asPages = pages.filter((p) => named(p.name));
    return [...clients, ...sessions.slice(0, 8), ...gyms, ...asPages, ...movements].slice(0, 14);
  }, [text, roster.data, kits.data, pool]);
}
