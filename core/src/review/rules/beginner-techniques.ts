import { turnedInto, type SchemeKind } from '../../session/schemes';
import { moduleOf } from '../../session/schemes/all';
import { changeLine } from '../questions';
import type { Rule } from '../model';

const techniques = new Set<SchemeKind>(['drop', 'mechanical drop', 'rest-pause', 'burn-out']);

export const beginnerTechniques: Rule = {
  id: 'beginner-techniques',
  title: 'Special techniques in the first year',
  severity: 'watch',
  ground: 'common practice',
  look: (s) =>
    s.context.client.trainingAge !== 'under 1 year'
      ? []
      : s.lines
          .filter((m) => techniques.has(m.line.scheme.kind))
          .map((m) => ({
            on: [m.id],
            what: `${m.name} is written as a ${moduleOf(m.line.scheme).name.toLowerCase()} for a client in the first year.`,
            why: 'Plain sets done well still bring everything; techniques that pile up fatigue teach bad reps.',
            fixes: () => [
              {
                label: 'Make it straight sets',
                edit: changeLine(m.id, { scheme: turnedInto(m.line.scheme, 'straight'), loadKg: null }),
              },
            ],
          })),
};
