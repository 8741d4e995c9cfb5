import { setTargets } from '../../session';
import type { Rule } from '../model';
import { easedTo, isHeavyCompound } from '../questions';

export const failureNotLast: Rule = {
  id: 'failure-not-last',
  title: 'Failure before the last set',
  severity: 'note',
  ground: 'published',
  look: (s) => {
    const first = s.lines.find(isHeavyCompound);
    return s.lines
      .filter((m) => m !== first && m.movement.load.kind !== 'none')
      .flatMap((m) => {
        const sets = setTargets(m.line).filter((t) => t.stage === 0);
        const early = sets.filter(
          (t, i) => i < sets.length - 1 && t.reserve <= 0 && m.line.scheme.kind !== 'burn-out',
        ).length;
        if (early === 0) return [];
        return [
          {
            on: [m.id],
            what: `${m.name} goes to failure before its last set${early === 1 ? '' : `, ${early} times`}.`,
            why: 'Each set to failure takes repetitions from those after it; the last set has none after it.',
            fixes: () => [
              {
                label: 'Leave 2, failure on the last',
                edit: easedTo(m, { first: 2, last: m.movement.compound ? 1 : 0 }),
              },
            ],
          },
        ];
      });
  },
};
