import type { MassUnit } from '../../../units';
import type { Line } from '../line';
import { setWords } from '../phrases';
import { reading, type Reader, type SaidLoad } from '../reading';
import { mayLead, put, said, unitAt, whose } from './mass';

/** "60/65/70kg", "60kg/70kg/80kg": set by set. */
export function severalAt(line: Line, i: number): { values: number[]; unit: MassUnit; to: number } | null {
  const values: number[] = [];
  let unit: MassUnit | null = null;
  let at = i;
  for (;;) {
    const figure = line.figure(at, !line.is(at + 3, ','));
    if (!figure) break;
    values.push(figure.value);
    at = figure.to;
    const here = unitAt(line, at);
    if (here) {
      unit = here;
      at++;
    }
    if (!line.is(at, '/', ',', '-') || !line.figure(at + 1)) break;
    at++;
  }
  // Columns of a table are no loads set by set.
  const isEven = Math.max(...values) <= 3 * Math.min(...values);
  return unit && values.length >= 2 && isEven && unitAt(line, at - 1) ? { values, unit, to: at } : null;
}

/** "(100, 105, 110)", "100/105/110": too much for repetitions, so loads set by set in the unit of the client. */
export const bareLoads: Reader = (line, i) => {
  const start = line.past(i, '@', 'at', 'with', '(', ':');
  const opens = line.is(i, '(');
  for (const sign of ['/', ',', '-']) {
    const list = line.list(start, [sign]);
    if (!list || list.values.length < 3 || list.values.some((v) => v <= 30) || unitAt(line, list.to))
      continue;
    if (line.times(list.to) !== null || line.is(list.to, '%', 's', 'sec', '°')) continue;
    const to = opens && line.is(list.to, ')') ? list.to + 1 : list.to;
    return put(i, to, { values: list.values, unit: line.unit }, 1.1);
  }
  return [];
};

/** "80x5x5", "5x5x80": of three figures the one that is too much for sets or repetitions is the load. */
export const threeFigures: Reader = (line, i) => {
  const a = line.figure(i, true);
  const t1 = a && line.times(a.to);
  const b = t1 ? line.figure(t1, true) : null;
  const t2 = b && line.times(b.to);
  const c = t2 ? line.figure(t2, true) : null;
  if (!a || !b || !c || unitAt(line, c.to) || line.is(c.to, '%', 's', 'sec') || line.times(c.to) !== null)
    return [];
  const isSets = (n: number): boolean => Number.isInteger(n) && n >= 1 && n <= 12;
  const isReps = (n: number): boolean => Number.isInteger(n) && n >= 1 && n <= 30;
  const three =
    a.value > 30 && isReps(b.value) && isSets(c.value)
      ? { kg: a.value, reps: b.value, sets: c.value }
      : c.value > 30 && isSets(a.value) && isReps(b.value)
        ? { kg: c.value, reps: b.value, sets: a.value }
        : null;
  if (!three) return [];
  const saidLoad: SaidLoad = { values: [three.kg], unit: line.unit };
  const reps = { lo: three.reps, hi: three.reps };
  return [
    reading(
      i,
      c.to,
      ['sets', 'reps', 'load'],
      `${three.sets} × ${three.reps} with ${said(saidLoad)}`,
      { load: saidLoad, sets: three.sets, reps },
      1.2,
    ),
  ];
};

/** "60x8, 70x6, 80x4": load times repetitions, set by set. */
export const loadsAndReps: Reader = (line, i) => {
  const values: number[] = [];
  const reps: number[] = [];
  let unit: MassUnit | null = null;
  let at = i;
  for (;;) {
    const figure = line.figure(at, true);
    if (!figure || line.tokens[at]!.kind !== 'figure') break;
    let next = figure.to;
    const here = unitAt(line, next);
    if (here) next++;
    const times = line.times(next);
    const n = times === null ? null : line.whole(times);
    if (n === null || n < 1 || n > 100 || unitAt(line, times! + 1)) break;
    values.push(figure.value);
    reps.push(n);
    unit ??= here;
    at = times! + 1;
    if (!line.is(at, ',', ';', '/', '-', 'then') || !line.figure(at + 1)) break;
    at++;
  }
  const last = line.is(at - 1, ',', ';', '/', '-', 'then') ? at - 1 : at;
  if (line.times(last) !== null) return [];
  // Sets come before repetitions; without a unit only what is too much for sets is a load.
  if (values.length < 2 || (!unit && values.some((v) => v <= 12))) return [];
  const load: SaidLoad = { values, unit: unit ?? line.unit };
  const as = values.map((v, k) => `${reps[k]} with ${said({ values: [v], unit: load.unit })}`).join(', ');
  const list = reps.map((n) => ({ lo: n, hi: n }));
  return [reading(i, last, ['sets', 'reps', 'load'], as, { load, list }, 1.2)];
};

/** "80kg x 5 x 3 sets": load, repetitions, sets. */
export const loadRepsSets: Reader = (line, i) => {
  const start = mayLead(line, i);
  const figure = line.figure(start, true);
  const unit = figure && unitAt(line, figure.to);
  const times = unit ? line.times(whose(line, figure.to + 1)) : null;
  const span = times === null ? null : line.span(times);
  if (!figure || !unit || !span || span.hi > 100 || !Number.isInteger(span.lo)) return [];
  const again = line.times(line.is(span.to, 'reps', 'rep') ? span.to + 1 : span.to);
  const sets = again === null ? null : line.whole(again);
  if (sets === null || sets < 1 || sets > 12) return [];
  const to = line.is(again! + 1, ...setWords) ? again! + 2 : again! + 1;
  const saidLoad: SaidLoad = { values: [figure.value], unit };
  const reps = { lo: span.lo, hi: span.hi };
  return [
    reading(
      i,
      to,
      ['sets', 'reps', 'load'],
      `${sets} × ${span.lo === span.hi ? span.lo : `${span.lo}–${span.hi}`} with ${said(saidLoad)}`,
      { load: saidLoad, sets, reps },
      1.2,
    ),
  ];
};

/** "10 @ 60, 8 @ 70, 6 @ 80" and "10x60, 8x70": repetitions, then the load, set by set. */
export const repsThenLoads: Reader = (line, i) => {
  const values: number[] = [];
  const list: { lo: number; hi: number }[] = [];
  let unit: MassUnit | null = null;
  let at = i;
  for (;;) {
    const n = line.whole(at);
    if (n === null || n < 1 || n > 30) break;
    const past = line.is(at + 1, 'reps', 'rep') ? at + 2 : at + 1;
    const figure = line.is(past, '@', 'at', 'x', '*') ? line.figure(past + 1, true) : null;
    if (!figure || figure.value <= 30 || line.is(figure.to, '%')) break;
    const here = unitAt(line, figure.to);
    unit ??= here;
    values.push(figure.value);
    list.push({ lo: n, hi: n });
    at = here ? figure.to + 1 : figure.to;
    if (!line.is(at, ',', ';', '/', 'then') || line.whole(at + 1) === null) break;
    at++;
  }
  const last = line.is(at - 1, ',', ';', '/', 'then') ? at - 1 : at;
  if (values.length < 2) return [];
  const load: SaidLoad = { values, unit: unit ?? line.unit };
  const as = values.map((v, k) => `${list[k]!.lo} with ${said({ values: [v], unit: load.unit })}`).join(', ');
  return [reading(i, last, ['sets', 'reps', 'load'], as, { load, list }, 1.2)];
};
