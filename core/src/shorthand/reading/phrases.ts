import { clockText } from '../../units/time';
import type { Line, Span } from './line';

export const seconds = ['s', 'sec', 'secs', 'second', 'seconds', '"'] as const;
export const minutes = ['m', 'min', 'mins', 'minute', 'minutes', "'"] as const;
export const repWords = ['rep', 'reps', 'repetitions'] as const;
export const setWords = ['set', 'sets', 'rounds', 'round'] as const;
/** "last set", "the final one", "last": the place after it; null otherwise. */
export function lastSet(line: Line, i: number): number | null {
  const at = line.past(i, 'on', 'the', 'for', 'your', 'of', 'with', 'a', '-');
  if (!line.is(at, 'last', 'final')) return null;
  return line.is(at + 1, 'set', 'one', 'sets') ? at + 2 : at + 1;
}

/** Seconds from and to, whether a unit was said, and the place after: "90s", "2-3 min", "1:30", "1'30\"", "1m30s". */
export function duration(line: Line, i: number): (Span & { hasUnit: boolean }) | null {
  if (line.run(i, ['a', 'one'], 'minute') !== null) {
    const half = line.run(i + 2, 'and', 'a', 'half');
    return half === null
      ? { lo: 60, hi: 60, to: i + 2, hasUnit: true }
      : { lo: 90, hi: 90, to: half, hasUnit: true };
  }
  const first = line.whole(i);
  const clock = line.is(i + 1, ':') && line.isTight(i + 1) && /^\d\d$/.test(line.text(i + 2));
  if (first !== null && clock) {
    const s = first * 60 + Number(line.text(i + 2));
    return { lo: s, hi: s, to: line.is(i + 3, ...minutes) ? i + 4 : i + 3, hasUnit: true };
  }
  const span = line.span(i, { comma: true });
  if (!span) return null;
  // "2m-3m": the unit of the first is that of both.
  if (line.is(span.to, ...minutes)) {
    const rest = line.whole(span.to + 1);
    if (rest !== null && rest < 60 && line.is(span.to + 2, ...seconds) && span.lo === span.hi) {
      const s = span.lo * 60 + rest;
      return { lo: s, hi: s, to: span.to + 3, hasUnit: true };
    }
    return { lo: span.lo * 60, hi: span.hi * 60, to: pastDot(line, span.to + 1), hasUnit: true };
  }
  if (line.is(span.to, ...seconds)) return { ...span, to: pastDot(line, span.to + 1), hasUnit: true };
  const inMinutes = span.hi < 10;
  const factor = inMinutes ? 60 : 1;
  return { lo: span.lo * factor, hi: span.hi * factor, to: span.to, hasUnit: false };
}
const pastDot = (line: Line, i: number): number => (line.is(i, '.') && line.isTight(i) ? i + 1 : i);

export const clockSpan = ({ lo, hi }: { lo: number; hi: number }): string =>
  lo === hi ? clockText(lo) : `${clockText(lo)}–${clockText(hi)}`;
