import { clockText } from '../../units';
import type { Line, Span } from './line';

export const seconds = ['s', 'sec', 'secs', 'second', 'seconds', '"'] as const;
const minutes = ['m', 'min', 'mins', 'minute', 'minutes', "'"] as const;
export const repWords = ['rep', 'reps', 'repetitions'] as const;
export const setWords = ['set', 'sets', 'rounds', 'round'] as const;
/** "last set", "the final one", "last": the place after it; null otherwise. */
export function lastSet(line: Line, i: number): number | null {
  const at = line.past(i, 'on', 'the', 'for', 'your', 'of', 'with', 'a', '-');
  if (!line.is(at, 'last', 'final')) return null;
  return line.is(at + 1, 'set', 'one', 'sets') ? at + 2 : at + 1;
}

/** "on the last set", "(last)" behind something: the place after it; null where it is not said. */
export function onLastSet(line: Line, i: number): number | null {
  const open = line.is(i, '(') ? i + 1 : i;
  if (!line.is(line.past(open, 'on', 'the', 'for', 'your'), 'last', 'final')) return null;
  const to = lastSet(line, open);
  return to !== null && open > i && line.is(to, ')') ? to + 1 : to;
}

/** "3s", "3 seconds", "3-second": the figure and the place after its unit. */
export function secondsAt(line: Line, i: number): { value: number; to: number } | null {
  const figure = line.figure(i);
  if (!figure) return null;
  const to = line.is(figure.to, '-') ? figure.to + 1 : figure.to;
  return line.is(to, ...seconds) ? { value: figure.value, to: to + 1 } : null;
}

/** "1:30" as seconds; null for other things. */
function clockAt(line: Line, i: number): { s: number; to: number } | null {
  const first = line.whole(i);
  const isClock = line.is(i + 1, ':') && line.isTight(i + 1) && /^\d\d$/.test(line.text(i + 2));
  return first !== null && isClock ? { s: first * 60 + Number(line.text(i + 2)), to: i + 3 } : null;
}

/** Seconds from and to, whether a unit was said, and the place after: "90s", "2-3 min", "1:30", "1'30\"", "1m30s". */
export function duration(line: Line, i: number): (Span & { hasUnit: boolean }) | null {
  if (line.run(i, ['a', 'one'], 'minute') !== null) {
    const half = line.run(i + 2, 'and', 'a', 'half');
    return half === null
      ? { lo: 60, hi: 60, to: i + 2, hasUnit: true }
      : { lo: 90, hi: 90, to: half, hasUnit: true };
  }
  const clock = clockAt(line, i);
  if (clock) {
    const second = line.is(clock.to, '-', 'to') ? clockAt(line, clock.to + 1) : null;
    const last = second && second.s > clock.s ? second : clock;
    return { lo: clock.s, hi: last.s, to: line.past(last.to, ...minutes), hasUnit: true };
  }
  // "1 1/2 min".
  const half = line.run(i + 1, '1', '/', '2');
  const whole = line.whole(i);
  if (half !== null && whole !== null && line.is(half, ...minutes))
    return { lo: whole * 60 + 30, hi: whole * 60 + 30, to: half + 1, hasUnit: true };
  const span = line.span(i, { comma: true });
  if (!span) return null;
  // "2m-3m": the unit of the first is that of both.
  if (line.is(span.to, ...minutes)) {
    const rest = line.whole(span.to + 1);
    const isPrime =
      line.is(span.to, "'") && line.isTight(span.to + 1) && /^\d\d$/.test(line.text(span.to + 1));
    if (rest !== null && rest < 60 && (isPrime || line.is(span.to + 2, ...seconds)) && span.lo === span.hi) {
      const s = span.lo * 60 + rest;
      return { lo: s, hi: s, to: line.past(span.to + 2, ...seconds), hasUnit: true };
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
