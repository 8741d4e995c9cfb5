import { moduleOf, turnedInto } from '../../session';
import { changeLine, isTechnique } from '../questions';
import type { Rule } from '../model';

export const beginnerTechniques: Rule = {
  id: 'beginner-techniques',
  title: 'Special techniques in the first year',
  severity: 'watch',
  ground: 'common practice',
  at: 'scheme',
  look: (s) =>
    s.context.client.trainingAge !== 'under 1 year'
      ? []
      : s.lines.filter(isTechnique).map((m) => ({
          on: [m.id],
          what: `${m.name} is a ${moduleOf(m.line.scheme).name.toLowerCase()} in a first year.`,
          why: 'Plain sets done well still bring everything; techniques that pile up fatigue teach bad reps.',
          fixes: () => [
            {
              label: 'Make it straight sets',
              edit: changeLine(m.id, { scheme: turnedInto(m.line.scheme, 'straight'), loadKg: null }),
            },
          ],
        })),
};
