import { groupCredit, groupIds } from '../anatomy';
import { doseValue, isHard } from '../dose';
import { countedAs, type Measured, type MeasuredLine } from '../measure';
import { weightsIn } from './worth';

/** What a set gives of all the session does, and the minutes it takes with its rest. */
export interface SetValue {
  /** Which working set, from 0. */
  set: number;
  /** Share of the worth of the whole session; nothing for a set that is not expected to count. */
  share: number;
  minutes: number;
}

type Judged = Pick<Measured, 'dose' | 'school' | 'session'>;

/**
 * What each set of a movement gives, the last one first taken away: the fourth is worth what it adds to three, with
 * everything else in the session done. A stage or a bout counts with its set.
 */
export function setValues({ dose, school, session }: Judged, m: MeasuredLine): SetValue[] {
  const weight = weightsIn(session);
  const worthAt = (sets: Record<(typeof groupIds)[number], number>): number =>
    groupIds.reduce((sum, g) => sum + weight(g) * doseValue(Math.max(0, sets[g]), school.valueScale), 0);
  const of = (set: number, g: (typeof groupIds)[number]): number =>
    m.sets
      .filter((x) => x.target.set === set)
      .reduce((sum, x) => {
        const { credits, counts = 1, reserve } = countedAs(m, x, school);
        return sum + (isHard(reserve, school.counting.hardReserve) ? counts * groupCredit(credits, g) : 0);
      }, 0);
  const now = Object.fromEntries(groupIds.map((g) => [g, dose.groups[g].fractional])) as Record<
    (typeof groupIds)[number],
    number
  >;
  const whole = worthAt(now);
  const count = 1 + Math.max(-1, ...m.sets.map((x) => x.target.set));
  const values: SetValue[] = [];
  for (let set = count - 1; set >= 0; set--) {
    const before = worthAt(now);
    for (const g of groupIds) now[g] -= of(set, g);
    values.unshift({
      set,
      share: whole > 0 ? (before - worthAt(now)) / whole : 0,
      minutes: m.seconds / 60 / count,
    });
  }
  return values;
}
