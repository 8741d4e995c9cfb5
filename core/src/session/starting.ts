import type { Entry } from '../movements/model';
import { sessionVersion, type Block, type Line, type Session } from './document';

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
