import type { Entry } from '../../movements/model';
import { wordMatch, wordsOf } from '../../movements/name-words';
import { indexOf, type Match } from '../../movements/search';
import type { Line } from './line';
import { foreign, qualifiers, smallWords } from './name-words';

/** A word of the line that may belong to a name, and the pieces it stands on. */
interface Item {
  word: string;
  from: number;
  to: number;
}
/** Words that stand together: nothing read and no edge between them. */
type Run = Item[];

export interface Named {
  /** Null where no movement is named. */
  entry: Entry | null;
  /** What the words could mean, best first. */
  choices: Match[];
  /** Pieces the name stands on. */
  pieces: number[];
  /** Those of them it could not do without. */
  core: number[];
  /** Told by a lift the catalogue does not have. */
  isForeign: boolean;
}

interface Name {
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
const REMEMBERED = 2000;

function namesWith(word: string, pool: readonly Entry[]): readonly Name[] {
  let of = answering.get(pool);
  if (!of || of.size > REMEMBERED) answering.set(pool, (of = new Map<string, readonly Name[]>()));
  let names = of.get(word);
  if (!names)
    of.set(word, (names = namesOf(pool).filter((name) => name.words.some((w) => fit(word, w) > 0))));
  return names;
}
/** Names with any of the words. */
function namesWithAny(words: readonly string[], pool: readonly Entry[]): ReadonlySet<Name> {
  if (words.length === 1) return new Set(namesWith(words[0]!, pool));
  return new Set(words.flatMap((word) => namesWith(word, pool)));
}
const isKnown = (word: string, pool: readonly Entry[]): boolean => namesWith(word, pool).length > 0;

/** The words that nothing was read from, as runs. */
export function runsOf(line: Line, isTaken: readonly boolean[], text: string): Run[] {
  const runs: Run[] = [];
  let run: Run = [];
  const close = (): void => {
    if (run.length > 0) runs.push(run);
    run = [];
  };
  const slice = (from: number, to: number): string[] =>
    wordsOf(text.slice(line.tokens[from]!.from, line.tokens[to - 1]!.to));
  const isName = (i: number): boolean => i < line.length && !isTaken[i] && line.isWord(i);
  for (let i = 0; i < line.length;) {
    const isArm = !isTaken[i] && line.whole(i) === 1 && isName(i + 1) && line.is(i + 1, 'arm', 'armed');
    if (!isName(i) && !isArm) {
      const isJoin = !isTaken[i] && line.is(i, '-', "'", '.') && line.isTight(i) && line.isTight(i + 1);
      const isCross = line.is(i, 'x') && line.is(i + 1, '-') && line.is(i + 2, 'over', 'overs');
      if (isCross && !isTaken[i]) {
        run.push({ word: 'crossover', from: i, to: i + 3 });
        i += 3;
        continue;
      }
      if (!isJoin) close();
      i++;
      continue;
    }
    const wide = line.is(i + 1, '-') ? i + 3 : i + 2;
    const second = wide - 1;
    const apart = isName(second) || isArm ? [...slice(i, i + 1), ...slice(second, second + 1)] : [];
    const together = isName(second) && !isTaken[i + 1] ? slice(i, wide) : [];
    const isOne = together.length > 0 && together.join(' ') !== apart.join(' ');
    const to = isOne ? wide : i + 1;
    const isWith = line.is(i, 'w') && line.is(i + 1, '/');
    for (const word of isOne ? together : slice(i, i + 1))
      if (!isWith && !smallWords.has(word)) run.push({ word, from: i, to });
    i = to;
  }
  close();
  return runs;
}

interface Found {
  name: Name;
  /** Places of the items in their run. */
  from: number;
  to: number;
  gain: number;
  spare: number;
  misses: number;
}

interface Answer {
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
function answer(words: readonly string[], { words: name, any }: Name): Answer {
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
      missed += isQualifier(word) ? cost.qualifier : cost.miss;
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

const tools = new Set(['dumbbell', 'barbell', 'cable', 'machine', 'rope', 'bar', 'ez']);
const LONGEST = 7;
/** What a word is worth that stands in another name of the same movement. */
const ALIKE = 0.6;
/** A word of how or with what that the name has not, one of what is done, and a word of the name nobody wrote. */
const cost = { qualifier: 0.4, miss: 2, spare: 0.12 };
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
const isQualifier = (word: string): boolean => qualifiers.has(word) || qualifiers.has(word.replace(/s$/, ''));

/** True for words that can name something: one of them says what is done, or the whole name stands there. */
const canName = (words: readonly string[], { spare, sum }: Answer): boolean =>
  (spare === 0 && sum >= words.length * 0.9) ||
  (words.some((w) => !isQualifier(w)) && !(words.length === 1 && shared.has(words[0]!) && spare > 0));

const foundBefore = new WeakMap<readonly Entry[], Map<string, Found | null>>();

/** The best name in a run: as many words of it as answer, as few as possible that do not. Remembered by its words. */
function bestIn(run: Run, pool: readonly Entry[]): Found | null {
  let of = foundBefore.get(pool);
  if (!of || of.size > REMEMBERED) foundBefore.set(pool, (of = new Map<string, Found | null>()));
  const key = run.map((item) => item.word).join(' ');
  let best = of.get(key);
  if (best === undefined) of.set(key, (best = searchedIn(run, pool)));
  return best;
}

function searchedIn(run: Run, pool: readonly Entry[]): Found | null {
  let best: Found | null = null;
  for (let from = 0; from < run.length; from++) {
    const words: string[] = [];
    for (let to = from; to < Math.min(run.length, from + LONGEST) && isKnown(run[to]!.word, pool); to++) {
      words.push(run[to]!.word);
      for (const name of namesWithAny(words, pool)) {
        const found = answer(words, name);
        const { sum, misses, missed, alike, spare, turned } = found;
        if (sum === 0 || misses > 2 || spare > 3) continue;
        // The beginning of one word alone names nothing yet.
        if (words.length === 1 && sum < 0.95 && words[0]!.length < 5) continue;
        const inOrder = misses === 0 && spare === 0 && alike === 0 ? 0.1 : 0;
        const gain =
          sum +
          (words.some((w) => !isQualifier(w)) ? 0.2 : 0) -
          missed -
          spare * cost.spare +
          inOrder -
          turned * 0.02 -
          from * 0.01;
        if ((!best || gain > best.gain + 1e-9) && canName(words, found))
          best = { name, from, to: to + 1, gain, spare, misses };
      }
    }
  }
  return best;
}

/** True when a run tells of a lift the catalogue does not have, and no whole name of it says otherwise. */
function isForeign(run: Run, found: Found | null): boolean {
  const words = run.map((item) => item.word);
  return foreign.some((phrase) => {
    const parts = phrase.split(' ');
    for (let at = 0; at + parts.length <= words.length; at++) {
      if (!parts.every((part, k) => words[at + k] === part)) continue;
      const isInName =
        found !== null &&
        found.spare === 0 &&
        found.misses === 0 &&
        at >= found.from &&
        at + parts.length <= found.to;
      if (!isInName) return true;
    }
    return false;
  });
}

/** Words elsewhere in the line that make the name a narrower one: "bench 3x5 paused", "flies (high to low)". */
function narrowed(
  found: Found,
  words: readonly string[],
  runs: readonly Run[],
  run: Run,
  pool: readonly Entry[],
) {
  let best: { name: Name; pieces: Item[]; size: number } | null = null;
  // Runs of their own as a whole, and what stands beside the name in its own run.
  const others = runs.flatMap((r) => (r === run ? [r.slice(0, found.from), r.slice(found.to)] : [r]));
  for (const more of others) {
    if (more.length === 0 || more.length > 3) continue;
    const all = [...words, ...more.map((item) => item.word)];
    for (const name of namesWith(all[0]!, pool)) {
      const { misses, spare, alike } = answer(all, name);
      if (misses > 0 || alike > 0 || spare > 0 || more.length <= (best?.size ?? 0)) continue;
      // The same movement again only by what it is done with: "lateral raises (DB)".
      if (
        name.entry === found.name.entry &&
        !more.every((item) => tools.has(item.word) || !qualifiers.has(item.word))
      )
        continue;
      best = { name, pieces: more, size: more.length };
    }
  }
  return best;
}

/** Words that may be a setting of a movement as well as a part of a name. */
const settings: Record<string, readonly ['forearm' | 'stance', string]> = {
  neutral: ['forearm', 'neutral'],
  underhand: ['forearm', 'supinated'],
  supinated: ['forearm', 'supinated'],
  seated: ['stance', 'seated'],
  standing: ['stance', 'standing'],
};

/** The best name of a run; one that leaves settings to be said beside it, where it then fits whole. */
function withoutSettings(run: Run, pool: readonly Entry[]): { run: Run; found: Found | null } {
  const found = bestIn(run, pool);
  const said = run.filter((item) => settings[item.word]);
  if (!found || said.length === 0) return { run, found };
  const bare = run.filter((item) => !said.includes(item) && item.word !== 'grip');
  const plain = bestIn(bare, pool);
  const knobs = plain?.name.entry.movement.knobs;
  const isSetting = said.every((item) => {
    const [knob, value] = settings[item.word]!;
    return knobs?.[knob]?.options.includes(value);
  });
  const isMore =
    plain && plain.to - plain.from + run.length - bare.length > found.to - found.from - found.misses;
  return plain && isMore && plain.misses === 0 && isSetting ? { run: bare, found: plain } : { run, found };
}

/** The movement a line names: the best run of words wins, what stands elsewhere can only make it narrower. */
export function named(line: Line, isTaken: readonly boolean[], text: string, pool: readonly Entry[]): Named {
  const runs = runsOf(line, isTaken, text);
  let best: { run: Run; found: Found } | null = null;
  let foreignRun: Run | null = null;
  for (const whole of runs) {
    const { run, found } = withoutSettings(whole, pool);
    if (isForeign(run, found)) {
      foreignRun ??= run;
      continue;
    }
    // The first of two that are worth the same: remarks come after.
    if (found && (!best || found.gain > best.found.gain + 0.6)) best = { run, found };
  }
  if (!best || (foreignRun && foreignRun[0]!.from < best.run[0]!.from))
    return {
      entry: null,
      choices: near(foreignRun ?? runs[0] ?? [], pool),
      pieces: [],
      core: [],
      isForeign: foreignRun !== null,
    };
  const { run, found } = best;
  const inName = run.slice(found.from, found.to);
  const words = inName.map((item) => item.word);
  const narrower = narrowed(found, words, runs, run, pool);
  const name = narrower?.name ?? found.name;
  const items = [...inName, ...(narrower?.pieces ?? [])];
  return {
    entry: name.entry,
    choices: rivals(narrower ? items.map((i) => i.word) : words, name.entry, pool),
    pieces: piecesOf(items),
    core: piecesOf(inName),
    isForeign: false,
  };
}

const piecesOf = (items: readonly Item[]): number[] =>
  items.flatMap((item) => Array.from({ length: item.to - item.from }, (_, k) => item.from + k));

/** Every entry the words could mean, the one that was taken first. */
function rivals(words: readonly string[], taken: Entry, pool: readonly Entry[]): Match[] {
  const best = new Map<Entry, number>();
  for (const name of namesWithAny(words, pool)) {
    const { entry } = name;
    const { sum, misses, spare } = answer(words, name);
    const score = words.length === 0 ? 0 : sum / words.length - spare * 0.08 - misses * 0.1;
    if (score >= 0.45 && score > (best.get(entry) ?? 0)) best.set(entry, score);
  }
  return [...best]
    .map(([entry, score]): Match => ({
      entry,
      score: entry === taken ? Math.max(score, 1) : Math.min(score, 1),
    }))
    .sort((a, b) => Number(b.entry === taken) - Number(a.entry === taken) || b.score - a.score)
    .slice(0, 6);
}

/** The nearest names to words that name none. */
function near(run: Run, pool: readonly Entry[]): Match[] {
  const words = run.map((item) => item.word).slice(0, LONGEST);
  const best = new Map<Entry, number>();
  for (const name of namesWithAny(words, pool)) {
    const { entry } = name;
    const { sum, spare } = answer(words, name);
    const score = words.length === 0 ? 0 : sum / words.length - spare * 0.08;
    if (score >= 0.3 && score > (best.get(entry) ?? 0)) best.set(entry, score);
  }
  return [...best]
    .map(([entry, score]): Match => ({ entry, score }))
    .sort((a, b) => b.score - a.score)
    .slice(0, 6);
}
