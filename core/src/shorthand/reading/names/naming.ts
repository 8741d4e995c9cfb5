import type { Entry, Match } from '../../../movements';
import type { Line } from '../line';
import { answer, isQualifier, namesWithAny } from './answers';
import { isForeign, LONGEST, narrowed, tools, withoutSettings, type Found } from './in-run';
import { runsOf, type Item, type Run } from './runs';
import { smallWords } from './words';

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
  // The same said in other words: "machine fly (pec deck)".
  const again = runs.filter(
    (r) => r !== run && r.every((item) => name.any.has(item.word)) && saysItAgain(line, r),
  );
  const items = [...inName, ...(narrower?.pieces ?? []), ...again.flat()];
  return {
    entry: name.entry,
    choices: rivals(narrower ? items.map((i) => i.word) : words, name.entry, pool),
    pieces: [...piecesOf(items), ...within(line, inName)],
    core: piecesOf(inName),
    isForeign: false,
  };
}

/** Small words and dashes inside a name: "feet-up bench". */
function within(line: Line, items: readonly Item[]): number[] {
  const last = items[items.length - 1]!.to;
  const places = Array.from({ length: last - items[0]!.from }, (_, k) => items[0]!.from + k);
  return places.filter((i) => line.is(i, '-', "'") || smallWords.has(line.text(i)));
}

/** Other words for the whole movement, for what it is done with, or alone in brackets. */
function saysItAgain(line: Line, run: Run): boolean {
  const from = run[0]!.from;
  const { to } = run[run.length - 1]!;
  const isBracketed = line.is(from - 1, '(') && line.is(to, ')');
  return (
    run.some((item) => !isQualifier(item.word)) || run.every((item) => tools.has(item.word)) || isBracketed
  );
}

const piecesOf = (items: readonly Item[]): number[] =>
  items.flatMap((item) => Array.from({ length: item.to - item.from }, (_, k) => item.from + k));

/** Every entry the words answer to, by its best name; `miss` is what a word costs that the name has not. */
function matching(words: readonly string[], pool: readonly Entry[], miss: number, least: number): Match[] {
  const best = new Map<Entry, number>();
  for (const name of namesWithAny(words, pool)) {
    const { sum, misses, spare } = answer(words, name);
    const score = sum / words.length - spare * 0.08 - misses * miss;
    if (score >= least && score > (best.get(name.entry) ?? 0)) best.set(name.entry, score);
  }
  return [...best].map(([entry, score]) => ({ entry, score }));
}

/** Every entry the words could mean, the one that was taken first. */
const rivals = (words: readonly string[], taken: Entry, pool: readonly Entry[]): Match[] =>
  matching(words, pool, 0.1, 0.45)
    .map(({ entry, score }) => ({
      entry,
      score: entry === taken ? Math.max(score, 1) : Math.min(score, 1),
    }))
    .sort((a, b) => Number(b.entry === taken) - Number(a.entry === taken) || b.score - a.score)
    .slice(0, 6);

/** The nearest names to words that name none. */
const near = (run: Run, pool: readonly Entry[]): Match[] =>
  matching(run.map((item) => item.word).slice(0, LONGEST), pool, 0, 0.3)
    .sort((a, b) => b.score - a.score)
    .slice(0, 6);
