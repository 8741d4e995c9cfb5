import { degrees } from '../../units';
import { notchesOf } from '../../kit';
import { changeLine, insteadOf } from '../questions';
import type { Rule } from '../model';

export const angleNotOnBench: Rule = {
  id: 'angle-not-on-bench',
  title: 'Angle this bench does not have',
  severity: 'watch',
  ground: 'common practice',
  look: (s) => {
    const notches = notchesOf(s.context.kit);
    if (notches.length === 0) return [];
    return s.lines
      .filter(
        (m) => m.rig.benchDeg !== undefined && m.rig.stance !== 'floor' && !notches.includes(m.rig.benchDeg),
      )
      .map((m) => {
        const wish = m.rig.benchDeg!;
        const near = notches
          // A decline stays no incline.
          .filter((n) => wish === 0 || n === 0 || n > 0 === wish > 0)
          .sort((a, b) => Math.abs(a - wish) - Math.abs(b - wish))
          .slice(0, 2);
        return {
          mustGo: true,
          on: [m.id],
          what: `No bench at ${s.context.kit.name} has a notch at ${degrees(wish)}.`,
          why: `${near.length === 0 ? 'None of its notches comes near' : `The nearest are ${near.map(degrees).join(' and ')}`}; on the floor somebody will pick one for you.`,
          fixes: () => [
            ...near.map((n) => ({
              label: `Set the bench to ${degrees(n)}`,
              edit: changeLine(m.id, { rig: { ...m.rig, benchDeg: n } }),
            })),
            ...insteadOf(m, s, { other: null, kindTo: null }),
          ],
        };
      });
  },
};
