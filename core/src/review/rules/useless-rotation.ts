import { workOf } from '../../mechanics';
import { bodyOf, type Context } from '../../measure';
import { findEntry, type Movement, movementOf } from '../../movements';
import { becoming } from '../../session';
import { changeLine } from '../questions';
import type { FindingDraft, Rule } from '../model';

/** A rotation is loaded when something turns the upper arm about its own axis by this much, N·m. */
const LOADED_NM = 0.5;
const BELL_KG = 4;

/** True for a rotation that the load does not oppose: the torque about the arm's own axis is nothing. */
function isUseless(movement: Movement, context: Context): boolean {
  if (movement.pattern !== 'rotation') return false;
  const work = workOf(movement, {}, bodyOf(context), BELL_KG);
  return work !== null && Math.max(...work.points.map((p) => Math.abs(p.axialNm))) < LOADED_NM;
}

const why =
  'Held upright the weight pulls along the axis it should turn about: the torque about it comes out as nothing.';

export const uselessRotation: Rule = {
  id: 'useless-rotation',
  title: 'Rotation that nothing resists',
  severity: 'watch',
  ground: 'mechanics',
  look: (s) => {
    const band = findEntry('band-face-pull')!;
    const lying = findEntry('side-lying-rotation')!;
    const inWarmup: FindingDraft[] = s.session.warmup
      .filter((w) => isUseless(movementOf(w.movement), s.context))
      .map((w) => ({
        on: [w.id],
        what: 'Standing dumbbell rotation warms up nothing.',
        why,
        fixes: () =>
          [lying, band].map((to) => ({
            label: `Make it ${to.name.toLowerCase()}`,
            edit: { do: 'warmup', item: w.id, patch: { movement: to.movement.id } },
          })),
      }));
    const inLines: FindingDraft[] = s.lines
      .filter((m) => isUseless(m.movement, s.context))
      .map((m) => ({
        on: [m.id],
        what: 'Standing dumbbell rotation trains nothing.',
        why,
        fixes: () => [
          {
            label: `Make it ${lying.name.toLowerCase()}`,
            edit: changeLine(m.id, becoming(lying)),
          },
        ],
      }));
    return [...inWarmup, ...inLines];
  },
};
