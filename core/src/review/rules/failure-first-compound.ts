import { easedTo, isHeavyCompound, lowestReserve } from '../questions';
import { setTargets } from '../../session/schemes';
import type { Rule } from '../model';

export const failureFirstCompound: Rule = {
  id: 'failure-first-compound',
  title: 'Failure on the first heavy lift',
  severity: 'watch',
  ground: 'published',
  look: (s) => {
    const first = s.lines.find(isHeavyCompound);
    const later = first ? s.lines.slice(s.lines.indexOf(first) + 1).some(isHeavyCompound) : false;
    if (!first || lowestReserve(first.line) > 0) return [];
    const atOnce = setTargets(first.line)[0]!.reserve <= 0;
    if (!atOnce && !later) return [];
    return [
      {
        on: [first.id],
        what: atOnce
          ? `${first.name} goes to failure from its first set.`
          : `${first.name} ends at failure with heavy presses still to come.`,
        why: 'Failure early costs the reps of every set after it (Refalo et al. 2024); keep it for last sets.',
        fixes: () => [{ label: 'Leave 3, then 1', edit: easedTo(first, { first: 3, last: 1 }) }],
      },
    ];
  },
};
