import { promisedReps, repsText } from '../../session';
import type { Rule } from '../model';
import { changeLine, setsOf } from '../questions';

/** Between these all repetitions grow a muscle about alike (Schoenfeld et al. 2021, from memory); the upper end is common practice. */
const FEWEST = 5;
const MOST = 50;

export const repsOutsideGrowth: Rule = {
  id: 'reps-outside-growth',
  title: 'Reps outside what grows',
  severity: 'watch',
  ground: 'published',
  at: 'scheme',
  look: (s) =>
    s.lines.flatMap((m) => {
      const { aim } = s.context.client;
      const sets = promisedReps(m.line);
      if (sets.length === 0 || m.movement.family === 'preparation' || m.movement.family === 'corrective')
        return [];
      const most = Math.max(...sets.map((r) => r.lo));
      const top = Math.max(...sets.map((r) => r.hi));
      const forStrength = aim !== 'size' && aim !== 'endurance' && aim !== 'slow';
      const heavy = m.movement.compound && (forStrength || s.school.homes.first.lo < FEWEST);
      // Dumbbells under four have a rule of their own.
      const own = m.movement.implement === 'dumbbells' && m.movement.compound && top < 4;
      const tooFew = !heavy && !own && top < FEWEST;
      if (!tooFew && most <= MOST) return [];
      const [lo, hi] = m.home.homeReps;
      const home = { lo: Math.max(FEWEST, lo), hi: Math.min(hi, Math.max(FEWEST, lo) + 4) };
      return [
        {
          on: [m.id],
          what: `${m.name} asks for ${tooFew ? `only ${top}` : most} ${tooFew && top === 1 ? 'rep' : 'reps'}.`,
          why: tooFew
            ? 'Under five a set is mostly practice at being strong: little of it counts for size.'
            : 'Past fifty the load is so light that breath and burning end the set long before the muscle has to.',
          fixes: () => [
            {
              label: `Make it ${repsText(home)}`,
              edit: changeLine(m.id, {
                scheme: { kind: 'straight' as const, sets: setsOf(m), reps: home },
                loadKg: null,
              }),
            },
          ],
        },
      ];
    }),
};
