import { isHeavyCompound } from '../../measure';
import { DIRECT } from '../../dose';
import { groupCredit, groupIds, groupNames } from '../../anatomy';
import type { Rule } from '../model';
import { blockIndex, easedTo, isFreeWeight, lowestReserve } from '../questions';

const TRAINED = 0.5;

export const failureBeforeHeavy: Rule = {
  id: 'failure-before-heavy',
  title: 'Failure with heavy work to come',
  severity: 'watch',
  ground: 'published',
  at: 'reserve',
  look: (s) => {
    const first = s.lines.find(isHeavyCompound);
    const heavy = s.lines.filter((p) => isHeavyCompound(p) && isFreeWeight(p));
    if (heavy.length === 0) return [];
    return s.lines
      .filter((m) => m !== first && m.movement.load.kind !== 'none' && lowestReserve(m.line) <= 0)
      .flatMap((m) => {
        const groups = groupIds.filter((g) => groupCredit(m.credits, g) >= DIRECT);
        const here = blockIndex(s, m.id);
        const next = heavy.find(
          (p) => blockIndex(s, p.id) > here && groups.some((g) => groupCredit(p.credits, g) >= TRAINED),
        );
        if (!next) return [];
        const group = groups.find((g) => groupCredit(next.credits, g) >= TRAINED)!;
        return [
          {
            on: [m.id, next.id],
            what: `${m.name} goes to failure before ${next.name.toLowerCase()}.`,
            why: `${next.name} still needs the ${groupNames[group].toLowerCase()}. Sets to failure lost more reps over a session and grew the muscle alike (Refalo et al. 2024, trained adults): failure is cheap only on the last movement of a muscle.`,
            fixes: () => [
              {
                label: 'Leave 2, then 1',
                edit: easedTo(m, { first: Math.max(2, m.line.reserve.first), last: 1 }),
              },
            ],
          },
        ];
      });
  },
};
