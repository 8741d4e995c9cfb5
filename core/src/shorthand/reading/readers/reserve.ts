import { reserveText } from '../../../session';
import type { Line } from '../line';
import { lastSet, repWords } from '../phrases';
import { reading, type Reader, type Reading } from '../reading';
import { isMeasure } from './sets';

type Reserve = { first: number; last: number };

const fits = (r: Reserve): boolean =>
  [r.first, r.last].every((n) => n >= 0 && n <= 8 && Number.isInteger(n * 2));
/** Of a span the more is left at first; a list goes as it stands. */
const asSpan = (a: number, b: number): Reserve => ({ first: Math.max(a, b), last: Math.min(a, b) });

/** Figures of a reserve: "2", "1-2", "3-2-1-0", "2,1,0", "3 then 1", "7/8/9". */
function figuresAt(line: Line, i: number): { values: number[]; to: number } | null {
  for (const signs of [['-'], ['/'], [',']] as const) {
    const list = line.list(i, signs);
    if (list && list.values.length > (signs[0] === ',' ? 2 : 1) && list.values.every((v) => v <= 10))
      return list;
  }
  const first = line.figure(i);
  if (!first) return null;
  if (line.is(first.to, 'then', 'to', 'down')) {
    const second = line.figure(line.past(first.to, 'then', 'to', 'down'));
    if (second && line.times(second.to) === null)
      return { values: [first.value, second.value], to: second.to };
  }
  return { values: [first.value], to: first.to };
}

const between = (values: readonly number[]): Reserve =>
  values.length === 2
    ? asSpan(values[0]!, values[1]!)
    : { first: values[0]!, last: values[values.length - 1]! };

function left(from: number, to: number, r: Reserve, sure = 1): Reading[] {
  return fits(r) ? [reading(from, to, ['reserve'], `leave ${reserveText(r)}`, { reserve: r }, sure)] : [];
}

const scale = (values: readonly number[], isRpe: boolean): number[] =>
  values.map((v) => (isRpe ? 10 - v : v));
const isRpeScale = (values: readonly number[]): boolean => values.every((v) => v >= 4 && v <= 10);

/** "RIR 2", "2 RIR", "RPE 8-9", "@8.5 RPE", "RPE 7, 8, 9". */
function scaled(line: Line, i: number): { reserve: Reserve; to: number } | null {
  const named = line.is(i, 'rir', 'rpe') ? i : null;
  if (named !== null) {
    const figures = figuresAt(line, line.past(i + 1, ':', '=', '@', 'of'));
    if (!figures) return null;
    const isRpe = line.is(i, 'rpe');
    if (isRpe && !isRpeScale(figures.values)) return null;
    return { reserve: between(scale(figures.values, isRpe)), to: figures.to };
  }
  const figures = figuresAt(line, i);
  if (!figures || !line.is(figures.to, 'rir', 'rpe') || line.is(i - 1, 'x', '*')) return null;
  // "8 reps, RIR 2": the name belongs to what follows it.
  const next = line.figure(line.past(figures.to + 1, ':', '=', '@'));
  if (next && next.value <= 10 && !isMeasure(line, next.to) && line.times(next.to) === null) return null;
  const isRpe = line.is(figures.to, 'rpe');
  if (isRpe && !isRpeScale(figures.values)) return null;
  return { reserve: between(scale(figures.values, isRpe)), to: figures.to + 1 };
}

/** "in the tank", "in reserve", "left", "short of failure", "before failure": what follows the figure. */
function reserveWords(line: Line, i: number): number | null {
  const at = line.is(i, ...repWords) ? i + 1 : i;
  return (
    line.run(at, 'in', ['the', 'my', 'your'], 'tank') ??
    line.run(at, 'in', 'reserve') ??
    line.run(at, ['short', 'shy'], 'of', 'failure') ??
    line.run(at, ['before', 'from', 'off'], 'failure') ??
    line.run(at, 'away', 'from', 'failure') ??
    line.run(at, 'left', 'in', 'the', 'tank') ??
    line.run(at, 'left')
  );
}

