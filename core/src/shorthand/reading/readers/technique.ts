import { repsText } from '../../../session';
import { repWords, seconds, setWords } from '../phrases';
import { reading, type Reader } from '../reading';
import { repsAt } from './sets';

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
