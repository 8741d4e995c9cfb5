import type { Caution, LimitId, Movement } from '../movements/model';
import type { Rig } from '../movements/rig';
import { teachingOf } from '../movements/settings';

/** Settings on which a caution has been heard already. */
const answered = (movement: Movement, rig: Rig, limit: LimitId): boolean =>
  (limit === 'shoulder front' &&
    movement.pattern === 'press' &&
    movement.family === 'press' &&
    movement.id !== 'dip' &&
    (rig.forearm === 'neutral' || (rig.tuckDeg ?? 90) <= 45 || rig.stance === 'floor')) ||
  (limit === 'shoulder front' &&
    movement.pattern === 'fly' &&
    (rig.stance === 'floor' || rig.range === 'chest level')) ||
  (limit === 'lower back' && (rig.stance === 'prone' || rig.stance === 'seated'));

/** The caution of a movement that a limit meets at a rig; null where there is none or the rig answers it. */
export function cautionFor(movement: Movement, rig: Rig, limit: LimitId): Caution | null {
  const caution = teachingOf(movement, rig).cautions.find((c) => c.limit === limit);
  return caution && !answered(movement, rig, limit) ? caution : null;
}

/** Limits of a client that a movement at a rig would meet. */
export const limitsMet = (movement: Movement, rig: Rig, limits: readonly { limit: LimitId }[]): LimitId[] =>
  limits.map((l) => l.limit).filter((limit) => cautionFor(movement, rig, limit) !== null);
