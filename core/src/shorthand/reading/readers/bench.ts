import { reading, type Reader } from '../reading';

const degrees = ['°', 'deg', 'degs', 'degree', 'degrees'];
const order = ['first', 'second', 'third', 'fourth', 'fifth', 'sixth'];

/**
 * "30°", "at 45 degrees", "on a 30 deg incline", "bench @ 45", "(15 deg)". The word "bench" is left to the name,
 * and a figure without degrees is an angle only where the name does not need that word.
 */
export const benchAngle: Reader = (line, i) => {
  let at = line.past(i, '@', 'at', 'on', 'a', 'an', '(', 'set', 'to', ':');
  if (at > i && line.is(i, 'to', 'set', ':') && !line.is(i - 1, 'bench', 'incline', 'angle')) at = i;
  const minus = line.is(at, '-') && !line.isTight(at) ? 1 : 0;
  const span = line.span(at + minus);
  if (!span || span.hi > 90) return [];
  const value = span.lo === span.hi ? span.lo : Math.round((span.lo + span.hi) / 2);
  let { to } = span;
  const hasDegrees = line.is(to, ...degrees);
  if (hasDegrees) to++;
  const isOther = line.is(to, 'kg', 'lb', 'lbs', '%', 'reps', 'x', 'sets', 'rir', 'rpe', '*', ',');
  const isBench =
    (at > i && line.is(i - 1, 'bench', 'incline', 'angle')) ||
    (line.is(i - 1, 'incline', 'angle') && line.isEdge(to) && value % 5 === 0);
  if (!hasDegrees && (!isBench || isOther || value < 10)) return [];
  if (line.is(i, '(') && line.is(to, ')')) to++;
  const deg = minus ? -value : value;
  const found = reading(i, to, ['bench'], `bench ${deg}°`, { benchDeg: deg });
  return [hasDegrees ? found : { ...found, needsFree: i - 1 }];
};

/** "second notch", "2nd notch": a notch of this client's bench, counted from the first above flat. */
export const notchReader =
  (notchesDeg: readonly number[]): Reader =>
  (line, i) => {
    let at = line.past(i, 'on', 'at', 'in', 'the');
    const word = order.indexOf(line.text(at));
    const value = line.whole(at);
    const ordinal = line.is(at + 1, 'st', 'nd', 'rd', 'th');
    const n = word >= 0 ? word + 1 : value !== null && ordinal ? value : null;
    if (n === null) return [];
    at += word >= 0 ? 1 : 2;
    if (!line.is(at, 'notch', 'hole', 'setting', 'click', 'pin')) return [];
    const deg = notchesDeg.filter((d) => d > 0)[n - 1];
    return deg === undefined
      ? []
      : [reading(i, at + 1, ['bench'], `bench ${deg}°, notch ${n} above flat`, { benchDeg: deg }, 1.1)];
  };
