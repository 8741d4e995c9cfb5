import { workAt } from '../mechanics';
import { changeLine } from '../questions';
import type { Rule } from '../model';

/**
 * An elbow farther behind the shoulder than this share of stature has left the level of the chest, which
 * lies about .036 behind the joint in the model.
 */
const BEHIND = 0.044;

export const deepFly: Rule = {
  id: 'deep-fly',
  title: 'Fly deeper than the chest',
  severity: 'note',
  ground: 'mechanics',
  look: (s) =>
    s.lines
      .filter((m) => m.movement.id === 'dumbbell-fly' && m.rig.stance !== 'floor')
      .flatMap((m) => {
        const elbow = workAt(s, m)?.points[0]?.elbowAheadM ?? 0;
        if (elbow > -BEHIND * s.context.client.statureM) return [];
        const sore = s.context.client.limits.some((l) => l.limit.startsWith('shoulder'));
        return [
          {
            on: [m.id],
            severity: sore ? ('watch' as const) : ('note' as const),
            what: `${m.name} takes the elbows ${Math.round(-elbow * 100)} cm behind the shoulders.`,
            why: 'Past the level of the chest the stretch moves to the front of the joint; fine for proven shoulders, a risk for others.',
            fixes: () => [
              {
                label: 'Stop level with the chest',
                edit: changeLine(m.id, { rig: { ...m.rig, range: 'chest level' } }),
              },
              {
                label: 'Do it on the floor',
                edit: changeLine(m.id, { rig: { ...m.rig, stance: 'floor', benchDeg: 0 } }),
              },
            ],
          },
        ];
      }),
};
