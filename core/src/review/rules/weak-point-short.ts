import { type RegionId, regions } from '../../anatomy';
import { DIRECT } from '../../dose';
import { type Measured, isHeavyCompound } from '../../measure';
import { type DayKind, kindOf } from '../../session';
import type { FindingDraft, FixDraft, Rule } from '../model';
import { blockIndex, changeLine, isInclined, notchFor, setsFor } from '../questions';
import { changeSets } from '../set-changes';
import { bringing, offerFirst } from './additions';
import { flyTurnedUp } from './fly-at-press-angle';
import { turned } from './missing-upper-chest';

/** Counted sets under which a weak point has not got its place. Common practice. */
const FEWEST = 4;
/** Degrees past which an incline leaves the upper chest to the shoulders. */
const STEEP = 50;
/** Elbows out further on an incline press with the shoulders too, degrees. */
const TUCKED = 50;

/** What a day can train: a weak point of another day is no matter of this one. */
const trains: Record<DayKind, (id: RegionId) => boolean> = {
  push: (id) => regions[id].group !== null,
  chest: (id) => regions[id].group === 'chest',
  shoulders: (id) => id === 'deltFront' || id === 'deltSide' || id === 'deltRear',
  arms: (id) => regions[id].group === 'triceps',
};

const figure = (n: number): string => String(Number(n.toFixed(1)));

/** Early, and never extensions or raises before the heavy lifts that need them. */
function placeFor(s: Measured, head: RegionId): number {
  const isHelper = regions[head].group === 'triceps' || head === 'deltFront';
  const last = Math.max(-1, ...s.lines.filter(isHeavyCompound).map((m) => blockIndex(s, m.id)));
  return isHelper ? last + 1 : Math.min(1, s.session.blocks.length);
}

/** A bench so steep that the shoulders press lowered to where the upper chest leads. */
const lowered = (s: Measured): FixDraft[] =>
  s.lines
    .filter((m) => isInclined(m) && m.rig.benchDeg! > STEEP)
    .map((m) => ({
      label: `Set the bench of the ${m.name.toLowerCase()} to ${notchFor(s, 30)}°${(m.rig.tuckDeg ?? 0) > TUCKED ? `, elbows at ${TUCKED}°` : ''}`,
      edit: changeLine(m.id, {
        rig: {
          ...m.rig,
          benchDeg: notchFor(s, 30),
          ...(m.rig.tuckDeg === undefined ? {} : { tuckDeg: Math.min(TUCKED, m.rig.tuckDeg) }),
        },
        loadKg: null,
      }),
    }));

function fixesFor(s: Measured, head: RegionId): FixDraft[] {
  const own = s.lines.filter((m) => (m.credits[head] ?? 0) >= DIRECT);
  return [
    ...(head === 'pecUpper' && own.length === 0 ? [...lowered(s), ...turned(s), ...flyTurnedUp(s)] : []),
    ...own.slice(0, 2).flatMap((m) => changeSets(m, 1)),
    ...offerFirst(s, bringing[head] ?? [], 2, { at: placeFor(s, head), sets: FEWEST }),
  ];
}

function look(s: Measured, head: RegionId): FindingDraft[] {
  if (!trains[kindOf(s.session)](head) || s.lines.length < 3) return [];
  const { fractional } = s.dose.regions[head];
  const hasPlace = setsFor(s, head, DIRECT) > 0;
  if (hasPlace && fractional >= FEWEST - 0.05) return [];
  const name = regions[head].name;
  return [
    {
      on: [],
      about: head,
      keeps: true,
      // A day of pulling may have it; the week says whether one does.
      ...(head === 'deltRear' && kindOf(s.session) === 'push' ? { severity: 'note' as const } : {}),
      moves: { of: head, by: 1 },
      what: hasPlace
        ? `${name} should come up and gets ${figure(fractional)} sets.`
        : `${name} should come up; no movement here is its own.`,
      why: hasPlace
        ? 'Fewer than four sets that count hold a weak point where it is; it is what the client came for.'
        : 'What other movements lend it brought it to where it is; a place of its own, early, is what changes that.',
      fixes: () => fixesFor(s, head),
    },
  ];
}

export const weakPointShort: Rule = {
  id: 'weak-point-short',
  title: 'A weak point without its place',
  severity: 'watch',
  ground: 'common practice',
  look: (s) => s.context.client.lagging.flatMap((head) => look(s, head)),
};
