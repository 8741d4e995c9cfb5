import { groupCredit, type GroupId, groupIds, groupNames } from '../../anatomy';
import { DIRECT } from '../../dose';
import { type Edit, setCountOf } from '../../session';
import { addedWith, easiestFirst, isOrdinary, isUsual, followed, setsChanged, written } from '../asking';
import { MAIN_SETS, mainLift } from '../../measure';
import { hardSets } from '../words';
import { isReturning, weekBand } from '../bands';
import type {
  BlockChange,
  BlockFixDraft,
  BlockRule,
  MeasuredBlock,
  MeasuredDay,
  MeasuredWeek,
} from '../model';

/** Less than this past a band is no matter. */
const SLACK = 0.5;
const MOST_STEPS = 24;

const additions: Record<GroupId, string[]> = {
  chest: ['incline-dumbbell-press', 'cable-fly-shoulder-height', 'dumbbell-bench-press'],
  deltFront: ['seated-dumbbell-press', 'standing-landmine-press'],
  deltSide: ['cable-lateral-raise', 'dumbbell-lateral-raise'],
  deltRear: ['incline-rear-raise', 'cable-rear-fly'],
  triceps: ['cable-overhead-extension', 'overhead-extension', 'pushdown'],
};

/**
 * One set after another is given or taken on the movements that are most for a group, until the week is within its
 * band; of sessions that come twice a week each set counts twice.
 */
function towards(block: MeasuredBlock, week: MeasuredWeek, group: GroupId, goal: number): BlockChange | null {
  const step = goal > week.groups[group] ? 1 : -1;
  const sets = new Map<string, number>();
  const open = easiestFirst(week).flatMap((d) =>
    d.measured!.lines.flatMap((m) => {
      const id = followed(d)!;
      const line = written(block, id, m.id);
      const credit = groupCredit(m.credits, group);
      const isMain = m.id === mainLift(d.measured!)?.id;
      // What lags keeps its sets, and the lift a day turns about three of them.
      const isAsked = step < 0 && block.context.client.lagging.some((r) => (m.credits[r] ?? 0) >= DIRECT);
      return line && !isAsked && credit >= (step > 0 ? DIRECT : 0.4)
        ? [{ id, line, credit, ease: d.difficulty.sum, keeps: isMain ? MAIN_SETS : 1 }]
        : [];
    }),
  );
  const often = (id: string): number => Math.max(1, week.days.filter((d) => followed(d) === id).length);
  let now = week.groups[group];
  for (let n = 0; n < MOST_STEPS && (step > 0 ? now < goal : now > goal); n += 1) {
    const key = (o: (typeof open)[number]): string => `${o.id} ${o.line.id}`;
    const count = (o: (typeof open)[number]): number => setCountOf(o.line.scheme) + (sets.get(key(o)) ?? 0);
    const may = open.filter((o) => (step > 0 ? count(o) < 6 : count(o) > o.keeps));
    // Added where there is least of it, on the easiest day; taken where there is most.
    const best = may.sort((a, b) => step * (count(a) - count(b)) || step * (a.ease - b.ease))[0];
    if (!best) return null;
    sets.set(key(best), (sets.get(key(best)) ?? 0) + step);
    now += step * best.credit * often(best.id);
  }
  const edits = new Map<string, Edit[]>();
  for (const [at, by] of sets) {
    const o = open.find((x) => `${x.id} ${x.line.id}` === at)!;
    edits.set(o.id, [...(edits.get(o.id) ?? []), setsChanged(o.line, by)]);
  }
  return edits.size === 0
    ? null
    : { block: {}, sessions: [...edits].map(([id, all]) => ({ id, edit: { do: 'all', edits: all } })) };
}

const without = (block: MeasuredBlock, week: MeasuredWeek): BlockFixDraft[] =>
  week.rule.sets > 0
    ? [
        {
          label: 'Add no sets that week',
          change: () => ({
            block: { weeks: block.block.weeks.map((w, i) => (i === week.week ? { ...w, sets: 0 } : w)) },
            sessions: [],
          }),
        },
      ]
    : [];

/** How often a week has the session of a day. */
const often = (d: MeasuredDay, week: MeasuredWeek): number =>
  Math.max(1, week.days.filter((x) => followed(x) === followed(d)).length);

/** Whose band it is, and for whom. */
const bandWords = (block: MeasuredBlock, week: MeasuredWeek): string => {
  const whom = isReturning(block, week.week)
    ? ' for somebody coming back'
    : block.share < 1
      ? ' at this training age'
      : '';
  return `The band is ${block.school.name.toLowerCase()}’s${whom}.`;
};

export const weekOverBand: BlockRule = {
  id: 'week-over-band',
  title: 'More in the week than the band',
  severity: 'watch',
  ground: 'school',
  about:
    'Fractional hard sets of a group over every day of the week, those in short form included, above the weekly band of the school; less for the first year and after a break.',
  look: (block, week) =>
    groupIds.flatMap((group) => {
      const band = weekBand(block, week, group);
      const sets = week.groups[group];
      if (sets <= band.hi + SLACK) return [];
      // The front delts get theirs from what is too much for the chest.
      if (group === 'deltFront' && week.groups.chest > weekBand(block, week, 'chest').hi + SLACK) return [];
      return [
        {
          about: group,
          on: week.days.filter((d) => d.groups[group] > 1).map((d) => d.training.id),
          what: `${groupNames[group]}: ${hardSets(sets)} a week; the band is ${band.lo}–${band.hi}.`,
          why: `${bandWords(block, week)} Sets past it are hard to show a benefit for and still have to be recovered from.`,
          fixes: () => [
            ...without(block, week),
            {
              label: `Take ${groupNames[group].toLowerCase()} sets out until it fits`,
              change: () => towards(block, week, group, band.hi),
            },
          ],
        },
      ];
    }),
};

export const weekUnderBand: BlockRule = {
  id: 'week-under-band',
  title: 'Less in the week than the band',
  severity: 'note',
  ground: 'school',
  about:
    'Fractional hard sets of a group over the week below the weekly band. Under five, what is there is kept at most. Weeks that something came between are not asked.',
  look: (block, week) => {
    if (week.rule.light || !isOrdinary(block, week) || !week.days.every((d) => isUsual(block, d))) return [];
    return groupIds.flatMap((group) => {
      const band = weekBand(block, week, group);
      const sets = week.groups[group];
      if (sets >= band.lo - SLACK) return [];
      const easiest = easiestFirst(week)[0];
      return [
        {
          about: group,
          severity: sets < Math.min(5, band.lo / 2) ? ('watch' as const) : ('note' as const),
          on: [],
          what: `${groupNames[group]}: ${hardSets(sets)} a week; the band is ${band.lo}–${band.hi}.`,
          why:
            easiest === undefined
              ? `${bandWords(block, week)} Less keeps what is there and adds little.`
              : `${bandWords(block, week)} Less keeps what is there and adds little. ${easiest.training.name} is the easiest day (${easiest.difficulty.name}, ${Math.round(easiest.difficulty.sum)}) and has room.`,
          fixes: () => [
            {
              label: `Add ${groupNames[group].toLowerCase()} sets until it fits`,
              change: () => towards(block, week, group, band.lo),
            },
            ...(easiest ? addedWith(easiest, additions[group], (band.lo - sets) / often(easiest, week)) : []),
          ],
        },
      ];
    });
  },
};
