import { isHeavyCompound } from '../../measure';
import { promisedReps } from '../../session';
import type { Rule } from '../model';
import { freshId } from '../questions';

/** Repetitions up to which a first lift wants leading up to. Common practice. */
const HEAVY = 6;

export const coldFirstLift: Rule = {
  id: 'cold-first-lift',
  title: 'No warm-up before a heavy lift',
  severity: 'watch',
  ground: 'common practice',
  look: (s) => {
    const [first] = s.lines;
    if (!first || !isHeavyCompound(first) || first.movement.load.kind !== 'external') return [];
    const fewest = Math.min(...promisedReps(first.line).map((r) => r.lo));
    if (fewest > HEAVY || first.ramps.length > 0 || s.session.warmup.length > 0) return [];
    return [
      {
        on: [first.id],
        what: `${first.name} for ${fewest} starts cold: nothing leads up to it.`,
        why: 'Heavy loads on cold shoulders and elbows are where strains happen; a few easy minutes and lighter sets cost little.',
        fixes: () => [
          {
            label: 'Add easy push-ups to the warm-up',
            edit: {
              do: 'add warmup' as const,
              at: 0,
              item: {
                id: freshId(s, 'warm-easy-push-up'),
                movement: 'easy-push-up',
                sets: 2,
                reps: 10,
                seconds: null,
                note: '',
              },
            },
          },
        ],
      },
    ];
  },
};
