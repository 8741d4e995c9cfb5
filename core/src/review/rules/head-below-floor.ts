import { type RegionId, regionIds, regions } from '../../anatomy';
import type { Measured } from '../../measure';
import { groupOfEmphasis, type Owed, owes } from '../../session';
import type { FindingDraft, Rule } from '../model';
import { bringing, offerFirst } from './additions';

const heads = regionIds.filter((id) => ['chest', 'triceps'].includes(regions[id].group ?? ''));
/** Heads that a rule of their own asks for. */
const askedElsewhere: Partial<Record<RegionId, Owed>> = { pecUpper: 'upper chest', triLong: 'long head' };
/** Share of the group's lower bound from which its heads are asked for. Own estimate. */
const MOSTLY_TRAINED = 0.7;
/** A head that gets this share of its floor is not short of much. Own estimate. */
const NEARLY = 0.6;
const figure = (n: number): string => String(Number(n.toFixed(1)));

function look(s: Measured, head: RegionId): FindingDraft[] {
  const { fractional, band } = s.dose.regions[head];
  const group = regions[head].group!;
  const lags = s.context.client.lagging.includes(head) || s.session.emphasis === head;
  if (!band || s.lines.length < 3 || fractional >= (lags ? band.lo - 0.05 : NEARLY * band.lo)) return [];
  // Other muscles than the day's own have their heads over the week.
  if (!lags && groupOfEmphasis(s.session.emphasis) !== group) return [];
  if (s.dose.groups[group].direct < MOSTLY_TRAINED * s.dose.groups[group].band!.lo) return [];
  const asks = askedElsewhere[head];
  if (asks && fractional < 0.5 && owes(s.session, asks)) return [];
  if (asks && !owes(s.session, asks) && !lags) return [];
  return [
    {
      on: [],
      about: head,
      moves: { of: head, by: 1 },
      severity: lags ? 'watch' : 'note',
      what: `${regions[head].name} gets ${figure(fractional)} sets; its own floor is ${figure(band.lo)}.`,
      why: 'The group has its sets, this head of it has not: what is direct for one head only helps at another.',
      fixes: () => offerFirst(s, bringing[head] ?? [], 2),
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
