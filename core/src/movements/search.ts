import { entries } from './catalogue';
import type { Entry } from './model';
import { wordMatch, wordsOf } from './name-words';

/** How well the asked words fit a name, 0 to 1: every asked word counts, spare words of the name cost little. */
function nameMatch(asked: readonly string[], name: readonly string[]): number {
  if (asked.length === 0) return 0;
  const used = new Set<number>();
  let fit = 0;
  for (const word of asked) {
    let best = 0;
    let at = -1;
    name.forEach((has, i) => {
      const match = used.has(i) ? 0 : wordMatch(word, has);
      if (match > best) {
        best = match;
        at = i;
      }
    });
    if (at >= 0) used.add(at);
    fit += best;
  }
  const inOrder = name.join(' ').includes(asked.join(' ')) ? 0.04 : 0;
  return fit / asked.length - 0.08 * (name.length - used.size) + inOrder;
}

export interface Index {
  rows: { entry: Entry; names: string[][] }[];
  vocabulary: string[];
}
const indexes = new WeakMap<readonly Entry[], Index>();

/** Every name of a pool as words, made once. */
export function indexOf(pool: readonly Entry[]): Index {
  let index = indexes.get(pool);
  if (!index) {
    const rows = pool.map((entry) => ({ entry, names: [entry.name, ...entry.aliases].map(wordsOf) }));
    index = { rows, vocabulary: [...new Set(rows.flatMap((r) => r.names.flat()))] };
    indexes.set(pool, index);
  }
  return index;
}

export interface Match {
  entry: Entry;
  score: number;
}

/** Entries whose names answer to the text, best first. Any name coaches use, short forms and slips included. */
export function searchEntries(text: string, most = 8, pool: readonly Entry[] = entries): Match[] {
  const asked = wordsOf(text);
  if (asked.length === 0) return [];
  return indexOf(pool)
    .rows.map(({ entry, names }) => ({ entry, score: Math.max(...names.map((n) => nameMatch(asked, n))) }))
    .filter((m) => m.score >= 0.45)
    .sort((a, b) => b.score - a.score)
    .slice(0, most);
}
