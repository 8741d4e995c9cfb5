import { type GroupId, groupIds, groupNames } from '../../anatomy';
import { loggedGroups } from '../../dose';
import { daysAfter } from '../../units';
import { isOrdinary, isUsual, onlyBlock } from '../asking';
import { setsText } from '../words';
import type { BlockFixDraft, BlockRule, MeasuredBlock, MeasuredWeek } from '../model';

/** Up by more than this is a jump; fewer sets than `LEAST` make any step look like one. Common practice. */
const MOST = 1.5;
const LEAST = 4;

/** Hard sets by group in the seven days before the block, from the log; null without any. */
const before = ({ block, context, school }: MeasuredBlock): Record<GroupId, number> | null =>
  loggedGroups(context.logged, daysAfter(block.startsOn, -7), daysAfter(block.startsOn, -1), school);

/** The last week that was no lighter one: what a rise is measured by. */
function weekBefore(block: MeasuredBlock, week: MeasuredWeek): Record<GroupId, number> | null {
  const usual = block.weeks
    .slice(0, week.week)
    .findLast((w) => !w.rule.light && isOrdinary(block, w) && w.days.every((d) => isUsual(block, d)));
  return usual ? usual.groups : week.week === 0 ? before(block) : null;
}

const fewer = (block: MeasuredBlock, week: MeasuredWeek): BlockFixDraft[] =>
  [-1, -2, -3, -4].map((by) => ({
    label: `${-by} ${by === -1 ? 'set' : 'sets'} fewer a session that week`,
    change: () =>
      onlyBlock({
        weeks: block.block.weeks.map((w, i) =>
          i === week.week ? { ...w, sets: Math.max(-6, w.sets + by) } : w,
        ),
      }),
  }));

export const setsJump: BlockRule = {
  id: 'sets-jump',
  title: 'Sets up by more than half',
  severity: 'watch',
  ground: 'common practice',
  about:
    'A group gets more than half again as many hard sets as in the last ordinary week, of the block or of the log before it; lighter weeks are passed over.',
  look: (block, week) => {
    const last = weekBefore(block, week);
    if (!last || week.rule.light || !week.days.every((d) => isUsual(block, d))) return [];
    return groupIds.flatMap((group) => {
      const [was, now] = [last[group], week.groups[group]];
      if (was < LEAST || now <= was * MOST) return [];
      return [
        {
          about: group,
          on: [],
          what: `${groupNames[group]}: from ${setsText(was)} to ${setsText(now)} hard sets a week, up ${Math.round((now / was - 1) * 100)} %.`,
          why: 'More than half again in one step is seldom recovered from; a set or two a week is.',
          fixes: () => fewer(block, week),
        },
      ];
    });
  },
};
