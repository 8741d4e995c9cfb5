import type { Entry, Rig } from '@drimbo/core/movements';
import { schoolOf, startingLine } from '@drimbo/core/schools';
import { applyEdit, singleBlock } from '@drimbo/core/session';
import { changeDocument } from './documents';
import { listsAnew } from './house';
import { newId } from './ids';

/**
 * Puts a movement, set up like this, into a session: after the first that does `after`, else at its end. Rejects where it
 * cannot be kept.
 */
export async function addToSession(
  sessionId: string,
  entry: Entry,
  rig: Rig,
  after: string | null = null,
): Promise<void> {
  const ids = [newId('line'), newId('block')] as const;
  await changeDocument('session', sessionId, (session) => {
    const line = { ...startingLine(entry, schoolOf(session.school), ids[0]), rig };
    const found = session.blocks.findIndex((b) => b.lines.some((l) => l.movement === after));
    const at = found === -1 ? session.blocks.length : found + 1;
    return applyEdit(session, { do: 'add block', at, block: singleBlock(ids[1], line) });
  });
  await listsAnew();
}
