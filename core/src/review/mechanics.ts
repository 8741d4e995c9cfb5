import type { Body } from '../anatomy';
import { bodyOf, type Measured, type MeasuredLine } from '../measure';
import { gearOf } from '../loads';
import { type Work, workOf } from '../mechanics';
import type { Rig } from '../movements';

const bodies = new WeakMap<Measured['context'], Body>();

function bodyFor(s: Measured): Body {
  let body = bodies.get(s.context);
  if (!body) bodies.set(s.context, (body = bodyOf(s.context)));
  return body;
}

/** What a line asks at its rig, or at another, at its own load where it is known. */
export const workAt = (s: Measured, m: MeasuredLine, rig: Rig = m.rig): Work | null =>
  workOf(m.movement, rig, bodyFor(s), m.sets[0]?.kg ?? 20, undefined, gearOf(s.context.kit, m.line.hung));

/** Torque at a share of the way as a share of the hardest moment. */
export function torqueShare(work: Work, at: 'stretched' | 'short'): number {
  const asked = work.points.map((p) => p.shoulderNm);
  return asked[at === 'stretched' ? 0 : asked.length - 1]! / Math.max(1e-6, ...asked);
}
