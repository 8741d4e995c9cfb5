import type { Measured, MeasuredLine } from '../measure';
import { limitsMet } from './limits';
import { sameJob, type Swap } from './swaps';

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
