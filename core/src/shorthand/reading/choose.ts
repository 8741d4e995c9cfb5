import type { Line } from './line';
import type { Reading } from './reading';

/** What a piece is worth when it is read: figures are what a sheet is made of. */
const worthOf = (line: Line, i: number): number => {
  const token = line.tokens[i]!;
  return token.kind === 'figure' || token.value !== undefined ? 3 : token.kind === 'word' ? 1.5 : 0.4;
};

const worth = (line: Line, r: Reading): number => {
  let sum = 0;
  for (let i = r.from; i < r.to; i++) sum += worthOf(line, i);
  return sum * r.sure;
};

interface State {
  score: number;
  taken: Reading | null;
  before: State | null;
}

/** Ways of taking a line that are followed at once; the others are worth less already. */
const WAYS = 24;

/**
 * The readings that together are worth most: none over another, each slot once, the earlier one where two
 * are worth the same. Time grows with the pieces of the line alone.
 */
export function chosen(line: Line, readings: readonly Reading[]): Reading[] {
  const slotNames = [...new Set(readings.flatMap((r) => r.slots))];
  const mask = (r: Reading): number => r.slots.reduce((m, s) => m | (1 << slotNames.indexOf(s)), 0);
  const from: Reading[][] = Array.from({ length: line.length }, () => []);
  for (const r of readings) from[r.from]!.push(r);
  const at: Map<number, State>[] = Array.from({ length: line.length + 1 }, () => new Map());
  at[0]!.set(0, { score: 0, taken: null, before: null });
  const reach = (place: number, key: number, state: State): void => {
    const known = at[place]!.get(key);
    if (!known || state.score > known.score + 1e-9) at[place]!.set(key, state);
  };
  for (let i = 0; i < line.length; i++) {
    const states = [...at[i]!].sort((a, b) => b[1].score - a[1].score).slice(0, WAYS);
    at[i]!.clear();
    for (const [key, state] of states) {
      for (const r of from[i]!) {
        const m = mask(r);
        if ((key & m) !== 0) continue;
        // A little less the later it stands: of two that say the same thing the first one counts.
        const score = state.score + worth(line, r) - r.from * 1e-4;
        reach(r.to, key | m, { score, taken: r, before: state });
      }
      reach(i + 1, key, state);
    }
  }
  let best: State | null = null;
  for (const state of at[line.length]!.values()) if (!best || state.score > best.score) best = state;
  const found: Reading[] = [];
  for (let s = best; s; s = s.before) if (s.taken) found.unshift(s.taken);
  return found;
}

/** Other readings of the same pieces, the likeliest first. */
export const othersOf = (line: Line, taken: Reading, readings: readonly Reading[]): Reading[] =>
  readings
    .filter((r) => r !== taken && r.as !== taken.as && !r.isRemark && r.from < taken.to && taken.from < r.to)
    .sort((a, b) => worth(line, b) - worth(line, a));
