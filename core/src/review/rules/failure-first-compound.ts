import { isHeavyCompound } from '../../measure';
import { easedTo, lowestReserve } from '../questions';
import { setTargets } from '../../session';
import type { Rule } from '../model';

export const failureFirstCompound: Rule = {
  id: 'failure-first-compound',
  title: 'Failure on the first heavy lift',
  severity: 'watch',
  ground: 'published',
  at: 'reserve',
  look: (s) => {
    const first = s.lines.find(isHeavyCompound);
    if (!first || lowestReserve(first.line) > 0) return [];
    const later = s.lines.slice(s.lines.indexOf(first) + 1).some(isHeavyCompound);
    const atOnce = setTargets(first.line)[0]!.reserve <= 0;
    return [
      {
        on: [first.id],
        // The body alone on the floor is neither heavy nor held up by anybody; with nothing to come it costs little.
        severity:
          !atOnce && !later && ['bodyweight', 'machine'].includes(first.movement.implement)
            ? 'note'
            : 'watch',
        what: atOnce
          ? `${first.name} goes to failure from its first set.`
          : later
            ? `${first.name} ends at failure before other heavy presses.`
            : `${first.name} ends at failure as the day’s heavy lift.`,
        why:
          atOnce || later
            ? 'Sets to failure lost more reps over a session than sets that left one or two (Refalo et al. 2024, trained adults); keep it for last sets of last movements.'
            : 'On a first heavy lift the last rep is where the form goes and where it is hardest to get out; the same failure is cheap on what comes last.',
        fixes: () => [{ label: 'Leave 3, then 1', edit: easedTo(first, { first: 3, last: 1 }) }],
      },
    ];
  },
};
