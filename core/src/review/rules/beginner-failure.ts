import { easedTo, lowestReserve } from '../questions';
import type { Rule } from '../model';

export const beginnerFailure: Rule = {
  id: 'beginner-failure',
  title: 'Failure in the first year',
  severity: 'watch',
  ground: 'common practice',
  at: 'reserve',
  look: (s) => {
    if (s.context.client.trainingAge !== 'under 1 year') return [];
    const lines = s.lines.filter((m) => m.movement.load.kind !== 'none' && lowestReserve(m.line) < 1);
    const [one] = lines;
    if (!one) return [];
    const [who, go] = lines.length === 1 ? [one.name, 'goes'] : [`${lines.length} movements`, 'go'];
    return [
      {
        mustGo: true,
        on: lines.map((m) => m.id),
        what: `${who} ${go} to failure in a first year.`,
        why: 'Technique comes first; two or more in reserve teaches it and grows as well.',
        fixes: () => [
          {
            label: 'Leave 3, then 2',
            edit: { do: 'all', edits: lines.map((m) => easedTo(m, { first: 3, last: 2 })) },
          },
        ],
      },
    ];
  },
};
