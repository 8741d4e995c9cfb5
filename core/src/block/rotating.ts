import { limitsMet } from '../choosing/limits';
import { sameJob, type Swap } from '../choosing/swaps';
import type { Measured, MeasuredLine } from '../measure/model';
import type { Rotation } from './document';
import { followed } from './asking';
import type { MeasuredBlock } from './model';

/** A change of the bench by this much is another variation of the same job. Common practice. */
const TURN_DEG = 15;

/** The nearest way of doing the same job otherwise: the bench by 15°, else another grip or implement. */
export function otherwise(m: MeasuredLine, { context }: Measured): Swap | null {
  const deg = m.rig.benchDeg;
  const kind = (other: 'angle' | 'kit'): Swap[] =>
    sameJob(m, context, { other, kindTo: null }, 6).filter((s) => keepsLimits(s, context));
  const turned = (deg === undefined ? [] : kind('angle'))
    .map((swap) => ({ swap, by: Math.abs((swap.entry.rig.benchDeg ?? 0) - (deg ?? 0)) }))
    .filter(({ by }) => by > 0 && by <= TURN_DEG + 1)
    .sort((a, b) => Math.abs(a.by - TURN_DEG) - Math.abs(b.by - TURN_DEG))[0];
  return turned?.swap ?? kind('kit')[0] ?? null;
}

/** Meets none of the limits noted for the client: only such a movement is proposed unasked. */
export const keepsLimits = ({ entry }: Swap, { client }: Measured['context']): boolean =>
  limitsMet(entry.movement, entry.rig, client.limits).length === 0;

/** A change of movement in words: "Incline press at 45° instead of 30°". */
export const swapWords = (m: MeasuredLine, swap: Swap): string => {
  const { entry } = swap;
  const deg = entry.rig.benchDeg;
  const sameName = entry.movement.id === m.movement.id && deg !== undefined && deg !== m.rig.benchDeg;
  return sameName
    ? `${m.name} at ${deg}° instead of ${m.rig.benchDeg}°`
    : `${entry.name} in place of ${m.name.toLowerCase()}`;
};

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
