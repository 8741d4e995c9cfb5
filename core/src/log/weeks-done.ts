import { groupCredit, type GroupId, groupIds, noGroups } from '../anatomy';
import { type BlockContext, measureBlock, type TrainingBlock } from '../block';
import { isHard, loggedGroups } from '../dose';
import { daysAfter } from '../units';

/** A week as it was planned and as it was done: fractional hard sets by group, and days. */
export interface WeekDone {
  week: number;
  from: string;
  isLight: boolean;
  /** Its last day is behind. */
  isOver: boolean;
  planned: Record<GroupId, number>;
  done: Record<GroupId, number>;
  days: { planned: number; done: number; leftOut: number };
}

/**
 * The weeks of a block up to today: what its sessions asked for beside what the log has. Days in short form are in
 * neither, since nobody logs them. A set counts by what was to be left in reserve, and by what was.
 */
export function weeksDone(block: TrainingBlock, context: BlockContext): WeekDone[] {
  const measured = measureBlock(block, context);
  const { hardReserve } = measured.school.counting;
  const isPlannedHard = ({ target }: { target: { reserve: number } }): boolean =>
    isHard(target.reserve, hardReserve);
  return measured.weeks
    .filter((w) => w.from <= context.todayIso && w.days.length > 0)
    .map((w): WeekDone => {
      const planned = noGroups();
      const sessions = w.days.filter((d) => d.measured !== null);
      for (const { measured: m } of sessions)
        for (const line of m!.lines)
          for (const g of groupIds)
            planned[g] += groupCredit(line.credits, g) * line.sets.filter(isPlannedHard).length;
      const state = (is: string): number => sessions.filter((d) => d.placed.state === is).length;
      return {
        week: w.week,
        from: w.from,
        isLight: w.rule.light,
        isOver: daysAfter(w.from, 6) < context.todayIso,
        planned,
        done: loggedGroups(context.logged, w.from, daysAfter(w.from, 6), measured.school) ?? noGroups(),
        days: { planned: sessions.length, done: state('done'), leftOut: state('left out') },
      };
    });
}
