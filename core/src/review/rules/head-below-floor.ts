import { type RegionId, regionIds, regions } from '../../anatomy';
import type { Measured } from '../../measure';
import { type Owed, owes } from '../../session';
import type { FindingDraft, Rule } from '../model';
import { offerFirst } from './additions';

const heads = regionIds.filter((id) => ['chest', 'triceps'].includes(regions[id].group ?? ''));
/** Heads that a rule of their own asks for. */
const askedElsewhere: Partial<Record<RegionId, Owed>> = { pecUpper: 'upper chest', triLong: 'long head' };
/** Share of the group's lower bound from which its heads are asked for. Own estimate. */
const MOSTLY_TRAINED = 0.7;
const figure = (n: number): string => String(Number(n.toFixed(1)));

/** Names that train a head before the others of its group. */
const bringing: Partial<Record<RegionId, readonly string[]>> = {
  pecUpper: ['incline-dumbbell-press', 'cable-fly-low-to-high', 'incline-press-machine'],
  pecMiddle: ['cable-fly-shoulder-height', 'dumbbell-bench-press', 'machine-fly', 'push-up'],
  pecLower: ['cable-fly-high-to-low', 'chest-dip', 'decline-dumbbell-press', 'assisted-dip'],
  triLong: ['cable-overhead-extension', 'overhead-extension'],
  triLateral: ['pushdown', 'machine-dip', 'narrow-push-up'],
  triMedial: ['pushdown', 'kickback', 'machine-dip'],
};

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
