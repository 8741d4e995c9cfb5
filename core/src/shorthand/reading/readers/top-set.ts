import { type RepRange, repsText } from '../../../session';
import type { Line } from '../line';
import { reading, remark, type Reader } from '../reading';
import { reserve } from './reserve';
import { repsAt } from './sets';

/** "85%" of the top set, "-10%", "10% less", "(-12%)", "15% off": lighter by, per cent. */
function lighterAt(line: Line, i: number): { lighter: number; to: number } | null {
  let at = line.past(i, ',', 'at', '@', '(', 'with', 'the');
  const minus = line.is(at, '-') ? 1 : 0;
  at += minus;
  const percent = line.whole(at);
  if (percent === null || !line.is(at + 1, '%', 'percent')) return null;
  let to = at + 2;
  const less = line.is(to, 'less', 'off', 'lighter', 'down', 'drop');
  if (less) to++;
  if (line.is(to, ')')) to++;
  const lighter = minus || less ? percent : 100 - percent;
  return lighter >= 1 && lighter <= 60 ? { lighter, to } : null;
}

/** "1x5", "top set of 5", "1x6 top set": the repetitions of the top set. */
function topAt(line: Line, i: number): { reps: RepRange; to: number; isCalled: boolean } | null {
  const called = line.run(i, 'top', 'set');
  let at = called === null ? i : line.past(called, 'of', ':', '-');
  const once = line.whole(at) === 1 ? line.times(at + 1) : null;
  if (once !== null) at = once;
  else if (called === null) return null;
  const reps = repsAt(line, at);
  if (!reps) return null;
  const after = line.run(reps.to, 'top', 'set');
  return { reps: reps.reps, to: after ?? reps.to, isCalled: called !== null || after !== null };
}

const backing = ['back', 'off', 'offs', 'backoff', 'backoffs', 'down', ':', 'sets', 'set', 'of'];
const joining = [',', ';', 'then', 'and', '+', '-', 'followed', 'by', ...backing];

/** Past "back-off sets of": its dash joins two words, any other one takes off. */
function pastBacking(line: Line, i: number): number {
  let at = i;
  while (line.is(at, ...backing) || (line.is(at, '-') && line.is(at + 1, 'off', 'offs', 'down'))) at++;
  return at;
}

/** "1x5 then 3x8 at 85%", "top set of 5, back off 3x6 (-12%)"; what the top set leaves may stand between. */
export const topAndBackOffs: Reader = (line, i) => {
  const top = topAt(line, i);
  if (!top) return [];
  const left = reserve(line, line.past(top.to, '@', 'at'))[0];
  const said = left && left.from <= top.to + 1 ? left : null;
  const middle = said?.to ?? top.to;
  const start = pastBacking(line, line.past(middle, ...joining));
  const sets = start > middle ? line.whole(start) : null;
  const times = sets === null || sets > 12 ? null : line.times(start + 1);
  const back = times === null ? null : repsAt(line, times);
  if (!back || !sets || sets > 11) return [];
  const lighter = lighterAt(line, pastBacking(line, back.to));
  if (lighter) {
    const scheme = {
      kind: 'top and back-off' as const,
      top: top.reps,
      sets,
      reps: back.reps,
      lighter: lighter.lighter,
    };
    const as = `top set of ${repsText(top.reps)}, then ${sets} × ${repsText(back.reps)} ${lighter.lighter} % lighter`;
    const last = said?.says.reserve?.last;
    return [
      reading(
        i,
        lighter.to,
        ['sets', 'reps', ...(said ? (['reserve'] as const) : [])],
        said ? `${as}, ${said.as}` : as,
        {
          scheme,
          ...(last === undefined ? {} : { reserve: { first: last, last } }),
        },
        1.1,
      ),
    ];
  }
  // One long set and short ones after it are neither: kept as they were said.
  const isShortAfter = !top.isCalled && top.reps.lo > back.reps.hi && line.is(start - 1, 'then', '+');
  return isShortAfter ? [remark(i, restOfPart(line, back.to), 1.2)] : [];
};

/** To the end of this part of the line. */
export function restOfPart(line: Line, i: number): number {
  let at = i;
  while (at < line.length && !line.isEdge(at)) at++;
  return at;
}