/** Repetitions left in reserve, on every set or from the first to the last. */
export const reserve: Reader = (line, i) => {
  let at = line.past(
    i,
    '@',
    'at',
    'about',
    'with',
    'w',
    '/',
    'to',
    'all',
    'sets',
    'on',
    'each',
    'every',
    'set',
    'of',
  );
  if (at > i && line.is(i, '/', 'to', 'sets', 'set', 'each', 'of', 'on')) return [];
  const found: Reading[] = [];
  const inScale = scaled(line, at);
  if (inScale) {
    const all = line.run(inScale.to, 'on', 'all', 'sets') ?? inScale.to;
    found.push(...left(i, all, inScale.reserve));
  }
  const isVerb = line.is(at, 'leave', 'leaving', 'keep', 'keeping', 'stop', 'stopping', 'have', 'having');
  const verb = line.text(at);
  if (isVerb) at = line.past(at + 1, ':', 'about', 'at', 'with');
  const figures =
    line.is(at, 'a', 'one') && line.is(at + 1, ...repWords)
      ? { values: [1], to: at + 1 }
      : figuresAt(line, at);
  if (!figures) return found;
  const after = reserveWords(line, figures.to);
  if (after !== null) found.push(...left(i, after, between(figures.values)));
  else if (verb === 'leave' || verb === 'leaving') {
    const end = line.is(figures.to, ...repWords) ? figures.to + 1 : figures.to;
    if (!line.is(end, 'kg', 'lb', 'lbs', 'min', 'sec', 's'))
      found.push(...left(i, end, between(figures.values)));
  }
  return found;
};

/** "first two sets 2 RIR, last set 0 RIR". */
export const fromFirstToLast: Reader = (line, i) => {
  const early = scaled(line, i);
  const named = early ? line.run(early.to, ['first', 'on', 'for'], ['set', 'first', 'the']) : null;
  if (early && named !== null && line.is(line.past(named, 'first', 'set'), ',', ';', 'and', 'then')) {
    // "RPE 7 first set, RPE 9 last set".
    const next = scaled(line, line.past(named, 'first', 'set', ',', ';', 'and', 'then', '@'));
    const closing = next ? lastSet(line, next.to) : null;
    if (next && closing !== null)
      return left(i, closing, { first: early.reserve.first, last: next.reserve.last }, 1.2);
  }
  if (!line.is(i, 'first')) return [];
  // "first two sets": a figure here counts sets.
  let at = line.past(i + 1, 'sets', 'set');
  if (line.figure(at) && line.is(at + 1, 'sets', 'set')) at += 2;
  at = line.past(at, ':', '@', 'at', 'with');
  const first = scaled(line, at);
  if (!first) return [];
  const end = lastSet(line, line.past(first.to, ',', ';', 'and', 'then'));
  const at0 = end === null ? 0 : line.past(end, ':', '@', 'at', 'with', 'to');
  if (end !== null && line.is(at0, 'failure', 'amrap'))
    return left(i, at0 + 1, { first: first.reserve.first, last: 0 }, 1.3);
  const last = end === null ? null : scaled(line, at0);
  if (!last) return [];
  return left(i, last.to, { first: first.reserve.first, last: last.reserve.last }, 1.1);
};

/** "last set RPE 10", "RIR 0 on the last set": the last set alone. */
export const reserveOfLast: Reader = (line, i) => {
  const end = lastSet(line, i);
  const after = end === null ? null : scaled(line, line.past(end, ':', '@', 'at', 'with', 'to', '-'));
  if (after && line.is(line.past(i, 'on', 'the'), 'last', 'final'))
    return [lastOnly(i, after.to, after.reserve.last)];
  const first = scaled(line, i);
  const closing =
    first && line.is(first.to, 'on', 'for', 'the', 'last', 'final') ? lastSet(line, first.to) : null;
  return first && closing !== null ? [lastOnly(i, closing, first.reserve.last)] : [];
};
const lastOnly = (from: number, to: number, last: number): Reading =>
  reading(from, to, ['last reserve', 'reserve'], `the last set leaves ${last}`, { lastReserve: last }, 1.1);
