import { limitsMet } from '../../choosing/limits';
import { missingFor } from '../../kit/fitting';
import type { Measured } from '../../measure/model';
import { findEntry } from '../../movements/catalogue';
import { singleBlock } from '../../session/starting';
import { startingLine } from '../../schools/starting-line';
import type { FixDraft } from '../model';
import { freshId } from '../questions';

/** Offers to add the first of these entries that the gym has and no limit of the client meets, at the end of the session. */
export function offerFirst(s: Measured, entryIds: readonly string[], most = 1): FixDraft[] {
  return entryIds
    .map((id) => findEntry(id)!)
    .filter((e) => missingFor(s.context.kit, e.movement, e.rig) === null)
    .filter((e) => limitsMet(e.movement, e.rig, s.context.client.limits).length === 0)
    .slice(0, most)
    .map((entry) => {
      const line = startingLine(entry, s.school, freshId(s, `add-${entry.id}`));
      return {
        label: `Add ${entry.name.toLowerCase()}`,
        edit: {
          do: 'add block',
          at: s.session.blocks.length,
          block: singleBlock(freshId(s, `block-${entry.id}`), line),
        },
      };
    });
}
