import { type RepRange, repsText } from '../../../session';
import type { Line } from '../line';
import { lastSet, onLastSet, seconds } from '../phrases';
import { reading, type Reader, type Reading, type SaidTechnique } from '../reading';
import { repsAt } from './sets';

const counts: Record<string, number> = { double: 1, triple: 2, quadruple: 3, quad: 3 };
const opening = (line: Line, i: number): number => {
  const at = line.past(i, '+', 'with', 'w', '/', 'a', 'and', '(', 'then', ',', 'finish', 'as');
  return at > i && line.is(i, '/', ',', '(') ? (line.is(i, '(') ? at : i) : at;
};
const closing = (line: Line, from: number, to: number): number =>
  line.is(from, '(') && line.is(to, ')') ? to + 1 : to;

const put = (from: number, to: number, as: string, technique: SaidTechnique): Reading[] => [
  reading(from, to, ['technique'], as, { technique }, 1.1),
];

/** "10 + 12" behind the repetitions of a set: those of its further stages. */
function stagesAt(line: Line, i: number): { then: RepRange[]; to: number } {
  const then: RepRange[] = [];
  let to = i;
  while (line.is(to, '+') && then.length < 4) {
    const reps = repsAt(line, to + 1);
    if (!reps || line.times(reps.to) !== null) break;
    then.push(reps.reps);
    to = reps.to;
  }
  return { then, to };
}

/** Drops: "drop set on the last set", "last set triple drop", "+ 1 drop", "last drop 2 x 20%". */
export const drops: Reader = (line, i) => {
  const stages = i > 0 && line.figure(i - 1) ? stagesAt(line, i) : { then: [], to: i };
  let at = opening(line, stages.to);
  const firstLast = lastSet(line, at);
  if (firstLast !== null) at = line.past(firstLast, '-', ':', 'a', 'is', 'as', 'with', 'into');
  const called = counts[line.text(at)];
  if (called) at = line.past(at + 1, '-');
  const number = called === undefined ? line.whole(at) : null;
  if (number !== null && number <= 4) at++;
  if (!line.is(at, 'drop', 'drops', 'dropset', 'dropsets')) return [];
  at = line.past(at + 1, '-');
  at = line.past(at, 'set', 'sets');
  // "drop set x2", "drop 2 x 20%".
  let further = called ?? number ?? null;
  let lighter = 20;
  const multiple = line.times(at);
  const told = multiple === null ? null : line.whole(multiple);
  if (told !== null && told <= 4 && !line.is(multiple! + 1, '%')) {
    further = told;
    at = multiple! + 1;
  }
  const n = line.whole(at);
  const times = n !== null && n <= 4 ? line.times(at + 1) : null;
  if (times !== null) {
    further = n;
    at = times;
  }
  const shareAt = line.past(at, '-', 'by', 'of');
  const share = line.whole(shareAt);
  if (share !== null && share >= 5 && share <= 60 && line.is(shareAt + 1, '%', 'percent')) {
    lighter = share;
    at = shareAt + 2;
  } else if (times !== null) return [];
  const after = onLastSet(line, at);
  const every = line.run(at, ['on', 'each', 'every'], ['every', 'each', 'all', 'set'], ['set', 'sets']);
  const isLast = firstLast !== null || after !== null;
  const to = closing(line, i, after ?? every ?? at);
  const many = further ?? (stages.then.length > 0 ? stages.then.length : 2);
  if (many < 1 || many > 4) return [];
  const on = isLast ? 'last set' : 'every set';
  const as = `${isLast ? 'on the last set' : 'on every set'} ${many === 1 ? 'one drop' : `${many} drops`}, each ${lighter} % lighter`;
  return put(i, to, stages.then.length > 0 ? `${as}: ${stages.then.map(repsText).join(', ')}` : as, {
    kind: 'drop',
    drops: many,
    lighter,
    on,
    ...(stages.then.length > 0 ? { then: stages.then } : {}),
  });
};

/** Rest–pause: "rest pause x2", "RP", "last set rest-pause", "last rest-pause 2 x 15s". */
export const restPauses: Reader = (line, i) => {
  let at = opening(line, i);
  const firstLast = lastSet(line, at);
  if (firstLast !== null) at = line.past(firstLast, '-', ':', 'a', 'is', 'as');
  if (line.is(at, 'rp')) at++;
  else if (line.is(at, 'rest') && line.is(line.past(at + 1, '-'), 'pause')) at = line.past(at + 1, '-') + 1;
  else return [];
  at = line.past(at, 'set', 'sets');
  let bouts = 2;
  let pauseS = 15;
  const lead = line.times(at);
  const n = line.whole(lead ?? at);
  if (n !== null && n >= 1 && n <= 5 && (lead !== null || line.times(at + 1) !== null)) {
    bouts = n;
    at = (lead ?? at) + 1;
    const each = line.times(at);
    const s = each === null ? null : line.whole(each);
    if (s !== null && s >= 5 && s <= 40) {
      pauseS = s;
      at = line.past(each! + 1, ...seconds);
    }
  }
  const after = onLastSet(line, at);
  const isLast = firstLast !== null || after !== null;
  const as = `rest–pause ${isLast ? 'on the last set' : 'on every set'}: ${bouts} × ${pauseS} s`;
  return put(i, closing(line, i, after ?? at), as, {
    kind: 'rest-pause',
    bouts,
    pauseS,
    on: isLast ? 'last set' : 'every set',
  });
};
