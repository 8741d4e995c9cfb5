import type { MeasuredLine } from '../../measure';
import { promisedReps } from '../../session';
import type { Rule } from '../model';
import { changeLine, setsOf } from '../questions';

/** Repetitions with the bodyweight that nobody is taken to have without a record of them. Common practice. */
const unproven = (m: MeasuredLine): number =>
  m.movement.implement === 'bodyweight' && m.movement.station !== 'floor' ? 20 : 40;
/** A burn-out is reached in as few bouts as it takes; more than so many is another exercise. Own estimate. */
const BOUTS = 5;

/** The most a set or a burn-out of the line asks for in all. */
function askedOf(m: MeasuredLine): number {
  const { scheme } = m.line;
  if (scheme.kind === 'burn-out') return scheme.total;
  return Math.max(0, ...promisedReps(m.line).map((r) => r.lo));
}

export const beyondReach: Rule = {
  id: 'beyond-reach',
  title: 'More reps than anybody knows of',
  severity: 'watch',
  ground: 'common practice',
  look: (s) =>
    s.lines.flatMap((m) => {
      if (m.movement.load.kind !== 'bodyweight' || !m.movement.compound) return [];
      const asked = askedOf(m);
      const isBurnOut = m.line.scheme.kind === 'burn-out';
      const first = m.sets[0]?.expectedReps ?? null;
      const isKnown = m.max.basis === 'tested' || m.max.basis === 'from sets';
      const tooMany = isKnown
        ? isBurnOut && first !== null && asked > first * BOUTS
        : asked > (isBurnOut ? 2 : 1) * unproven(m);
      if (!tooMany) return [];
      const less = isBurnOut ? Math.max(10, Math.min(2 * unproven(m), (first ?? 10) * 3)) : 0;
      return [
        {
          on: [m.id],
          what: isBurnOut
            ? `${m.name} asks for ${asked} reps in ${setsOf(m) === 1 ? 'one burn-out' : `each of ${setsOf(m)} burn-outs`}${isKnown ? `; about ${first} come in one go` : ', and no set of it is on record'}.`
            : `${m.name} asks for ${asked} reps in a set, and no set of it is on record.`,
          why: 'What nobody has seen this client do is no prescription. A test set tells; until then fewer, or an easier movement.',
          fixes: () => [
            m.line.scheme.kind === 'burn-out'
              ? {
                  label: `A burn-out of ${less}`,
                  edit: changeLine(m.id, { scheme: { ...m.line.scheme, sets: 1, total: less } }),
                }
              : {
                  label: 'As many as come, leaving 1',
                  edit: changeLine(m.id, {
                    scheme: {
                      kind: 'straight' as const,
                      sets: Math.min(4, setsOf(m)),
                      reps: { lo: m.home.homeReps[0], hi: m.home.homeReps[1] },
                    },
                  }),
                },
          ],
        },
      ];
    }),
};
