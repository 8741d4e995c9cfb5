import { DIRECT } from '../../dose';
import { groupCredit, type GroupId, groupIds, groupNames } from '../../anatomy';
import { groupOfEmphasis } from '../../session';
import type { Measured, MeasuredLine } from '../../measure';
import { setsOf } from '../questions';
import { changed, changeSets, MOST_SETS, saying } from '../set-changes';
import { offerFirst } from './additions';
import type { FindingDraft, FixDraft, Rule } from '../model';

/** Sets of a session up to which more was shown to bring more. */
const SHOWN_UP_TO = 11;

/** Sets above a band that are told, and how far above is far. Own estimate. */
const OVER_BY = 0.75;
const FAR_OVER = 1.2;
/** Short of a band by less than this nobody notices: shares of its lower end, and sets. Own estimate. */
const NEARLY_MAIN = 0.75;
const NEARLY = 0.6;
const SHORT_BY = 1.5;

const figure = (n: number): string => String(Number(n.toFixed(1)));

/** Lines that train a group directly, the last first: sets are taken from the end and added there. */
const trainers = (s: Measured, group: GroupId): MeasuredLine[] =>
  s.lines.filter((m) => groupCredit(m.credits, group) >= DIRECT).reverse();

/** Names that bring a group most, the simplest first. */
const adding: Record<GroupId, readonly string[]> = {
  chest: ['incline-dumbbell-press', 'cable-fly-shoulder-height', 'push-up'],
  deltFront: ['seated-dumbbell-press', 'neutral-overhead-dumbbell-press'],
  deltSide: ['cable-lateral-raise', 'dumbbell-lateral-raise', 'machine-lateral-raise'],
  deltRear: ['incline-rear-raise', 'cable-rear-fly', 'reverse-machine-fly'],
  triceps: ['cable-overhead-extension', 'pushdown', 'overhead-extension'],
};

/** One set, then two, from each of several movements. */
const fromEach = (lines: readonly MeasuredLine[]): FixDraft[] =>
  [1, 2].flatMap((by): FixDraft[] => {
    const able = lines.filter((m) => setsOf(m) > by);
    if (able.length < 2) return [];
    return [
      {
        label: `${by === 1 ? 'One set' : 'Two sets'} less of each of ${able.length} movements`,
        edit: { do: 'all', edits: able.map((m) => changed(m, -by)) },
      },
    ];
  });

/** Another movement for a group; where that is not enough, as many sets as go of the one that is there as well. */
function another(s: Measured, group: GroupId, there: MeasuredLine | undefined): FixDraft[] {
  const unused = adding[group].filter((id) => s.lines.every((m) => m.entryId !== id));
  return offerFirst(s, unused).map((draft) => {
    const by = there ? MOST_SETS - setsOf(there) : 0;
    if (!there || by < 1 || typeof draft.edit === 'function') return draft;
    const both: FixDraft = {
      label: `${saying(there, by)}, and ${draft.label.toLowerCase()}`,
      edit: { do: 'all', edits: [changed(there, by), draft.edit] },
    };
    return { ...draft, instead: [both] };
  });
}

function look(s: Measured): FindingDraft[] {
  const main = groupOfEmphasis(s.session.emphasis);
  return groupIds.flatMap((group): FindingDraft[] => {
    const { fractional, unknown, band, direct } = s.dose.groups[group];
    if (!band) return [];
    const open =
      unknown < 0.05
        ? ''
        : unknown > fractional - 0.05
          ? ' They count if the loads found on the day make them hard.'
          : ` ${figure(unknown)} of them count if the load found on the day makes them hard.`;
    if (fractional > band.hi + OVER_BY) {
      const from = trainers(s, group).filter((m) => setsOf(m) > 1);
      return [
        {
          on: from.map((m) => m.id),
          about: group,
          severity: fractional > band.hi * FAR_OVER ? 'watch' : 'note',
          moves: { of: group, by: -1 },
          what: `${groupNames[group]} gets ${figure(fractional)} sets; the band here is ${band.lo}–${band.hi}.`,
          why:
            band.hi >= SHOWN_UP_TO
              ? `Past about eleven in a session more is hard to show (Remmert et al. 2025, preprint); ${s.school.name.toLowerCase()} stops at ${band.hi}.${open}`
              : `${s.school.name} stops at ${band.hi} for this client: what comes on top costs recovery for little.${open}`,
          fixes: () =>
            from
              .filter((m, i) => from.findIndex((other) => other.name === m.name) === i)
              .slice(0, 2)
              .flatMap((m) => changeSets(m, -1))
              .concat(fromEach(from)),
        },
      ];
    }
    const trained = direct > 0 || group === main;
    if (
      !trained ||
      (group === 'deltFront' && group !== main) ||
      s.lines.length < 3 ||
      fractional >= band.lo * (group === main ? NEARLY_MAIN : NEARLY) ||
      band.lo - fractional < SHORT_BY
    )
      return [];
    const to = trainers(s, group).filter((m) => setsOf(m) < MOST_SETS);
    return [
      {
        on: to.map((m) => m.id),
        about: group,
        moves: { of: group, by: 1 },
        severity: group === main ? 'watch' : 'note',
        what: `${groupNames[group]} gets ${figure(fractional)} sets; the band here is ${band.lo}–${band.hi}.`,
        why:
          group === main
            ? `The session is meant for it.${open}`
            : `Enough to hold, little to grow on, unless the week gives it more.${open}`,
        keeps: true,
        fixes: () => [...to.slice(0, 2).flatMap((m) => changeSets(m, 1)), ...another(s, group, to[0])],
      },
    ];
  });
}

export const sessionBand: Rule = {
  id: 'session-band',
  title: 'Sets outside the band',
  severity: 'watch',
  ground: 'school',
  look,
};
