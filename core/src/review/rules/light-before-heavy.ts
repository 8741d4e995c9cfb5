import { DIRECT } from '../../dose';
import { groupCredit, groupIds } from '../../anatomy';
import { type MeasuredLine, isHeavyCompound } from '../../measure';
import { promisedReps } from '../../session';
import type { Rule } from '../model';
import { blockIndex } from '../questions';

/** Repetitions up to which a set is heavy, and so many more are light beside it. Common practice. */
const HEAVY = 6;
const LIGHTER_BY = 4;

const fewest = (m: MeasuredLine): number => Math.min(...promisedReps(m.line).map((r) => r.lo));

export const lightBeforeHeavy: Rule = {
  id: 'light-before-heavy',
  title: 'Light before heavy',
  severity: 'watch',
  ground: 'common practice',
  at: 'scheme',
  look: (s) => {
    const presses = s.lines.filter(isHeavyCompound);
    return presses.flatMap((m) => {
      const heavy = fewest(m);
      if (heavy > HEAVY || m.movement.implement === 'bodyweight') return [];
      const group = groupIds.find((g) => groupCredit(m.credits, g) >= DIRECT);
      const lighter = presses.filter(
        (p) =>
          group !== undefined &&
          p.movement.implement !== 'bodyweight' &&
          groupCredit(p.credits, group) >= DIRECT &&
          Number.isFinite(fewest(p)) &&
          fewest(p) >= heavy + LIGHTER_BY &&
          blockIndex(s, p.id) < blockIndex(s, m.id),
      );
      const [first] = lighter;
      if (!first) return [];
      return [
        {
          on: [first.id, m.id],
          what: `${m.name} for ${heavy} comes after ${first.name.toLowerCase()} for ${fewest(first)}.`,
          why: 'Heavy sets need fresh muscle and a clear head; lighter ones lose less by coming later.',
          fixes: () => [
            {
              label: 'Heavy first',
              edit: { do: 'move line' as const, line: m.id, to: blockIndex(s, first.id) },
            },
          ],
        },
      ];
    });
  },
};
