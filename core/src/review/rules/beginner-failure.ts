import { easedTo, lowestReserve } from '../questions';
import type { Rule } from '../model';

export const beginnerFailure: Rule = {
  id: 'beginner-failure',
  title: 'Failure in the first year',
  severity: 'watch',
  ground: 'common practice',
  look: (s) =>
    s.context.client.trainingAge !== 'under 1 year'
      ? []
      : s.lines
          .filter((m) => m.movement.load.kind !== 'none' && lowestReserve(m.line) < 1)
          .map((m) => ({
            on: [m.id],
            what: `${m.name} goes to failure with a client in the first year.`,
            why: 'Technique comes first; two or more in reserve teaches it and grows as well.',
            fixes: () => [{ label: 'Leave 3, then 2', edit: easedTo(m, { first: 3, last: 2 }) }],
          })),
};
