import { gearOf, loadAlong } from '../../loads';
import { bodyOf, clientMax } from '../../measure';
import { roughMass } from '../../units';
import { changeLine } from '../questions';
import type { Rule } from '../model';

/** How far a lockout load may pass the plain max. Common practice. */
const MOST_OVER = 1.1;

export const lockoutOverMax: Rule = {
  id: 'lockout-over-max',
  title: 'Lockout load past the max',
  severity: 'watch',
  ground: 'mechanics',
  at: 'load',
  look: (s) =>
    s.lines.flatMap((m) => {
      const kg = Math.max(0, ...m.sets.map((set) => set.kg ?? 0));
      const along =
        kg > 0
          ? loadAlong(m.movement, m.rig, kg, bodyOf(s.context), gearOf(s.context.kit, m.line.hung))
          : null;
      if (!along) return [];
      const max = clientMax(m.movement, { ...m.rig, added: 'nothing' }, s.context);
      if (max.basis === 'calibrate' || along.top <= MOST_OVER * max.kg) return [];
      const { unit } = s.context.client;
      const told = (x: number): string => roughMass(x, unit);
      return [
        {
          on: [m.id],
          what: `${m.name} comes to ${told(along.top)} at lockout; the max is about ${told(max.kg)}.`,
          why: `With ${m.rig.added} it grows from ${told(along.bottom)} at the bottom; a tenth past the max is as far as it should go.`,
          fixes: () => [
            {
              label: 'Take them off the bar',
              edit: changeLine(m.id, { rig: { ...m.rig, added: 'nothing' }, loadKg: null }),
            },
          ],
        },
      ];
    }),
};
