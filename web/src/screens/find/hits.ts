import { offeredEntries, searchEntries } from '@drimbo/core/movements';
import { teachingOf } from '@drimbo/core/movements/teaching';
import { useMemo } from 'react';
import { useNotebook } from '../../state/notebook';
import { useFound, useKits } from '../../data/queries';

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
  { id: 'blocks', name: 'Blocks', kind: 'weeks of training days, by client', to: '/blocks' },
  { id: 'movements', name: 'Movements', kind: 'the catalogue and your own', to: '/movements' },
  {
    id: 'loads',
    name: 'Loads',
    kind: 'max from a set, percentages, plates, ramp, chains, landmine',
    to: '/loads',
  },
  { id: 'kit', name: 'Gyms', kind: 'kit: what stands there', to: '/kit' },
  {
    id: 'compare-sessions',
    name: 'Two sessions side by side',
    kind: 'dose, order, what they repeat, what the second adds',
    to: '/sessions/compare',
  },
  { id: 'schools', name: 'Schools', kind: 'how sessions are judged, and your own ways', to: '/schools' },
  { id: 'rules', name: 'Rules', kind: 'every rule of the review with its examples', to: '/rules' },
  { id: 'evidence', name: 'Evidence', kind: 'the published work the product leans on', to: '/evidence' },
  { id: 'data', name: 'Data', kind: 'backups, export and import, what is deleted', to: '/data' },
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
export function useHits(text: string): { hits: Hit[]; isLooking: boolean } {
  const asked = text.trim().toLowerCase();
  const found = useFound(asked);
  const kits = useKits();
  const notebook = useNotebook().data?.document;
  const pool = offeredEntries(notebook);
  const hits = useMemo(() => {
    if (asked === '') return [];
    const set = setHit(text);
    if (set) return [set];
    const named = (name: string): boolean => name.toLowerCase().includes(asked);
    const clients = (found.data?.clients ?? []).map((c) => ({
      ...c,
      kind: 'client',
      to: `/clients/${c.id}`,
    }));
    const sessions = (found.data?.sessions ?? []).map((s) => ({
      id: s.id,
      name: s.title,
      kind: `${s.client}, ${s.date ?? s.status}`,
      to: `/sessions/${s.id}`,
    }));
    const blocks = (found.data?.blocks ?? []).map((b) => ({
      id: b.id,
      name: b.title,
      kind: `block of ${b.client.name}, to ${b.endsOn}`,
      to: `/blocks/${b.id}`,
    }));
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
    return [...clients, ...sessions, ...blocks, ...gyms, ...asPages, ...movements].slice(0, 14);
  }, [text, asked, found.data, kits.data, pool]);
  return { hits, isLooking: asked !== '' && (found.isPending || found.isPlaceholderData) };
}
