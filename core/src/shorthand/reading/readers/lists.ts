import { type RepRange, repsText } from '../../../session';
import type { Line } from '../line';
import { setWords } from '../phrases';
import { reading, type Reader, type Reading } from '../reading';
import { isMeasure } from './sets';

const exactly = (n: number): RepRange => ({ lo: n, hi: n });
const isReps = (n: number): boolean => Number.isInteger(n) && n >= 1 && n <= 100;
const isOrdered = (ns: readonly number[]): boolean => {
  const falls = ns.every((n, k) => k === 0 || n <= ns[k - 1]!);
  return falls || ns.every((n, k) => k === 0 || n >= ns[k - 1]!);
};
/** Four short counts with a nought or two ones are seconds of a repetition, not repetitions. */
export const looksLikeTempo = (ns: readonly number[]): boolean =>
  ns.length === 4 &&
  ns.every((n) => n <= 9) &&
  (ns.includes(0) || ns.filter((n) => n === 1).length > 1 || ns[2]! <= 2);

function put(found: Reading[], line: Line, i: number, to: number, list: RepRange[], sure: number): void {
  if (isMeasure(line, to) || list.length > 12) return;
  const end = line.is(to, 'reps') ? to + 1 : to;
  const pyramid = line.is(end, 'pyramid') ? end + 1 : end;
  found.push(reading(i, pyramid, ['sets', 'reps'], list.map(repsText).join(', '), { list }, sure));
}

/** Repetitions set by set: "12, 10, 8", "12/10/8/6", "10-8-6", "10 8 6 4", "12-15, 8-10, 6". */
export const repsSetBySet: Reader = (line, i) => {
  const found: Reading[] = [];
  let at = i;
  let sure = 0.9;
  const before = line.past(at, 'reverse', 'ascending', 'descending', 'pyramid', 'up', 'down', 'of', ':');
  const isCalled = line.tokens.slice(at, before).some((t) => t.text === 'pyramid');
  if (isCalled) at = before;
  else if (line.is(at, 'reps') && line.is(at + 1, ':')) at += 2;
  // "4 sets (10/8/6/6)", "3 sets: 8, 6, 4", "3x8,10,12".
  const count = line.whole(at);
  let expected: number | null = null;
  const times = count !== null && count <= 12 ? line.times(at + 1) : null;
  if (times !== null) {
    expected = count;
    at = times;
  }
  if (count !== null && count <= 12 && line.is(at + 1, ...setWords)) {
    const inside = line.past(at + 2, '(', ':', ',', 'of', '-', '@');
    if (inside > at + 2) {
      expected = count;
      at = inside;
    }
  }
  if (at === i && i > 0 && (line.is(i - 1, '-', '/', '.') || line.figure(i - 1))) return found;
  for (const signs of [[','], ['/'], ['-']]) {
    const list = line.list(at, signs);
    if (!list?.values.every(isReps)) continue;
    const { values } = list;
    if (expected !== null && values.length !== expected) continue;
    if (signs[0] === '-' && (values.length < 3 || looksLikeTempo(values))) continue;
    if (signs[0] === '/' && values.length === 2 && expected === null && !isCalled) continue;
    // Two figures with a comma may be one broken figure or two things.
    if (signs[0] === ',' && values.length === 2 && expected === null && !isCalled) sure = 0.7;
    if (signs[0] === '/' && looksLikeTempo(values) && !isOrdered(values)) continue;
    const closes = line.is(list.to, ')') && line.is(at - 1, '(') ? 1 : 0;
    put(found, line, i, list.to + closes, values.map(exactly), expected === null ? sure : 1);
  }
  spans(line, i, at, found);
  spaced(line, i, at, found);
  return found;
};

/** "12-15, 8-10, 6" and "12 to 15, 8": one of them at least is a span. */
function spans(line: Line, i: number, at: number, found: Reading[]): void {
  const list: RepRange[] = [];
  let to = at;
  for (;;) {
    const span = line.span(to);
    if (
      !span ||
      !isReps(span.lo) ||
      !isReps(span.hi) ||
      isMeasure(line, span.to) ||
      line.times(span.to) !== null
    )
      break;
    list.push({ lo: span.lo, hi: span.hi });
    to = span.to;
    if (!line.is(to, ',', '/') || !line.span(to + 1)) break;
    to++;
  }
  if (list.length > 1 && list.some((r) => r.lo !== r.hi)) put(found, line, i, to, list, 0.9);
}

/** "10 8 6 4": with nothing between three or more at least, in order. */
function spaced(line: Line, i: number, at: number, found: Reading[]): void {
  const list: number[] = [];
  let to = at;
  while (line.tokens[to]?.kind === 'figure' && isReps(line.whole(to) ?? 0)) {
    list.push(line.whole(to)!);
    to++;
  }
  const isPlain = line.times(to) === null && !line.is(to, ...setWords, '-', '/', ':');
  if (list.length >= 3 && isOrdered(list) && isPlain) put(found, line, i, to, list.map(exactly), 0.85);
}

/** Columns: "| 4 | 8-10 |", "Bench Press,4,8": a count of sets, then repetitions, each alone between the same signs. */
export const columns: Reader = (line, i) => {
  const sign = line.text(i - 1);
  const sets = line.whole(i);
  if (
    !['|', '\t', ',', ';', '/'].includes(sign) ||
    !line.isWord(i - 2) ||
    sets === null ||
    sets < 1 ||
    sets > 12
  )
    return [];
  if (!line.is(i + 1, sign)) return [];
  const span = line.span(i + 2);
  if (!span || !isReps(span.lo) || !isReps(span.hi) || !(line.is(span.to, sign) || span.to === line.length))
    return [];
  const reps = { lo: span.lo, hi: span.hi };
  return [
    reading(
      i,
      span.to,
      ['sets', 'reps'],
      `${sets} × ${repsText(reps)}`,
      { sets, reps },
      sign === ',' ? 1.2 : 1,
    ),
  ];
};

/** "each its own": a list that is no pyramid. */
export const eachItsOwn: Reader = (line, i) => {
  const to = line.run(i, 'each', 'its', 'own');
  return to === null
    ? []
    : [reading(i, to, ['technique'], 'each set its own', { technique: { kind: 'each its own' } })];
};
