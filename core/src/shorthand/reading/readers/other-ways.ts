import type { Line } from '../line';
import { seconds } from '../phrases';
import { remark, type Reader, type Reading } from '../reading';
import { repsAt } from './sets';
import { restOfPart } from './top-set';

const clusterWords = [
  'set',
  'sets',
  'rep',
  'reps',
  'of',
  'x',
  'intra',
  'rest',
  ...seconds,
  '(',
  ')',
  '+',
  '-',
  '/',
];
/** To the end of what a cluster is made of: figures and their signs. */
function pastCluster(line: Line, i: number): number {
  let to = i;
  while (to < line.length && (line.is(to, ...clusterWords) || line.figure(to) !== null)) to++;
  return to;
}

/** Ways of doing sets no scheme has: kept in the coach's words, with their figures. */
export const otherWays: Reader = (line, i) => {
  const isInside = (to: number): boolean =>
    line.is(to, '(') && line.figure(to + 1) !== null && line.is(to + 2, '+');
  const sets = line.whole(i);
  const times = sets === null ? null : line.times(i + 1);
  if (line.is(i, 'cluster', 'clusters') || (times !== null && isInside(times)))
    return [remark(i, pastCluster(line, i + 1), 1.3)];
  if (line.is(i, 'emom', 'e2mom', 'myo', 'myos', 'myoreps')) {
    let to = i + 1;
    while (to < line.length && !line.is(to, ';', '|')) to++;
    return [remark(i, to, 1.3)];
  }
  if (line.is(i, '+', 'plus', 'then')) {
    const at = line.past(i + 1, 'a', 'with');
    const s = line.whole(at);
    if (s !== null && line.is(at + 1, ...seconds) && line.is(at + 2, 'iso', 'hold', 'isometric'))
      return [remark(i, restOfPart(line, at + 2), 1.3)];
    const counted = line.past(s === null ? at : at + 1, 'lengthened', 'stretched', 'partial', '-');
    if (
      (s !== null || line.is(i, 'then')) &&
      (line.is(counted, 'partials') || line.is(counted - 1, 'partial'))
    )
      return [remark(i, restOfPart(line, counted + 1), 1.4)];
  }
  return secondDose(line, i);
};

/** Sets and repetitions after those that were said already: kept with what goes with them. */
function secondDose(line: Line, i: number): Reading[] {
  const sets = line.whole(i);
  const times = sets !== null && sets >= 1 && sets <= 12 ? line.times(i + 1) : null;
  const reps = times === null ? null : repsAt(line, times);
  if (!reps || line.times(reps.to) !== null) return [];
  for (let k = i - 3; k >= 0; k--)
    if (line.whole(k) !== null && line.times(k + 1) === k + 2 && repsAt(line, k + 2))
      return [remark(i, restOfPart(line, reps.to), 1)];
  return [];
}
