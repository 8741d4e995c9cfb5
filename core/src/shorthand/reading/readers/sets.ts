import { type RepRange, repsText } from '../../../session';
import type { Line } from '../line';
import { repWords, setWords } from '../phrases';
import { reading, type Reader, type Reading } from '../reading';

/** Repetitions and the place after them: "8", "8-10", "8 to 10 reps", "8/10" where a slash can only be a span. */
export function repsAt(line: Line, i: number, slash = false): { reps: RepRange; to: number } | null {
  let span = line.span(i, { slash });
  if (!span) return null;
  // "15 - 60s" is fifteen and a rest.
  if (span.lo !== span.hi && isMeasure(line, span.to) && !line.isTight(i + 1))
    span = { lo: span.lo, hi: span.lo, to: i + 1 };
  if (!Number.isInteger(span.lo) || !Number.isInteger(span.hi) || span.lo < 1 || span.hi > 100) return null;
  // Kilograms, seconds, degrees and shares are no repetitions.
  if (isMeasure(line, span.to)) return null;
  const to = line.is(span.to, ...repWords) ? span.to + 1 : span.to;
  return { reps: { lo: span.lo, hi: span.hi }, to };
}

const measures = [
  'kg',
  'kgs',
  'kilo',
  'kilos',
  'lb',
  'lbs',
  'pounds',
  's',
  'sec',
  'secs',
  'seconds',
  'second',
  '°',
  'deg',
  'degrees',
  'degree',
  '%',
  'percent',
  'min',
  'mins',
  'minutes',
  '"',
  "'",
];
export const isMeasure = (line: Line, i: number): boolean =>
  line.is(i, ...measures) && !(line.is(i, 'second') && line.is(i + 1, 'notch', 'hole', 'setting', 'set'));

/** Sets from 1 to 12; of "3-4 sets" the more. */
function setsAt(line: Line, i: number): { sets: number; to: number } | null {
  const span = line.span(i);
  if (!span || !Number.isInteger(span.lo) || span.lo < 1 || span.hi > 12) return null;
  return { sets: span.hi, to: span.to };
}

const told = (sets: number, reps: RepRange): string => `${sets} × ${repsText(reps)}`;
const both = (from: number, to: number, sets: number, reps: RepRange, sure = 1): Reading =>
  reading(from, to, ['sets', 'reps'], told(sets, reps), { sets, reps }, sure);
const linking = ['of', 'x', '*', '@', ',', '-', ':', '/', 'at', 'for', 'do'];

/** "3x8-10", "3 sets of 8", "8 reps x 3 sets", "three by ten". */
export const setsAndReps: Reader = (line, i) => {
  const found: Reading[] = [];
  const sets = setsAt(line, i);
  if (sets) {
    const times = line.times(sets.to);
    const reps = times === null ? null : repsAt(line, times, true);
    // So many repetitions are a load.
    if (reps && reps.reps.hi < 60) {
      found.push(both(i, reps.to, sets.sets, reps.reps));
      // "5x5x100kg" and "3x10 sets" go on elsewhere.
    }
    if (line.is(sets.to, ...setWords)) {
      const at = line.past(sets.to + 1, ...linking);
      const after = repsAt(line, at);
      const isSaid =
        after &&
        (line.is(after.to - 1, ...repWords) || after.reps.lo < after.reps.hi || line.isEdge(after.to));
      if (after && (at > sets.to + 1 || isSaid)) found.push(both(i, after.to, sets.sets, after.reps));
      // "4 sets bench 8 reps" says the two apart.
      found.push(
        reading(
          i,
          sets.to + 1,
          ['sets'],
          `${sets.sets} ${sets.sets === 1 ? 'set' : 'sets'}`,
          { sets: sets.sets },
          0.9,
        ),
      );
    }
  }
  const reps = repsAt(line, i);
  if (reps && (line.is(reps.to - 1, ...repWords) || line.times(reps.to) !== null)) {
    const at = line.past(reps.to, 'x', '*', ',', 'for', '/', '-');
    const count = setsAt(line, at);
    // "12 reps x 3": the other figure can only be sets.
    const isTimes = line.is(reps.to - 1, ...repWords) && line.times(reps.to) === at;
    if (
      count &&
      isTimes &&
      !line.is(count.to, ...setWords) &&
      line.times(count.to) === null &&
      !isMeasure(line, count.to)
    )
      found.push(both(i, count.to, count.sets, reps.reps));
    if (count && at > reps.to && line.is(count.to, ...setWords))
      found.push(both(i, count.to + 1, count.sets, reps.reps));
  }
  return found;
};

/** "x 12", "12 reps", "12 each", "x 8 x 4 sets". */
export const repsAlone: Reader = (line, i) => {
  const found: Reading[] = [];
  const times = line.times(i);
  const start = times ?? i;
  const reps = repsAt(line, start);
  if (!reps) return found;
  const hasWord = line.is(reps.to - 1, ...repWords);
  const afterFigure = i > 0 && line.figure(i - 1) !== null;
  if (times !== null && !afterFigure) {
    const again = line.times(reps.to);
    const count = again === null ? null : setsAt(line, again);
    if (count)
      found.push(both(i, line.is(count.to, ...setWords) ? count.to + 1 : count.to, count.sets, reps.reps));
  }
  // So many at once are a total, and nobody said in how many sets.
  if (reps.reps.hi > 40) return found;
  if (hasWord || (times !== null && !afterFigure))
    found.push(reading(i, reps.to, ['reps'], `${repsText(reps.reps)} reps`, { reps: reps.reps }, 0.9));
  return found;
};

/** "Sets: 4", "Reps: 8-10", "sets 3 reps 10": the name stands before the figure. */
export const labelled: Reader = (line, i) => {
  const found: Reading[] = [];
  if (line.is(i, 'sets', 'rounds') && !(i > 0 && line.figure(i - 1))) {
    const count = setsAt(line, line.past(i + 1, ':', '='));
    if (count && !isMeasure(line, count.to))
      found.push(reading(i, count.to, ['sets'], `${count.sets} sets`, { sets: count.sets }));
  }
  if (line.is(i, 'reps', 'rep', 'repetitions')) {
    const reps = repsAt(line, line.past(i + 1, ':', '='));
    if (reps) found.push(reading(i, reps.to, ['reps'], `${repsText(reps.reps)} reps`, { reps: reps.reps }));
  }
  return found;
};
