import { otherwise, swapWords } from '../choosing';
import type { Measured } from '../measure';
import type { Rotation } from './document';
import { followed } from './asking';
import type { MeasuredBlock } from './model';

/**
 * What would be changed, one movement of a session at a time, every so many weeks: the same job by another angle, grip
 * or implement. Weeks that are lighter wait for the next. Movements already changed, and the first heavy lift of
 * somebody who trains for strength, stay. Proposals: nothing is changed until the coach takes them.
 */
export function proposedRotations(block: MeasuredBlock): Rotation[] {
  const { rotateEvery, weeks, rotations } = block.block;
  if (rotateEvery === null) return [];
  const proposals: Rotation[] = [];
  const first = new Map<string, Measured>();
  for (const d of block.weeks.flatMap((w) => w.days)) {
    const id = followed(d);
    if (id !== null && d.measured && d.placed.state === 'planned' && !first.has(id))
      first.set(id, d.measured);
  }
  for (const [session, measured] of first) {
    const keepsFirst = ['strength', 'peaking', 'both'].includes(block.context.client.aim);
    const taken = new Set(rotations.filter((r) => r.session === session).map((r) => r.line));
    const open = measured.lines.filter(
      (m, i) => m.movement.family !== 'corrective' && !taken.has(m.id) && !(keepsFirst && i === 0),
    );
    for (let at = rotateEvery, n = 0; at < weeks.length && n < open.length; at += rotateEvery) {
      const week = weeks[at]!.light ? at + 1 : at;
      if (week >= weeks.length) break;
      if (rotations.some((r) => r.session === session && r.fromWeek === week)) continue;
      const m = open[n]!;
      n += 1;
      const swap = otherwise(m, measured);
      if (!swap) continue;
      const { entry } = swap;
      proposals.push({
        session,
        line: m.id,
        fromWeek: week,
        movement: entry.movement.id,
        ...(entry.own === undefined ? {} : { own: entry.own }),
        rig: entry.rig,
        says: swapWords(m, swap).slice(0, 160),
      });
    }
  }
  return proposals;
}
