import { daysBetween } from '../../units';
import type { GroupId } from '../../anatomy';
import { bothDays, exchanged, groupWords, hardFor, HARD_DAY, inPlay, isPushDay } from '../asking';
import type { BlockRule, MeasuredBlock, MeasuredDay, MeasuredWeek } from '../model';

/** Each day of a week with those of the two days before it, the week before included. */
function neighbours(block: MeasuredBlock, week: MeasuredWeek): [MeasuredDay, MeasuredDay][] {
  const all = block.weeks.flatMap((w) => w.days).filter(inPlay);
  return week.days.filter(inPlay).flatMap((d) =>
    all
      .filter((e) => {
        const apart = daysBetween(e.placed.date, d.placed.date);
        return apart === 1 || (apart === 0 && e.placed.day < d.placed.day);
      })
      .map((e): [MeasuredDay, MeasuredDay] => [e, d]),
  );
}

export const tooClose: BlockRule = {
  id: 'too-close',
  title: 'The same muscle hard on two days running',
  severity: 'watch',
  ground: 'common practice',
  about: `Four or more hard sets of a group on a day and again the day after: less than 48 hours. Counts days in short form too.`,
  look: (block, week) =>
    neighbours(block, week).flatMap(([first, second]) => {
      const groups = hardFor(first).filter((g) => second.groups[g] >= HARD_DAY);
      if (groups.length === 0) return [];
      return [
        {
          about: `${first.training.id} ${second.training.id} ${groups.join('+')}`,
          on: [first.training.id, second.training.id],
          what: `${groupWords(groups)} hard on ${bothDays(first, second)}, under 48 hours apart.`,
          why: 'Sets done before the last ones are recovered from are weaker sets. At least two days apart, unless the coach has a reason.',
          fixes: () => [...exchanged(block, second), ...exchanged(block, first)],
        },
      ];
    }),
};

const helpers: readonly GroupId[] = ['triceps', 'deltFront'];

export const helpersTired: BlockRule = {
  id: 'helpers-tired',
  title: 'Triceps or shoulders hard the day before pressing',
  severity: 'watch',
  ground: 'common practice',
  about:
    'A push day the day after four or more hard sets of the triceps or the front delts, where the chest itself had none: the helpers give out before the chest.',
  look: (block, week) =>
    neighbours(block, week).flatMap(([first, second]) => {
      if (!isPushDay(second) || first.groups.chest >= HARD_DAY) return [];
      const groups = hardFor(first).filter((g) => helpers.includes(g) && second.groups.chest >= HARD_DAY);
      if (groups.length === 0) return [];
      return [
        {
          about: `${first.training.id} ${second.training.id}`,
          on: [first.training.id, second.training.id],
          what: `${groupWords(groups)} hard on ${first.training.name}, the day before ${second.training.name}.`,
          why: 'Tired helpers end the pressing before the chest has had its work.',
          fixes: () => [...exchanged(block, first), ...exchanged(block, second)],
        },
      ];
    }),
};
