import { groupCredit, groupIds } from '../anatomy';
import { nextSetWorth } from '../dose';
import type { Measured, MeasuredLine } from '../measure';
import { setCountOf } from '../session';
import { mayHaveMore } from './kindness';
import { weightsIn } from './worth';

/** Nobody is given more sets of one movement by what weeks add. */
const MOST_SETS = 8;
/** What sets are added to and taken from: neither correctives nor what only prepares. */
export const isWork = (m: MeasuredLine): boolean =>
  m.movement.family !== 'corrective' && m.movement.prepares === undefined;

/** Sets added one by one where the next is worth most for its minutes, or left out where the last is worth least. */
export function setsShared(measured: Measured, count: number): Map<string, number> {
  const { session, school, dose } = measured;
  const weight = weightsIn(session);
  const now = { ...Object.fromEntries(groupIds.map((g) => [g, dose.groups[g].fractional])) } as Record<
    (typeof groupIds)[number],
    number
  >;
  const added = new Map<string, number>();
  const lines = measured.lines.filter(isWork);
  const setsNow = (m: MeasuredLine): number => setCountOf(m.line.scheme) + (added.get(m.id) ?? 0);
  for (let left = Math.abs(count); left > 0; left -= 1) {
    const step = Math.sign(count);
    const open = lines.filter((m) =>
      step > 0 ? setsNow(m) < MOST_SETS && mayHaveMore(m, measured.context.client) : setsNow(m) > 1,
    );
    if (open.length === 0) break;
    const worth = (m: MeasuredLine): number => {
      const minutes = m.seconds / 60 / Math.max(1, setCountOf(m.line.scheme));
      const gain = groupIds.reduce((sum, g) => {
        const credit = groupCredit(m.credits, g);
        const from = Math.max(0, step > 0 ? now[g] : now[g] - credit);
        return sum + weight(g) * credit * nextSetWorth(from, school.valueScale);
      }, 0);
      // What has got a set already waits: weeks rise across the session, not on one movement.
      return gain / Math.max(0.5, minutes) / (1 + Math.max(0, step * (added.get(m.id) ?? 0)));
    };
    const ranked = [...open].sort((a, b) => worth(b) - worth(a));
    const m = step > 0 ? ranked[0]! : ranked[ranked.length - 1]!;
    added.set(m.id, (added.get(m.id) ?? 0) + step);
    for (const g of groupIds) now[g] += step * groupCredit(m.credits, g);
  }
  return added;
}
