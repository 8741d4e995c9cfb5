import type { Rig } from '../../../movements';
import { lastSet } from '../phrases';
import { reading, remark, type Reader, type Reading } from '../reading';

/** "grip 1.5", "tuck 45°". */
export const gripAndTuck: Reader = (line, i) => {
  if (line.is(i, 'grip')) {
    const value = line.figure(i + 1);
    if (!value || value.value < 0.3 || value.value > 3) return [];
    const to = line.is(value.to, 'x', '*') && !line.figure(value.to + 1) ? value.to + 1 : value.to;
    return [
      reading(
        i,
        to,
        ['grip'],
        `grip ${value.value} × shoulders`,
        { rig: { gripBiacromial: value.value } },
        1.05,
      ),
    ];
  }
  if (line.is(i, 'tuck', 'tucked')) {
    const value = line.figure(i + 1);
    if (!value || value.value < 20 || value.value > 90) return [];
    const to = line.is(value.to, '°', 'deg', 'degrees') ? value.to + 1 : value.to;
    return [reading(i, to, ['tuck'], `tuck ${value.value}°`, { rig: { tuckDeg: value.value } }, 1.05)];
  }
  return [];
};

const ranged = (from: number, to: number, range: NonNullable<Rig['range']>, as: string): Reading =>
  reading(from, to, ['range'], as, { rig: { range } }, 1.05);

/** "1.5 reps", "one and a half reps", "lengthened partials", "bottom half". */
export const rangeOfMotion: Reader = (line, i) => {
  const half = line.run(i, ['one', '1'], ['and', '-'], ['a', 'and']);
  if (half !== null) {
    const to = line.past(half, 'a', '-', 'half', 'halfs', 'halves');
    if (line.is(to - 1, 'half', 'halfs', 'halves'))
      return [ranged(i, line.past(to, 'rep', 'reps'), 'one and a half', 'one and a half reps')];
  }
  const figure = line.figure(i);
  if (figure?.value === 1.5 && line.is(figure.to, 'rep', 'reps'))
    return [ranged(i, figure.to + 1, 'one and a half', 'one and a half reps')];
  let at = line.past(i, 'with', 'w', '/', '+');
  if (at > i && line.is(i, '/')) at = i;
  const long = line.is(at, 'lengthened', 'stretched', 'stretch', 'bottom');
  if (long) at = line.past(at + 1, '-');
  const isPartial = line.is(at, 'partial', 'partials') || (long && line.is(at, 'half'));
  if (!isPartial) return [];
  const to = line.past(at + 1, 'rep', 'reps');
  if (line.figure(i - 1) !== null && line.is(i - 2, '+', 'plus', 'then')) return [];
  if (line.is(i - 1, 'then', '+', 'plus')) return [];
  // On some sets only: nothing in a line can say so but its own words.
  const last = lastSet(line, to);
  if (last !== null && line.is(line.past(to, 'on', 'the'), 'last', 'final')) return [remark(i, last, 1.2)];
  return line.is(at, 'partial') && !line.is(at + 1, 'rep', 'reps')
    ? []
    : [ranged(i, to, 'lengthened half', 'stretched half only')];
};

/** "each side", "per arm", "3x12ea", "e/s": both sides get it anyway. */
export const eachSide: Reader = (line, i) => {
  const said =
    line.run(i, ['per', 'each', 'a', '/'], ['side', 'arm', 'hand', 'leg']) ??
    line.run(i, 'e', '/', ['s', 'a']) ??
    line.run(i, ['one', '1'], ['side', 'arm'], 'at', 'a', 'time');
  const short = line.is(i, 'ea', 'each', 'es') && line.figure(i - 1) !== null ? i + 1 : null;
  const to = said ?? short;
  return to === null ? [] : [reading(i, to, ['side'], 'each side', {})];
};
