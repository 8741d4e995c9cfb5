import type { Rule } from '../model';
import { changeLine, easedTo, isFreeWeight } from '../questions';

export const muscleFailure: Rule = {
  id: 'muscle-failure',
  title: 'Until nothing moves, with a free weight',
  severity: 'watch',
  ground: 'common practice',
  at: 'reserve',
  look: (s) =>
    s.lines.flatMap((m) => {
      const { scheme } = m.line;
      if (
        scheme.kind !== 'to failure' ||
        scheme.until !== 'muscle' ||
        !isFreeWeight(m) ||
        !m.movement.compound
      )
        return [];
      return [
        {
          on: [m.id],
          what: `${m.name} is meant to go on until nothing moves.`,
          why: 'Failure is where the form goes, unless it is asked for by name; with a free weight over several joints the last reps are the ones that hurt.',
          fixes: () => [
            {
              label: 'Until the form goes',
              edit: changeLine(m.id, { scheme: { ...scheme, until: 'form' as const } }),
            },
            { label: 'Leave 1', edit: easedTo(m, { first: 2, last: 1 }) },
          ],
        },
      ];
    }),
};
