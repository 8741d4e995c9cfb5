import type { MeasuredLine } from '../../measure';
import { type FamilyId, findEntry } from '../../movements';
import { becoming } from '../../session';
import { changeLine, setsOf } from '../questions';
import type { Rule } from '../model';

/** Indirect front-delt sets from which direct work is optional. Common practice. */
const ENOUGH = 6;
/** Those of the chest alone from which an overhead press is. Own estimate. */
const MORE_THAN_ENOUGH = 8;
/** Credit from which a press gives the front delts a set. */
const GIVES = 0.4;

export const optionalFrontDelt: Rule = {
  id: 'optional-front-delt',
  title: 'Front delts already have their sets',
  severity: 'note',
  ground: 'common practice',
  look: (s) => {
    const givenBy = (families: readonly FamilyId[]): number =>
      s.lines
        .filter((m) => families.includes(m.movement.family) && (m.credits.deltFront ?? 0) >= GIVES)
        .reduce((n, m) => n + setsOf(m), 0);
    const byPresses = givenBy(['press']);
    const byAll = givenBy(['press', 'overhead']);
    const { lagging } = s.context.client;
    if (byAll < ENOUGH || s.session.emphasis === 'deltFront' || lagging.includes('deltFront')) return [];
    const isRaise = (m: MeasuredLine): boolean => m.movement.pattern === 'raise front';
    const raise = findEntry('dumbbell-lateral-raise')!;
    return s.lines
      .filter((m) => isRaise(m) || (m.movement.family === 'overhead' && byPresses >= MORE_THAN_ENOUGH))
      .map((m) => ({
        on: [m.id],
        what: `${m.name} is optional beside ${isRaise(m) ? byAll : byPresses} pressing sets.`,
        why: 'They train the front delts already. The time is worth more on the side or rear delts, which no press reaches.',
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
