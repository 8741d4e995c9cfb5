import { type GroupId, groupIds, noGroups } from '../anatomy';
import { type BlockContext, type MeasuredDay, measureBlock, type TrainingBlock } from '../block';
import { isHard, loggedGroups } from '../dose';
import type { School } from '../schools';
import type { Logged } from '../strength';
import { daysAfter } from '../units';

/** Working sets of a week that were no hard ones, by why. */
export interface NotHard {
  /** Left so much more than was asked that they do not count. */
  easy: number;
  /** Of a lighter week: light work, as it was meant. */
  lighter: number;
  /** Planned on a day that was done, and not logged. */
  notDone: number;
  /** Of days that were left out. */
  leftOut: number;
}

/** A week as it was planned and as it was done: fractional hard sets by group, and days. */
export interface WeekDone {
  week: number;
  from: string;
  isLight: boolean;
  /** Its last day is behind. */
  isOver: boolean;
  /** What the sessions were expected to give when they were planned. */
  planned: Record<GroupId, number>;
  done: Record<GroupId, number>;
  notHard: NotHard;
  days: { planned: number; done: number; leftOut: number };
}

const workingSets = ({ measured }: MeasuredDay): number =>
  (measured?.lines ?? []).reduce((n, m) => n + m.sets.filter((set) => set.target.stage === 0).length, 0);

/** Where the sets of a week went that count for nothing. */
function notHardIn(
  sessions: readonly MeasuredDay[],
  logged: readonly Logged[],
  { counting }: School,
): NotHard {
  const sets = logged.filter((r) => r.kind !== 'stage');
  const soft = sets.filter((r) => r.kind === 'set' && !isHard(r.reserve, counting.hardReserve));
  const lighter = soft.filter((r) => r.asked?.light === true).length;
  const done = sessions.filter((d) => d.placed.state === 'done');
  const asked = done.reduce((n, d) => n + workingSets(d), 0);
  const out = sessions.filter((d) => d.placed.state === 'left out');
  return {
    easy: soft.length - lighter,
    lighter,
    notDone: Math.max(0, asked - sets.length),
    leftOut: out.reduce((n, d) => n + workingSets(d), 0),
  };
}

/**
 * The weeks of a block up to today: what its sessions were expected to give beside what the log has, and where the rest
 * went. Days in short form are in neither, since nobody logs them. A set counts by what was left.
 */
export function weeksDone(block: TrainingBlock, context: BlockContext): WeekDone[] {
  const measured = measureBlock(block, context);
  return measured.weeks
    .filter((w) => w.from <= context.todayIso && w.days.length > 0)
    .map((w): WeekDone => {
      const planned = noGroups();
      const sessions = w.days.filter((d) => d.measured !== null);
      for (const d of sessions) for (const g of groupIds) planned[g] += d.groups[g];
      const state = (is: string): number => sessions.filter((d) => d.placed.state === is).length;
      const to = daysAfter(w.from, 6);
      const logged = context.logged.filter((r) => r.date >= w.from && r.date <= to);
      return {
        week: w.week,
        from: w.from,
        isLight: w.rule.light,
        isOver: to < context.todayIso,
        planned,
        done: loggedGroups(context.logged, w.from, to, measured.school) ?? noGroups(),
        notHard: notHardIn(sessions, logged, measured.school),
        days: { planned: sessions.length, done: state('done'), leftOut: state('left out') },
      };
    });
}
