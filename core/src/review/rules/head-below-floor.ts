import { regionIds, regions, type RegionId } from '../../anatomy/regions';
import type { Measured } from '../../measure/model';
import { owes, type Owed } from '../../session/kinds';
import { differentJob } from '../../choosing/swaps';
import { overlap } from '../../choosing/overlap';
import { singleBlock } from '../../session/starting';
import { startingLine } from '../../schools/starting-line';
import type { FindingDraft, FixDraft, Rule } from '../model';
import { freshId } from '../questions';

const heads = regionIds.filter((id) => ['chest', 'triceps'].includes(regions[id].group ?? ''));
/** Heads that a rule of their own asks for. */
const askedElsewhere: Partial<Record<RegionId, Owed>> = { pecUpper: 'upper chest', triLong: 'long head' };
/** Share of the group's lower bound from which its heads are asked for. Own estimate. */
const MOSTLY_TRAINED = 0.7;
const figure = (n: number): string => String(Number(n.toFixed(1)));

/** A movement that does another job and brings most of the head. */
function bringing(s: Measured, head: RegionId): FixDraft[] {
  return differentJob(s, overlap, 12)
    .filter((c) => c.brings.some((b) => b.region === head))
    .slice(0, 2)
    .map(({ entry }) => ({
      label: `Add ${entry.name.toLowerCase()}`,
      edit: {
        do: 'add block' as const,
        at: s.session.blocks.length,
        block: singleBlock(
          freshId(s, `block-${entry.id}`),
          startingLine(entry, s.school, freshId(s, `add-${entry.id}`)),
        ),
      },
    }));
}

function look(s: Measured, head: RegionId): FindingDraft[] {
  const { fractional, band } = s.dose.regions[head];
  const group = regions[head].group!;
  const lags = s.context.client.lagging.includes(head) || s.session.emphasis === head;
  if (!band || s.lines.length < 3 || fractional >= band.lo - 0.05) return [];
  if (s.dose.groups[group].direct < MOSTLY_TRAINED * s.dose.groups[group].band!.lo) return [];
  const asks = askedElsewhere[head];
  if (asks && fractional < 0.5 && owes(s.session, asks)) return [];
  if (asks && !owes(s.session, asks) && !lags) return [];
  return [
    {
      on: [],
      about: head,
      severity: lags ? 'watch' : 'note',
      what: `${regions[head].name} gets ${figure(fractional)} sets; its own floor is ${figure(band.lo)}.`,
      why: 'The group has its sets, this head of it has not: what is direct for one head only helps at another.',
      fixes: () => bringing(s, head),
    },
  ];
}

export const headBelowFloor: Rule = {
  id: 'head-below-floor',
  title: 'A head below its floor',
  severity: 'note',
  ground: 'school',
  look: (s) => heads.flatMap((head) => look(s, head)),
};
