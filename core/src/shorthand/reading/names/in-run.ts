import type { Entry } from '../../../movements';
import {
  answer,
  canName,
  cost,
  isKnown,
  isQualifier,
  namesWith,
  namesWithAny,
  REMEMBERED,
  type Name,
} from './answers';
import type { Item, Run } from './runs';
import { foreign, qualifiers, settingWords } from './words';

export interface Found {
  name: Name;
  /** Places of the items in their run. */
  from: number;
  to: number;
  gain: number;
  spare: number;
  misses: number;
}

/** What a movement is done with. */
export const tools: ReadonlySet<string> = new Set([
  'dumbbell',
  'barbell',
  'cable',
  'machine',
  'rope',
  'bar',
  'ez',
]);
/** Words of a run a name is looked for in. */
export const LONGEST = 7;
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
export function isForeign(run: Run, found: Found | null): boolean {
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
export function narrowed(
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

/** The best name of a run; one that leaves settings to be said beside it, where it then fits whole. */
export function withoutSettings(run: Run, pool: readonly Entry[]): { run: Run; found: Found | null } {
  const found = bestIn(run, pool);
  const said = run.filter((item) => settingWords[item.word]);
  if (!found || said.length === 0) return { run, found };
  const bare = run.filter((item) => !said.includes(item) && item.word !== 'grip');
  const plain = bestIn(bare, pool);
  const knobs = plain?.name.entry.movement.knobs;
  const isSetting = said.every((item) => {
    const [knob, value] = settingWords[item.word]!;
    return knobs?.[knob]?.options.includes(value);
  });
  const isMore =
    plain && plain.to - plain.from + run.length - bare.length > found.to - found.from - found.misses;
  return plain && isMore && plain.misses === 0 && isSetting ? { run: bare, found: plain } : { run, found };
}
