import { findEntry } from '../../movements';
import { becoming } from '../../session';
import { changeLine, setsOf } from '../questions';
import type { Rule } from '../model';

/** Indirect front-delt sets from which direct work is optional. Common practice. */
const ENOUGH = 6;

export const optionalFrontDelt: Rule = {
  id: 'optional-front-delt',
  title: 'Front delts already have their sets',
  severity: 'note',
  ground: 'common practice',
  look: (s) => {
    const indirect = s.lines.filter(
      (m) => m.movement.family === 'press' && (m.credits.deltFront ?? 0) >= 0.4,
    );
    const sets = indirect.reduce((n, m) => n + setsOf(m), 0);
    if (sets < ENOUGH || s.session.emphasis === 'deltFront') return [];
    const raise = findEntry('dumbbell-lateral-raise')!;
    return s.lines
      .filter((m) => m.movement.pattern === 'raise front' || (m.movement.family === 'overhead' && sets >= 8))
      .map((m) => ({
        on: [m.id],
        what: `${m.name} is optional: ${sets} pressing sets already train the front delts.`,
        why: 'The time is worth more on the side or rear delts, which no press reaches.',
        fixes: () => [
          {
            label: 'Make it a lateral raise',
            edit: changeLine(m.id, {
              ...becoming(raise),
              scheme: { kind: 'straight', sets: setsOf(m), reps: { lo: 12, hi: 15 } },
              restS: s.school.starting.restS.isolation,
            }),
          },
          { label: `Remove ${m.name.toLowerCase()}`, edit: { do: 'remove line', line: m.id } },
        ],
      }));
  },
};
