import { entries, type Entry, type Match, type Rig } from '../../movements';
import type { MassUnit } from '../../units';
import { chosen, othersOf } from './choose';
import { Line } from './line';
import { named } from './names/naming';
import type { Reading } from './reading';
import { readers } from './readers/all';
import { notchReader } from './readers/bench';
import { entrySetUp, settled, type Partly, type Patch } from './settle';
import { settingsIn } from './settings';
import { tokensOf } from './tokens';
import { unreadSpans } from './unread';

/** A piece of the typed line and what it was taken for. */
export interface Understood {
  text: string;
  as: string;
  /** Says how the sets go: told with the scheme already. */
  isScheme?: boolean;
}

/** A stretch of the line as it stands, for showing what became of it. */
export interface Stretch {
  from: number;
  to: number;
  text: string;
  /** What it was taken for; null where it is kept as it stands. */
  as: string | null;
  isScheme?: boolean;
  /** What else it could be; told to `readTypedLine` as `meant` it is taken for that. */
  others: string[];
}

export interface TypedLine {
  /** Null when no movement was recognised. */
  entry: Entry | null;
  /** Other movements the words could mean, best first. */
  choices: Match[];
  patch: Patch;
  rig: Rig;
  /** What was said in part only; the rest is as the movement is begun. */
  partly: Partly;
  /** Names a lift the catalogue does not have. */
  isForeign: boolean;
  understood: Understood[];
  /** Words nothing was made of, in their order. Kept, never dropped. */
  unknown: string[];
  /** The line from its first to its last letter that means something. */
  stretches: Stretch[];
}

export interface ReadingHelp {
  /** Angles of the benches at hand, ascending: for "second notch". */
  notchesDeg?: readonly number[];
  /** Readings the coach chose, by what they were taken for. */
  meant?: readonly string[];
}

/** Letters of a line that are read; what stands behind them is kept as not understood. */
const LONGEST = 400;

/**
 * Reads one typed line: "4x6-8 incline db press 30° rest 2 min leave 3 then 1". Tolerant: any order,
 * short names, small slips. What was not understood is returned in `unknown`. Loads without a unit
 * are in `unit`; names are looked for in `pool`. Never throws.
 *
 * @example readTypedLine('bench 5x5 @ RPE 8', 'kg').patch.reserve // { first: 2, last: 2 }
 */
