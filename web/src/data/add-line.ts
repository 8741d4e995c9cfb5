import type { Entry } from '@drimbo/core/movements/model';
import type { Rig } from '@drimbo/core/movements/rig';
import { schoolOf } from '@drimbo/core/schools/schools';
import { startingLine } from '@drimbo/core/schools/starting-line';
import type { Session } from '@drimbo/core/session/document';
import { applyEdit } from '@drimbo/core/session/edits';
import { singleBlock } from '@drimbo/core/session/starting';
import { api } from './api';
import { listsAnew } from './house';
import { newId } from './ids';
import { type Stored } from './queries';

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
  const { document, revision } = await api.get<Stored<Session>>(`/sessions/${sessionId}`);
  const line = { ...startingLine(entry, schoolOf(document.school), newId('line')), rig };
  const found = document.blocks.findIndex((b) => b.lines.some((l) => l.movement === after));
  await api.put(`/sessions/${sessionId}`, {
    revision,
    document: applyEdit(document, {
      do: 'add block',
      at: found === -1 ? document.blocks.length : found + 1,
      block: singleBlock(newId('block'), line),
    }),
  });
  await listsAnew();
}
