import { clockSpan, duration } from '../phrases';
import type { Line } from '../line';
import { reading, remark, type Reader, type Reading } from '../reading';
import { restOfPart } from './top-set';

const MOST_S = 900;
/** The middle of a span, to the nearest five seconds. */
const middleOf = (lo: number, hi: number): number =>
  lo === hi ? Math.round(lo) : Math.round((lo + hi) / 10) * 5;

function put(from: number, to: number, d: { lo: number; hi: number }, sure = 1): Reading[] {
  if (d.hi > MOST_S) return [];
  return [reading(from, to, ['rest'], `rest ${clockSpan(d)}`, { restS: middleOf(d.lo, d.hi) }, sure)];
}

const restWords = ['rest', 'resting', 'rests', 'recovery', 'r'];
const betweenSets = (line: Line, i: number): number => {
  const at = line.run(
    i,
    ['between', 'btw', 'after', 'in'],
    ['sets', 'set', 'each', 'all', 'every', 'between'],
  );
  if (at !== null) return line.past(at, 'set', 'sets');
  return i;
};

/** "rest 2-3 min", "rest: 90s", "90s rest", "2 minutes of rest", "R:60", "30 sec between sets". */
export const rest: Reader = (line, i) => {
  const found: Reading[] = [];
  const lead = line.past(i, 'w', '/', 'with', '(');
  const start = lead > i && line.is(i, '/') ? i : lead;
  if (line.is(start, ...restWords)) {
    const isShort = line.is(start, 'r');
    const at = line.past(start + 1, ':', '=', 'for', 'is', 'of', '~', 'about', '-');
    const said = duration(line, at);
    const d = isShort && at === start + 1 && !said?.hasUnit ? null : said;
    if (d && (d.hasUnit || !line.is(d.to, '%', 'kg', 'rir', 'rpe', 'x')))
      found.push(...put(i, closing(line, i, betweenSets(line, d.to)), d, isShort ? 0.9 : 1.1));
    else if (!d && !isShort && line.isWord(at)) found.push(remark(i, restOfPart(line, at), 1.1));
  }
  const d = duration(line, start);
  if (d) {
    const at = line.past(d.to, 'of');
    if (line.is(at, 'rest', 'rests', 'recovery'))
      found.push(...put(i, closing(line, i, betweenSets(line, at + 1)), d, 1.1));
    else if (d.hasUnit && betweenSets(line, d.to) > d.to)
      found.push(...put(i, closing(line, i, betweenSets(line, d.to)), d));
    // A time that stands alone between two edges is a rest: nothing else is said so.
    else if (start === i && d.hasUnit && d.lo >= 15 && (isAlone(line, i, d.to) || isLast(line, i, d)))
      found.push(...put(i, d.to, d, 0.8));
  }
  if (line.run(i, ['no', 'minimal', 'little', 'short', 'full'], ['rest', 'rests']) !== null)
    found.push(remark(i, restOfPart(line, i + 2), 1.1));
  return found;
};
/** Minutes at the end of a line, after its sets: "bench 3x5 3min". */
const isLast = (line: Line, from: number, { lo, to }: { lo: number; to: number }): boolean =>
  lo >= 60 &&
  lo % 30 === 0 &&
  to === line.length &&
  line.figure(from - 1) !== null &&
  line.times(from - 2) !== null;
const isAlone = (line: Line, from: number, to: number): boolean =>
  from > 0 && line.isEdge(from - 1) && line.isEdge(to) && !line.is(from - 2, 'w');
const closing = (line: Line, from: number, to: number): number =>
  line.is(from, '(') && line.is(to, ')') ? to + 1 : to;
