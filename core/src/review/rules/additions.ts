import { kindEntries } from '../../choosing';
import { missingFor } from '../../kit';
import type { Measured } from '../../measure';
import { findEntry } from '../../movements';
import { singleBlock } from '../../session';
import { startingLine } from '../../schools';
import type { FixDraft } from '../model';
import { freshId } from '../questions';

/** Offers to add the first of these entries that the gym has and no limit of the client meets, at the end of the session. */
export function offerFirst(s: Measured, entryIds: readonly string[], most = 1): FixDraft[] {
  const there = entryIds
    .map((id) => findEntry(id)!)
    .filter((e) => missingFor(s.context.kit, e.movement, e.rig) === null);
  return kindEntries(there, s.context.client)
    .slice(0, most)
    .map((entry) => {
      const started = startingLine(entry, s.school, freshId(s, `add-${entry.id}`));
      const line = { ...started, rig: entry.rig };
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
