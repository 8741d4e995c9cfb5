import { type MeasuredLine, isHeavyCompound } from '../../measure';
import { setTargets } from '../../session';
import type { Rule } from '../model';
import { easedTo } from '../questions';

/** Sets of a line before its last that go to failure. */
function earlyIn(m: MeasuredLine): number {
  if (m.line.scheme.kind === 'burn-out') return 0;
  const sets = setTargets(m.line).filter((t) => t.stage === 0);
  return sets.filter((t, i) => i < sets.length - 1 && t.reserve <= 0).length;
}

export const failureNotLast: Rule = {
  id: 'failure-not-last',
  title: 'Failure before the last set',
  severity: 'note',
  ground: 'published',
  at: 'reserve',
  look: (s) => {
    const first = s.lines.find(isHeavyCompound);
    const lines = s.lines.filter((m) => m !== first && m.movement.load.kind !== 'none' && earlyIn(m) > 0);
    const [one] = lines;
    if (!one) return [];
    const n = lines.length === 1 ? earlyIn(one) : 0;
    return [
      {
        on: lines.map((m) => m.id),
        what:
          lines.length === 1
            ? `${one.name} goes to failure early${n === 1 ? '' : `, ${n} times`}.`
            : `${lines.length} movements go to failure before their last set.`,
        why: 'Each set to failure takes repetitions from those after it; the last set has none after it.',
        fixes: () => [
          {
            label: 'Leave 2, failure on the last',
            edit: {
              do: 'all',
              edits: lines.map((m) => easedTo(m, { first: 2, last: m.movement.compound ? 1 : 0 })),
            },
          },
        ],
      },
    ];
  },
};
