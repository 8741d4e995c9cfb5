import type { Client } from './client';
import type { Entry } from '../movements';
import { sessionVersion, type Block, type Line, type Session } from './document';
import { withoutHanded } from './handed';

/** What makes a line another movement: its settings, and nothing left that was said for the one before. */
export const becoming = (entry: Entry): Partial<Omit<Line, 'id'>> => ({
  movement: entry.movement.id,
  own: entry.own,
  rig: entry.rig,
  pins: undefined,
  hung: undefined,
  loadKg: null,
  cues: null,
});

export const singleBlock = (id: string, line: Line): Block => ({
  id,
  kind: 'single',
  betweenS: 10,
  lines: [line],
});

/**
 * A session begun from another: the same movements and figures as a new draft. Somebody else gets it in their own gym
 * and time; loads given by hand, what a bar was hung with there, cues picked and findings set aside for one client are
 * left out.
 */
export function startedFor(
  from: Session,
  { id, client }: { id: string; client: Pick<Client, 'kitId' | 'minutes'> },
  title: string,
): Session {
  const { done: _done, changes: _changes, ...planned } = withoutHanded(from);
  const draft: Session = { ...planned, title, clientId: id, status: 'draft', date: null };
  if (id === from.clientId) return draft;
  const fresh = ({ hung: _hung, ...line }: Line): Line => ({ ...line, loadKg: null, cues: null });
  return {
    ...draft,
    dismissed: [],
    kitId: client.kitId,
    minutes: client.minutes,
    blocks: planned.blocks.map((block) => ({ ...block, lines: block.lines.map(fresh) })),
  };
}

/** An empty session for a client. */
export function emptySession(
  head: Pick<Session, 'title' | 'clientId' | 'kitId' | 'minutes' | 'emphasis' | 'school'> & Partial<Session>,
): Session {
  return {
    format: 'drimbo.session',
    version: sessionVersion,
    spotter: false,
    status: 'draft',
    date: null,
    note: '',
    warmup: [],
    blocks: [],
    dismissed: [],
    ...head,
  };
}
