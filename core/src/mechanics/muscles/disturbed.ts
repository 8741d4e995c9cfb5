import { evenly } from '../../units';
import type { Vec } from '../vector';
import type { Muscle } from './model';
import { muscles } from './muscles';

/** One standard deviation an axis by which attachments are moved, metres. */
const MOVED_M = 0.004;
const SETS = 6;

/** Numbers about normal: a sum of twelve even ones less six. */
function bells(seed: number): () => number {
  const even = evenly(seed);
  return () => {
    let sum = -6;
    for (let i = 0; i < 12; i++) sum += even();
    return sum;
  };
}

/** The muscles with every attachment moved at random by about four millimetres an axis. */
export function disturbed(count: number, seed = 1): readonly Muscle[][] {
  const next = bells(seed);
  const moved = ([x, y, z]: Vec): Vec => [x + MOVED_M * next(), y + MOVED_M * next(), z + MOVED_M * next()];
  return Array.from({ length: count }, () =>
    muscles.map((m) =>
      m.line
        ? { ...m, line: { ...m.line, origin: moved(m.line.origin), insertion: moved(m.line.insertion) } }
        : m,
    ),
  );
}

let sets: readonly Muscle[][] | null = null;

/** The few sets by which it is told how much hangs on where the lines run. */
export const disturbedLines = (): readonly Muscle[][] => (sets ??= disturbed(SETS));
