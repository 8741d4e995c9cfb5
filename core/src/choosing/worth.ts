import { groupCredit, type GroupId, groupIds } from '../anatomy';
import { doseValue, isHard } from '../dose';
import { countedAs, type Measured } from '../measure';
import { groupOfEmphasis, type Session } from '../session';

/** The group a session is for weighs so much more than the others. Own estimate. */
const MAIN_WEIGHS = 2;

/** How much each group counts in a session. */
export function weightsIn(session: Pick<Session, 'emphasis'>): (group: GroupId) => number {
  const main = groupOfEmphasis(session.emphasis);
  return (group) => (group === main ? MAIN_WEIGHS : 1);
}

/** What a session gives its groups in all, the one it is for counting more: only differences mean something. */
export function worthOf({ session, school, dose }: Measured): number {
  const weight = weightsIn(session);
  return groupIds.reduce(
    (sum, id) => sum + weight(id) * doseValue(dose.groups[id].fractional, school.valueScale),
    0,
  );
}

/** The same with every set counted for the share of its strength that is left when it comes. */
export function keptWorth(m: Measured): number {
  const weight = weightsIn(m.session);
  return groupIds.reduce((sum, id) => {
    const sets = m.lines.reduce(
      (n, line) =>
        n +
        line.sets.reduce((t, set) => {
          const counted = countedAs(line, set, m.school);
          const hard = isHard(counted.reserve, m.school.counting.hardReserve);
          return t + (hard ? (counted.counts ?? 1) * groupCredit(counted.credits, id) * (1 - set.loss) : 0);
        }, 0),
      0,
    );
    return sum + weight(id) * doseValue(sets, m.school.valueScale);
  }, 0);
}
