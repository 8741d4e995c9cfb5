import type { MeasuredLine } from '../../measure';
import { promisedReps, repsText } from '../../session';
import { changeLine, isFreeWeight, setsOf } from '../questions';
import type { FindingDraft, Rule } from '../model';

/** More than this on a free-weight compound is ended by breath and small muscles. Common practice. */
const MOST_HEAVY = 15;
/** Fewer than this on raises and flies is ended by joints. Common practice. */
const FEWEST_SINGLE = 8;

/** Repetitions a coach promises for the sets of a line; stages, holds and open sets promise none. */
const promised = (m: MeasuredLine): number[] => promisedReps(m.line).map((r) => r.lo);

function look(m: MeasuredLine): FindingDraft[] {
  const reps = promised(m);
  if (reps.length === 0) return [];
  const heavy = m.movement.compound && isFreeWeight(m);
  const single = m.movement.family === 'raise' || m.movement.family === 'fly';
  const [most, fewest] = [Math.max(...reps), Math.min(...reps)];
  // Past fifty is another rule's matter.
  const tooMany = heavy && most > MOST_HEAVY && most <= 50;
  const tooFew = single && fewest < FEWEST_SINGLE;
  if (!tooMany && !tooFew) return [];
  const [lo, hi] = m.home.homeReps;
  const home = { lo, hi: Math.min(hi, lo + 4) };
  return [
    {
      on: [m.id],
      what: `${m.name} asks for ${tooMany ? most : fewest} ${fewest === 1 && tooFew ? 'rep' : 'reps'}.`,
      why: tooMany
        ? 'So many with a free weight over several joints, and breath and small muscles end the set before the muscle it is for.'
        : 'So few on one joint, and the joint ends the set before the muscle does.',
      fixes: () => [
        {
          label: `Make it ${repsText(home)}`,
          edit: changeLine(m.id, {
            scheme: { kind: 'straight', sets: setsOf(m), reps: home },
            loadKg: null,
          }),
        },
      ],
    },
  ];
}

export const repsOffHome: Rule = {
  id: 'reps-off-home',
  title: 'Reps this movement is not for',
  severity: 'note',
  ground: 'common practice',
  at: 'scheme',
  look: (s) => s.lines.flatMap(look),
};
