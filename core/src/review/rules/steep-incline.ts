import { levelOf } from '../../mechanics';
import { workAt } from '../mechanics';
import { changeLine, isFreeWeight, isInclined, notchFor } from '../questions';
import type { Rule } from '../model';

const levelWords = (effort: number): string =>
  ({ high: 'hard', medium: 'moderately', low: 'little', none: 'hardly at all' })[levelOf(effort)];

export const steepIncline: Rule = {
  id: 'steep-incline',
  title: 'Incline too steep for the chest',
  severity: 'watch',
  ground: 'mechanics',
  look: (s) =>
    s.lines
      .filter((m) => isInclined(m) && (isFreeWeight(m) || m.movement.implement === 'guided bar'))
      .filter((m) => m.rig.benchDeg! >= 55 && m.rig.benchDeg! < 70)
      .map((m) => {
        const steep = workAt(s, m);
        const less = notchFor(s, 30);
        const flatter = workAt(s, m, { ...m.rig, benchDeg: less });
        const told =
          steep && flatter
            ? `By the model the middle chest works ${levelWords(steep.effort.pecMiddle)} against the front delt here, ${levelWords(flatter.effort.pecMiddle)} at ${less}°. `
            : '';
        return {
          on: [m.id],
          what: `At ${Math.round(m.rig.benchDeg!)}° the ${m.name.toLowerCase()} is mostly a shoulder press.`,
          why: `${told}Its activity was measured highest near 30°, and that of the front delt at 60° (Rodríguez-Ridao et al. 2020, one session in trained men; activity, not growth).`,
          fixes: () =>
            [30, 45].map((deg) => ({
              label: `Set the bench to ${notchFor(s, deg)}°`,
              edit: changeLine(m.id, { rig: { ...m.rig, benchDeg: notchFor(s, deg) } }),
            })),
        };
      }),
};
