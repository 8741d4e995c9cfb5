import { otherwise, swapWords } from '../choosing';
import { clientMax, type Measured, setUpOf } from '../measure';
import { linesOf } from '../session';
import { movementOf, variantOf } from '../movements';
import { massText } from '../units';
import type { Rotation } from './document';
import { followed } from './asking';
import type { MeasuredBlock } from './model';

/** A movement that was changed stays so for three weeks at least. Common practice. */
const LEAST_WEEKS = 3;

/**
 * What would be changed, one movement of a session at a time, every so many weeks: the same job by another angle, grip
 * or implement, for as many weeks; then the movement that was left comes back. Weeks that are lighter wait for the next. Movements already changed, and the first heavy lift of
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
      if (week + LEAST_WEEKS > weeks.length) break;
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
        backIn: week + rotateEvery < weeks.length ? week + rotateEvery : null,
        movement: entry.movement.id,
        ...(entry.own === undefined ? {} : { own: entry.own }),
        rig: entry.rig,
        says: swapWords(m, swap).slice(0, 160),
      });
    }
  }
  return proposals;
}

/**
 * What became of the movements that were left and have come back: their max before and now, where both are known. One
 * sentence each. Model's estimates.
 */
export function comeBack({ block, context, weeks }: MeasuredBlock): string[] {
  const { client, sessions, kits, logged, todayIso } = context;
  const kit = kits[client.kitId];
  return block.rotations.flatMap(({ session, line: id, fromWeek, backIn }) => {
    const [left, back] = [weeks[fromWeek]?.from, backIn === null ? undefined : weeks[backIn]?.from];
    const line = sessions[session] && linesOf(sessions[session]).find((l) => l.id === id);
    if (!line || !kit || left === undefined || back === undefined || todayIso < back) return [];
    const movement = movementOf(line.movement);
    const { lift } = setUpOf(movement, line.rig);
    const isDone = logged.some(
      (r) => r.date >= back && r.movement === line.movement && setUpOf(movement, r.rig).lift.id === lift.id,
    );
    const before = clientMax(movement, line.rig, { client, kit, logged, todayIso: left, isPast: true });
    const now = clientMax(movement, line.rig, { client, kit, logged, todayIso });
    if (!isDone || before.basis === 'calibrate' || now.basis === 'calibrate') return [];
    const kg = (max: { kg: number }): string => massText(max.kg, client.unit);
    return [
      `${variantOf(movement, line.rig).name} is back: a max of about ${kg(before)} before it was left, ${kg(now)} now.`,
    ];
  });
}
