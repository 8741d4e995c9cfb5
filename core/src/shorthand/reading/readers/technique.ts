import { repsText, type RepRange } from '../../../session/schemes/model';
import type { Line } from '../line';
import { lastSet, onLastSet, repWords, seconds, setWords } from '../phrases';
import { reading, remark, type Reader, type Reading, type SaidTechnique } from '../reading';
import { repsAt } from './sets';
import { restOfPart } from './top-set';

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

/** "burn-out 40", "burnout 50", "100 reps total": as many as come in as few bouts as it takes. */
export const burnOuts: Reader = (line, i) => {
  const sets = line.whole(i);
  const times = sets !== null && sets >= 1 && sets <= 12 ? line.times(i + 1) : null;
  let at = times ?? i;
  let total: number | null = null;
  if (
    line.is(at, 'burnout', 'burnouts') ||
    (line.is(at, 'burn') && line.is(line.past(at + 1, '-'), 'out', 'outs'))
  ) {
    at = line.is(at, 'burn') ? line.past(at + 1, '-') + 1 : at + 1;
    at = line.past(at, 'of', ':', 'set', 'to', 'x');
    total = line.whole(at);
    at = line.past(at + 1, ...repWords);
  } else if (times === null) {
    total = line.whole(i);
    const after = line.past(i + 1, ...repWords);
    const few = line.run(after, 'in', 'as', 'few', 'sets', 'as', ['possible', 'needed']);
    const isTotal =
      total !== null && (few !== null || line.is(after, 'total') || line.run(after, 'in', 'total') !== null);
    if (!isTotal) return [];
    at = few ?? line.past(after, 'in', 'total', 'reps');
  }
  if (total === null || total < 10 || total > 120) return [];
  let pauseS = 15;
  const breaths = line.past(at, ',');
  const s = line.whole(breaths);
  if (
    s !== null &&
    line.is(breaths + 1, ...seconds) &&
    line.is(breaths + 2, 'breaths', 'breath') &&
    s >= 5 &&
    s <= 60
  ) {
    pauseS = s;
    at = breaths + 3;
  }
  const scheme = { kind: 'burn-out' as const, sets: times === null ? 1 : sets!, total, pauseS };
  return [reading(i, at, ['sets', 'reps', 'technique'], `burn-out of ${total}`, { scheme }, 1.2)];
};

/** "3x30s hold", "3 x hold 30 s": held still. */
export const holds: Reader = (line, i) => {
  const sets = line.whole(i);
  if (sets === null || sets < 1 || sets > 12) return [];
  const of = line.is(i + 1, ...setWords) ? line.past(i + 2, 'of', 'x') : line.times(i + 1);
  if (of === null) return [];
  const before = line.is(of, 'hold', 'holds');
  const at = before ? of + 1 : of;
  const s = line.whole(at);
  if (s === null || s < 3 || s > 120 || !line.is(at + 1, ...seconds)) return [];
  let to = at + 2;
  if (!before) {
    if (!line.is(to, 'hold', 'holds', 'iso', 'isometric', 'isohold')) return [];
    to = line.past(to, 'hold', 'holds', 'iso', 'isometric', 'isohold');
  }
  return [
    reading(
      i,
      to,
      ['sets', 'reps', 'technique'],
      `${sets} × hold ${s} s`,
      { scheme: { kind: 'hold', sets, seconds: s } },
      1.2,
    ),
  ];
};

const knobs = {
  grip: 'gripBiacromial',
  bench: 'benchDeg',
  tuck: 'tuckDeg',
  lean: 'leanDeg',
  raise: 'elevationM',
} as const;
const easier: Record<string, [keyof typeof knobs, number]> = {
  wide: ['grip', 1.8],
  close: ['grip', 1],
  flat: ['bench', 0],
};

/** Mechanical drops: "2x10 then flat to failure", "3x8 then grip 1.5, then grip 1.9". */
export const mechanicalDrops: Reader = (line, i) => {
  const sets = line.whole(i);
  const times = sets !== null && sets >= 1 && sets <= 12 ? line.times(i + 1) : null;
  const reps = times === null ? null : repsAt(line, times);
  if (!reps) return [];
  const steps: number[] = [];
  let knob: keyof typeof knobs | null = null;
  let to = reps.to;
  while (steps.length < 3) {
    let at = line.past(to, ',');
    if (!line.is(at, 'then', 'into')) break;
    at = line.past(at + 1, 'straight', 'to', 'go');
    const word = line.text(at);
    const short = easier[word];
    const named = word in knobs ? (word as keyof typeof knobs) : null;
    const minus = named && line.is(at + 1, '-') ? 1 : 0;
    const value = named ? line.figure(at + 1 + minus) : null;
    const next: [keyof typeof knobs, number, number] | null = short
      ? [...short, at + 1]
      : value
        ? [named!, minus ? -value.value : value.value, value.to]
        : null;
    if (!next || (knob && next[0] !== knob) || line.times(next[2]) !== null) break;
    // "then flat bench 4x8" is another movement.
    let end = line.is(next[2], '°') ? next[2] + 1 : next[2];
    const failure = line.run(end, 'to', 'failure');
    if (short && failure === null && !line.isEdge(end)) break;
    end = failure ?? end;
    [knob] = next;
    steps.push(next[1]);
    to = end;
  }
  if (!knob) return [];
  const scheme = {
    kind: 'mechanical drop' as const,
    sets: sets!,
    reps: reps.reps,
    knob: knobs[knob],
    easier: steps,
  };
  const as = `${sets} × ${repsText(reps.reps)}, then ${steps.map((s) => `${knob} ${s}`).join(', then ')}`;
  return [reading(i, to, ['sets', 'reps', 'technique'], as, { scheme }, 1.1)];
};

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
