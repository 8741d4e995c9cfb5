import { promisedReps } from '../../session';
import { changeLine, setsOf } from '../questions';
import type { Rule } from '../model';

export const dumbbellsLowReps: Rule = {
  id: 'dumbbells-low-reps',
  title: 'Dumbbells under four reps',
  severity: 'watch',
  ground: 'common practice',
  at: 'scheme',
  look: (s) =>
    s.lines
      .filter((m) => m.movement.implement === 'dumbbells' && m.movement.compound)
      .flatMap((m) => {
        const sets = promisedReps(m.line);
        const lowest = Math.min(...sets.map((r) => r.lo));
        if (lowest >= 4) return [];
        return [
          {
            on: [m.id],
            what: `${m.name} asks for ${lowest} ${lowest === 1 ? 'rep' : 'reps'}.`,
            why: 'Getting heavy bells into place costs more than so short a set gives.',
            fixes: () => [
              {
                label: 'Make it 6–8',
                edit: changeLine(m.id, {
                  scheme: { kind: 'straight', sets: setsOf(m), reps: { lo: 6, hi: 8 } },
                  loadKg: null,
                }),
              },
            ],
          },
        ];
      }),
};
