import { kindEntries } from '../../choosing';
import type { RegionId } from '../../anatomy';
import { missingFor } from '../../kit';
import { clientMax, type Measured, type MeasuredLine, isHeavyCompound } from '../../measure';
import { type Entry, findEntry } from '../../movements';
import { singleBlock, withSetCount } from '../../session';
import { startingLine } from '../../schools';
import type { FixDraft } from '../model';
import { blockIndex, freshId } from '../questions';

/** Names that train a head before the others of its group. */
export const bringing: Partial<Record<RegionId, readonly string[]>> = {
  pecUpper: ['incline-dumbbell-press', 'cable-fly-low-to-high', 'incline-press-machine'],
  pecMiddle: ['cable-fly-shoulder-height', 'dumbbell-bench-press', 'machine-fly', 'push-up'],
  pecLower: ['cable-fly-high-to-low', 'chest-dip', 'decline-dumbbell-press', 'assisted-dip'],
  triLong: ['cable-overhead-extension', 'overhead-extension'],
  triLateral: ['pushdown', 'machine-dip', 'narrow-push-up'],
  triMedial: ['pushdown', 'kickback', 'machine-dip'],
  deltFront: ['seated-dumbbell-press', 'machine-overhead-press'],
  deltSide: ['cable-lateral-raise', 'dumbbell-lateral-raise', 'machine-lateral-raise'],
  deltRear: ['incline-rear-raise', 'reverse-machine-fly', 'cable-rear-fly'],
};

const isSame = (m: MeasuredLine, e: Entry): boolean => m.movement.id === e.movement.id && m.entryId === e.id;

/** A press behind the presses, everything else at the end. */
function placeOf(s: Measured, { movement }: Entry): number {
  const end = s.session.blocks.length;
  if (!movement.compound || movement.pattern !== 'press') return end;
  const last = Math.max(-1, ...s.lines.filter(isHeavyCompound).map((m) => blockIndex(s, m.id)));
  return last + 1;
}

/** Offers to add the first of these entries that the gym has and no limit of the client meets; where no place is named, where it is usual. */
export function offerFirst(
  s: Measured,
  entryIds: readonly string[],
  most = 1,
  { at, sets }: { at?: number; sets?: number } = {},
): FixDraft[] {
  const there = entryIds
    .map((id) => findEntry(id)!)
    .filter((e) => missingFor(s.context.kit, e.movement, e.rig) === null);
  const isKnown = (e: Entry): boolean => clientMax(e.movement, e.rig, s.context).basis !== 'calibrate';
  const kind = kindEntries(there, s.context.client).filter((e) => !s.lines.some((m) => isSame(m, e)));
  // A load that is known goes before one that has to be found.
  return [...kind.filter(isKnown), ...kind.filter((e) => !isKnown(e))].slice(0, most).map((entry) => {
    const started = startingLine(entry, s.school, freshId(s, `add-${entry.id}`));
    const scheme = sets === undefined ? started.scheme : withSetCount(started.scheme, sets);
    const line = { ...started, rig: entry.rig, scheme };
    return {
      label: `Add ${entry.name.toLowerCase()}`,
      edit: {
        do: 'add block',
        at: at ?? placeOf(s, entry),
        block: singleBlock(freshId(s, `block-${entry.id}`), line),
      },
    };
  });
}
