import { workAt } from '../mechanics';
import { changeLine, isInclined } from '../questions';
import type { Measured, MeasuredLine } from '../../measure';
import type { Rule } from '../model';

function narrowerInstead(s: Measured, m: MeasuredLine, gripBiacromial: number): string {
  const wide = workAt(s, m);
  const narrower = workAt(s, m, { ...m.rig, gripBiacromial });
  if (!wide || !narrower) return '';
  const shorter = Math.round((narrower.travelM - wide.travelM) * 100);
  return shorter >= 1 ? ` At ${gripBiacromial} × the bar travels ${shorter} cm more.` : '';
}

export const veryWideGrip: Rule = {
  id: 'very-wide-grip',
  title: 'Hands very wide',
  severity: 'watch',
  ground: 'mechanics',
  look: (s) =>
    s.lines
      .filter((m) => m.movement.family === 'press' && (m.rig.gripBiacromial ?? 0) >= 2)
      .filter((m) => !(isInclined(m) && (m.rig.tuckDeg ?? 0) >= 80))
      .map((m) => {
        const grip = isInclined(m) ? 1.4 : 1.6;
        return {
          on: [m.id],
          what: `${m.name} has the hands at ${m.rig.gripBiacromial} × shoulder width.`,
          why: `Past twice the shoulders the range gets short and chest and shoulder take the strain.${narrowerInstead(s, m, grip)}`,
          fixes: () => [
            {
              label: `Grip ${grip} × shoulders`,
              edit: changeLine(m.id, { rig: { ...m.rig, gripBiacromial: grip } }),
            },
          ],
        };
      }),
};
