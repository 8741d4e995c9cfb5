import { entries } from './catalogue';
import type { Entry } from './model';

const shortForms: Record<string, string> = {
  db: 'dumbbell',
  dbs: 'dumbbell',
  dumbbells: 'dumbbell',
  dumbell: 'dumbbell',
  bb: 'barbell',
  incl: 'incline',
  inc: 'incline',
  decl: 'decline',
  ext: 'extension',
  extensions: 'extension',
  tri: 'triceps',
  tricep: 'triceps',
  lat: 'lateral',
  laterals: 'lateral',
  ohp: 'overhead press',
  flye: 'fly',
  flyes: 'fly',
  flys: 'fly',
  flies: 'fly',
  raises: 'raise',
  presses: 'press',
  dips: 'dip',
  pushups: 'push-up',
  pushup: 'push-up',
};

/** Words of a name, lower case, with common short forms written out. */
export function wordsOf(text: string): string[] {
  return text
    .toLowerCase()
    .replace(/push[\s-]?ups?/g, 'push-up')
    .replace(/[^a-z0-9\s-]/g, ' ')
    .split(/\s+/)
    .filter(Boolean)
    .flatMap((w) => (shortForms[w] ?? w).split(' '));
}

/** True when one letter put in, left out, changed or two swapped turns `a` into `b`. */
function nearlySame(a: string, b: string): boolean {
  if (Math.abs(a.length - b.length) > 1) return false;
  let i = 0;
  while (i < a.length && a[i] === b[i]) i++;
  const swapped =
    a.length === b.length && a[i] === b[i + 1] && a[i + 1] === b[i] && a.slice(i + 2) === b.slice(i + 2);
  return (
    swapped ||
    a.slice(i + 1) === b.slice(i + 1) ||
    a.slice(i) === b.slice(i + 1) ||
    a.slice(i + 1) === b.slice(i)
  );
}

function wordMatch(asked: string, has: string): number {
  if (asked === has) return 1;
  if (has.startsWith(asked) && asked.length >= 2) return 0.85;
  if (asked.length >= 4 && has.length >= 4 && nearlySame(asked, has)) return 0.75;
  return 0;
}

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

interface Index {
  rows: { entry: Entry; names: string[][] }[];
  vocabulary: string[];
}
const indexes = new WeakMap<readonly Entry[], Index>();

function indexOf(pool: readonly Entry[]): Index {
  let index = indexes.get(pool);
  if (!index) {
    const rows = pool.map((entry) => ({ entry, names: [entry.name, ...entry.aliases].map(wordsOf) }));
    index = { rows, vocabulary: [...new Set(rows.flatMap((r) => r.names.flat()))] };
    indexes.set(pool, index);
  }
  return index;
}

/** True when the word, or what it is short for, occurs in any name. */
export const isNameWord = (word: string, pool: readonly Entry[] = entries): boolean =>
  wordsOf(word).some((w) => indexOf(pool).vocabulary.some((v) => wordMatch(w, v) > 0));

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
