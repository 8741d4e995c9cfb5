import type { Vec } from '../vector';
import { muscles, type Muscle } from './muscles';

/** One standard deviation an axis by which attachments are moved, metres. */
const MOVED_M = 0.004;
const SETS = 6;

/** Numbers about normal, the same on every machine (a sum of twelve even ones less six; mulberry32). */
function bells(seed: number): () => number {
  let a = seed;
  const even = (): number => {
    a = (a + 0x6d2b79f5) | 0;
    let t = Math.imul(a ^ (a >>> 15), 1 | a);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
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