export function readTypedLine(
  text: string,
  unit: MassUnit,
  pool: readonly Entry[] = entries,
  { notchesDeg, meant = [] }: ReadingHelp = {},
): TypedLine {
  const readable = text.slice(0, LONGEST);
  const line = new Line(tokensOf(readable), unit);
  const all: Reading[] = [];
  const ways = notchesDeg ? [...readers, notchReader(notchesDeg)] : readers;
  for (let i = 0; i < line.length; i++) for (const reader of ways) all.push(...reader(line, i));
  const sound = all
    .filter((r) => r.from < r.to && r.to <= line.length)
    .map((r) => (meant.includes(r.as) ? { ...r, sure: r.sure + 3 } : r));
  let found = takenFrom(sound.filter((r) => r.needsFree === undefined));
  // A bare angle counts where the name does without the word before it.
  const free = sound.filter((r) => r.needsFree !== undefined && !found.name.core.includes(r.needsFree));
  if (free.length > 0 && found.name.entry)
    found = takenFrom(sound.filter((r) => r.needsFree === undefined || free.includes(r)));
  const { taken, doubtful, isTaken, name } = found;
  const meanings = taken.filter((r) => !r.isRemark);
  const { patch, rig, partly, refused } = settled(meanings, name.entry);
  const understoodHere = meanings.filter((r) => !refused.includes(r));
  const isRead = Array.from({ length: line.length }, () => false);
  for (const r of understoodHere) isRead.fill(true, r.from, r.to);
  for (const piece of name.pieces) isRead[piece] = true;
  // The bench whose angle was read is said with it.
  for (const r of understoodHere)
    if (r.slots.includes('bench') && line.is(r.from - 1, 'bench', 'angle')) isRead[r.from - 1] = true;
  for (const r of understoodHere)
    if (r.slots.includes('bench') && line.is(r.to, 'incline', 'bench')) isRead[r.to] = true;

  const words = settingsIn(line, isRead, isTaken, name.entry);
  Object.assign(rig, { ...words.rig, ...rig });
  for (const w of words.found) isRead[w.at] = true;
  const entry = name.entry && entrySetUp(name.entry, rig, pool);

  const unread = unreadSpans(
    line,
    isRead,
    readable,
    taken.filter((r) => r.isRemark),
  );
  const stretches = stretchesOf();
  const unknown = unread.map((u) => u.text);
  if (text.length > LONGEST) unknown.push(text.slice(LONGEST).trim());
  return {
    entry,
    choices: withTaken(name.choices, entry),
    patch,
    rig,
    partly,
    isForeign: name.isForeign,
    understood: understood(),
    unknown,
    stretches,
  };

  function takenFrom(readings: readonly Reading[]) {
    const best = chosen(line, readings);
    // Two readings that are near each other are left to the coach.
    const near = best.filter((r) => r.sure <= 0.5);
    const isTaken = Array.from({ length: line.length }, () => false);
    for (const r of best) isTaken.fill(true, r.from, r.to);
    const name = named(line, isTaken, readable, pool);
    return { taken: best.filter((r) => !near.includes(r)), doubtful: near, isTaken, name };
  }

  function understood(): Understood[] {
    const read = stretches
      .filter((s) => s.as !== null)
      .map((s): Understood => ({ text: s.text, as: s.as!, ...(s.isScheme ? { isScheme: true } : {}) }));
    if (!entry) return read;
    const ofName = read.findIndex((u) => u.as === entry.name);
    return ofName < 0 ? read : [read[ofName]!, ...read.filter((_, i) => i !== ofName)];
  }

  function stretchesOf(): Stretch[] {
    const at = (i: number): { from: number; to: number } => line.tokens[i]!;
    const found: Stretch[] = understoodHere.map((r) => {
      const { from } = at(r.from);
      const { to } = at(r.to - 1);
      const others = othersOf(line, r, sound).map((o) => o.as);
      return {
        from,
        to,
        text: readable.slice(from, to),
        as: r.as,
        isScheme: r.slots.some((slot) => slot === 'sets' || slot === 'reps' || slot === 'technique'),
        others: distinct(others, r.as),
      };
    });
    const pieces = [...name.pieces].sort((a, b) => a - b);
    if (entry && pieces.length > 0) {
      const from = at(pieces[0]!).from;
      const last = pieces.findIndex((p, i) => pieces[i + 1] !== p + 1 && pieces[i + 1] !== p + 2);
      const to = at(pieces[last]!).to;
      found.push({ from, to, text: readable.slice(from, to), as: entry.name, others: [] });
    }
    for (const w of words.found) {
      const { from, to } = at(w.at);
      found.push({ from, to, text: readable.slice(from, to), as: w.as, others: [] });
    }
    for (const u of unread) {
      const others = [...doubtful, ...refused, ...sound]
        .filter((r) => !r.isRemark && at(r.to - 1).to > u.from && at(r.to - 1).to <= u.to)
        .map((r) => r.as);
      found.push({ ...u, as: null, others: distinct(others, null) });
    }
    return found.sort((a, b) => a.from - b.from);
  }
}

const distinct = (all: readonly string[], but: string | null): string[] =>
  [...new Set(all)].filter((as) => as !== but && as !== '').slice(0, 5);

const withTaken = (choices: readonly Match[], entry: Entry | null): Match[] =>
  entry && choices[0]?.entry !== entry
    ? [{ entry, score: 1 }, ...choices.filter((c) => c.entry !== entry)].slice(0, 6)
    : [...choices];
