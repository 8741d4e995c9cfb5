import { type Entry, indexOf, wordMatch } from '../../../movements';
import { qualifiers, smallWords } from './words';

export interface Name {
  entry: Entry;
  words: string[];
  /** Words of all names of the entry. */
  any: ReadonlySet<string>;
}
const prepared = new WeakMap<readonly Entry[], Name[]>();
function namesOf(pool: readonly Entry[]): Name[] {
  let names = prepared.get(pool);
  if (!names) {
    names = indexOf(pool).rows.flatMap(({ entry, names: all }) => {
      const any = new Set(all.flat());
      return all.map((words) => ({ entry, any, words: words.filter((w) => !smallWords.has(w)) }));
    });
    prepared.set(pool, names);
  }
  return names;
}

const fits = new Map<string, Map<string, number>>();
/** How a written word answers to a word of a name; a slip only in words long enough to tell. */
function fit(asked: string, has: string): number {
  let of = fits.get(asked);
  if (!of) {
    if (fits.size > REMEMBERED) fits.clear();
    fits.set(asked, (of = new Map<string, number>()));
  }
  let value = of.get(has);
  if (value === undefined) {
    value = wordMatch(asked, has);
    // The beginning of a word is its short form from three letters on.
    if (value === 0.85 && (asked.length < 3 || has.includes('-'))) value = 0;
    if (value === 0.75 && asked.length < 5 && asked[0] !== has[0]) value = 0;
    of.set(has, value);
  }
  return value;
}

/** Names with a word that a written one answers to, found once for each word. */
const answering = new WeakMap<readonly Entry[], Map<string, readonly Name[]>>();
export const REMEMBERED = 2000;

export function namesWith(word: string, pool: readonly Entry[]): readonly Name[] {
  let of = answering.get(pool);
  if (!of || of.size > REMEMBERED) answering.set(pool, (of = new Map<string, readonly Name[]>()));
  let names = of.get(word);
  if (!names)
    of.set(word, (names = namesOf(pool).filter((name) => name.words.some((w) => fit(word, w) > 0))));
  return names;
}
/** Names with any of the words. */
export function namesWithAny(words: readonly string[], pool: readonly Entry[]): ReadonlySet<Name> {
  if (words.length === 1) return new Set(namesWith(words[0]!, pool));
  return new Set(words.flatMap((word) => namesWith(word, pool)));
}
export const isKnown = (word: string, pool: readonly Entry[]): boolean => namesWith(word, pool).length > 0;

/** What a word is worth that stands in another name of the same movement. */
const ALIKE = 0.6;
/** A word of how or with what that the name has not, one of what is done, and a word of the name nobody wrote. */
export const cost = { qualifier: 0.4, miss: 2, spare: 0.12 };
/** Of each row a movement is one thing or another. */
const either = [
  ['front', 'side', 'rear'],
  ['incline', 'decline', 'flat'],
  ['wide', 'close', 'narrow'],
  ['seated', 'standing', 'lying', 'kneeling'],
  ['high', 'low', 'mid'],
  ['dumbbell', 'barbell', 'cable', 'machine', 'smith', 'landmine'],
];
const isAgainst = (word: string, name: readonly string[]): boolean =>
  either.some((row) => row.includes(word) && row.some((other) => other !== word && name.includes(other)));

/** Words of what is done that a great many names share: alone they name none of them. */
const shared = new Set([
  'press',
  'raise',
  'extension',
  'row',
  'rows',
  'curl',
  'curls',
  'pull',
  'rotation',
  'fly',
  'lateral',
  'bench',
]);
export const isQualifier = (word: string): boolean =>
  qualifiers.has(word) || qualifiers.has(word.replace(/s$/, ''));

export interface Answer {
  sum: number;
  misses: number;
  /** What the misses cost. */
  missed: number;
  /** Words of another name of the same movement. */
  alike: number;
  spare: number;
  /** Words that stand in another order than in the name. */
  turned: number;
}

/** How the words answer to a name: the sum of their fits, how many do not, how many of the name are spare. */
export function answer(words: readonly string[], { words: name, any }: Name): Answer {
  let used = 0;
  let sum = 0;
  let misses = 0;
  let missed = 0;
  let alike = 0;
  let turned = 0;
  let furthest = -1;
  for (const word of words) {
    let best = 0;
    let at = -1;
    for (let k = 0; k < name.length; k++) {
      if ((used >> k) & 1) continue;
      const f = fit(word, name[k]!);
      if (f > best) {
        best = f;
        at = k;
      }
    }
    if (at < 0 && any.has(word)) {
      alike++;
      sum += ALIKE;
    } else if (at < 0) {
      misses++;
      missed += isQualifier(word) && !isAgainst(word, name) ? cost.qualifier : cost.miss;
    } else {
      used |= 1 << at;
      sum += best;
      if (at < furthest) turned++;
      furthest = Math.max(furthest, at);
    }
  }
  let spare = name.length;
  for (let u = used; u > 0; u &= u - 1) spare--;
  return { sum, misses, missed, alike, spare, turned };
}

/** True for words that can name something: one of them says what is done, or the whole name stands there. */
export const canName = (words: readonly string[], { spare, sum }: Answer): boolean =>
  (spare === 0 && sum >= words.length * 0.9) ||
  (words.some((w) => !isQualifier(w)) && !(words.length === 1 && shared.has(words[0]!) && spare > 0));
