import { groupIds, groupNames, type RegionId, regions } from '../../anatomy';
import { isPress, offerFirst } from '../../review';
import { addedWith, bySession, dayWordsOf, easiestFirst, inPlay, isOrdinary } from '../asking';
import { hardSets, setsText, toHalves } from '../words';
import type { BlockFixDraft, BlockRule, MeasuredBlock, MeasuredDay, MeasuredWeek } from '../model';

/** Hard sets of a region in a week from which it gets something. */
const SOMETHING = 2;

const wanted: { region: RegionId; add: string[] }[] = [
  { region: 'pecUpper', add: ['incline-dumbbell-press', 'cable-fly-low-to-high'] },
  { region: 'pecMiddle', add: ['dumbbell-bench-press', 'cable-fly-shoulder-height'] },
  { region: 'pecLower', add: ['cable-fly-high-to-low', 'chest-dip'] },
  { region: 'deltSide', add: ['cable-lateral-raise', 'dumbbell-lateral-raise'] },
  { region: 'deltRear', add: ['incline-rear-raise', 'cable-rear-fly'] },
  { region: 'triLong', add: ['cable-overhead-extension', 'overhead-extension'] },
];

const addedTo = (week: MeasuredWeek, entries: readonly string[]): BlockFixDraft[] =>
  easiestFirst(week)
    .slice(0, 2)
    .flatMap((d) => bySession(d, offerFirst(d.measured!, entries, 1)));

/** A week that can lack something: as the block means it, with at least one session to look into. */
const isWhole = (block: MeasuredBlock, week: MeasuredWeek): boolean =>
  isOrdinary(block, week) && week.days.some((d) => d.measured !== null);

export const weekLacks: BlockRule = {
  id: 'week-lacks',
  title: 'A region gets nothing all week',
  severity: 'watch',
  ground: 'common practice',
  about:
    'Over all days of the week: upper, middle and lower chest, side and rear delts and the long head each get two hard sets or more. Lighter weeks are not asked.',
  look: (block, week) =>
    isWhole(block, week) && !week.rule.light
      ? wanted
          .filter(({ region }) => toHalves(week.regions[region]) < SOMETHING)
          .map(({ region, add }) => ({
            about: region,
            severity: block.context.client.lagging.includes(region) ? ('watch' as const) : ('note' as const),
            on: [],
            what: `${regions[region].name}: ${week.regions[region] < 0.25 ? 'nothing' : hardSets(week.regions[region])} in the whole week.`,
            why: 'Each day may leave something out; the week should not.',
            fixes: () => addedTo(week, add),
          }))
      : [],
};

/** Sets of the retractors on one day that make it one for pulling. */
const PULL_DAY = 4;
/** So many pulling sets for each pressing set, where there is no pull day. Common practice. */
const FLOOR = 0.5;

/** Pulling on the easiest day: as many sets as are missing, and no more than one movement takes. */
const pullingAdded = (week: MeasuredWeek, missing: number): BlockFixDraft[] =>
  easiestFirst(week)
    .slice(0, 2)
    .flatMap((d) => addedWith(d, ['wide-elbow-row', 'face-pull'], missing));

const pressing = (d: MeasuredDay): number =>
  d.measured
    ? d.measured.lines.filter(isPress).reduce((n, m) => n + new Set(m.sets.map((s) => s.target.set)).size, 0)
    : d.groups.chest;

export const pullingAgainst: BlockRule = {
  id: 'pulling-against',
  title: 'Pressing without pulling',
  severity: 'watch',
  ground: 'common practice',
  about:
    'Where no day of the week is one for pulling: at least half as many sets for the retractors as sets of presses.',
  look: (block, week) => {
    if (!isWhole(block, week) || week.days.some((d) => d.regions.retractors >= PULL_DAY)) return [];
    const pressed = week.days.reduce((n, d) => n + pressing(d), 0);
    const pulled = week.regions.retractors;
    if (pressed < 4 || pulled >= pressed * FLOOR) return [];
    return [
      {
        about: 'week',
        on: [],
        what: `${setsText(pressed)} sets of presses, ${setsText(pulled)} of pulling, no back day.`,
        why: 'Presses draw the shoulders in and to the front; half as much pulling is the least that holds against it.',
        fixes: () => pullingAdded(week, Math.ceil(pressed * FLOOR - pulled)),
      },
    ];
  },
};

export const noRotation: BlockRule = {
  id: 'no-rotation',
  title: 'No external rotation in the week',
  severity: 'note',
  ground: 'common practice',
  about: 'A week with four or more sets of presses and nothing that turns the arm out, light work included.',
  look: (block, week) => {
    if (!isWhole(block, week) || week.days.reduce((n, d) => n + pressing(d), 0) < 4) return [];
    const turnsOut = week.days.some(
      (d) =>
        d.regions.cuff > 0 ||
        (d.training.does.is === 'short' && d.training.does.work.some((w) => w.part === 'rotators')) ||
        (d.measured?.lines.some((m) => (m.credits.cuff ?? 0) >= 0.5) ?? false) ||
        (d.measured?.session.warmup.some((w) => /rotation|face-pull|pull-apart/.test(w.movement)) ?? false),
    );
    if (turnsOut) return [];
    return [
      {
        about: 'week',
        on: [],
        what: 'Nothing in the week turns the arm out.',
        why: 'The rotators centre the shoulder under every press; light work somewhere in the week keeps them able to.',
        fixes: () => addedTo(week, ['external-rotation', 'side-lying-rotation', 'face-pull']),
      },
    ];
  },
};

/** Hard sets of a muscle on one day past which more are hard to show a benefit for (Remmert et al. 2025, preprint, from memory). */
const SHOWN_UP_TO = 11;

export const worthSpread: BlockRule = {
  id: 'worth-spread',
  title: 'All sets of a week on one day',
  severity: 'note',
  ground: 'published',
  about:
    'A group that has all its hard sets of the week on one day, and more than eleven of them. No advice for whom one day is what there is.',
  look: (_block, week) =>
    groupIds.flatMap((group) => {
      const days = week.days.filter((d) => inPlay(d) && d.groups[group] >= 1);
      const [only] = days;
      if (days.length !== 1 || !only || only.groups[group] <= SHOWN_UP_TO) return [];
      return [
        {
          about: group,
          on: [only.training.id],
          what: `${groupNames[group]}: all ${hardSets(only.groups[group])} on ${dayWordsOf(only)}.`,
          why: 'Past about eleven on one day more are hard to show a benefit for. On two days the same sets are done fresher, with more repetitions at the same loads; that they then grow more was not found.',
        },
      ];
    }),
};
