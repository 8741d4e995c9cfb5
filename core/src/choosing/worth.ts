import { groupIds } from '../anatomy/regions';
import { doseValue } from '../dose/value';
import { groupOfEmphasis } from '../session/emphasis';
import type { Measured } from '../measure/model';

/** The group a session is for weighs so much more than the others. Own estimate. */
const MAIN_WEIGHS = 2;

/** What a session gives its groups in all, the one it is for counting more: only differences mean something. */
export function worthOf({ session, school, dose }: Measured): number {
  const main = groupOfEmphasis(session.emphasis);
  return groupIds.reduce(
    (sum, id) =>
      sum + (id === main ? MAIN_WEIGHS : 1) * doseValue(dose.groups[id].fractional, school.valueScale),
    0,
  );
}
