import { findEntry, movementOf } from '../../movements/catalogue';
import { changeLine } from '../questions';
import type { FindingDraft, Rule } from '../model';

const why =
  'Held upright the weight pulls along the axis it should turn about, so nothing resists the rotation.';

export const uselessRotation: Rule = {
  id: 'useless-rotation',
  title: 'Rotation that nothing resists',
  severity: 'watch',
  ground: 'mechanics',
  look: (s) => {
    const band = findEntry('band-face-pull')!;
    const lying = findEntry('side-lying-rotation')!;
    const inWarmup: FindingDraft[] = s.session.warmup
      .filter((w) => movementOf(w.movement).loadsTarget === false)
      .map((w) => ({
        on: [w.id],
        what: 'Standing dumbbell rotation warms up nothing.',
        why,
        fixes: [lying, band].map((to) => ({
          label: `Make it ${to.name.toLowerCase()}`,
          edit: { do: 'warmup', item: w.id, patch: { movement: to.movement.id } },
        })),
      }));
    const inLines: FindingDraft[] = s.lines
      .filter((m) => m.movement.loadsTarget === false)
      .map((m) => ({
        on: [m.id],
        what: 'Standing dumbbell rotation trains nothing.',
        why,
        fixes: [
          {
            label: `Make it ${lying.name.toLowerCase()}`,
            edit: changeLine(m.id, { movement: lying.movement.id, rig: lying.rig, loadKg: null, cues: null }),
          },
        ],
      }));
    return [...inWarmup, ...inLines];
  },
};
