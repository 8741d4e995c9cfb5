import { massText, toKg, type MassUnit } from '../../../units/mass';
import type { Line } from '../line';
import { setWords } from '../phrases';
import { reading, remark, type Reader, type Reading, type SaidLoad } from '../reading';
import { restOfPart } from './top-set';

const kilos = ['kg', 'kgs', 'kilo', 'kilos', 'kilogram', 'kilograms'];
const pounds = ['lb', 'lbs', 'pound', 'pounds', '#'];
const MOST_KG = 600;
/** Words before a mass by which a load changes. */
const changing = ['add', 'adding', 'increase', 'by', 'plus', 'up', 'drop', 'less', 'more', 'down', 'within'];

/** A unit of mass at this place. */
const unitAt = (line: Line, i: number): MassUnit | null =>
  line.is(i, ...kilos) ? 'kg' : line.is(i, ...pounds) ? 'lb' : null;

const leading = ['@', 'at', 'with', 'w', '/', 'using', 'stack', 'load', 'weight', ':', 'of'];
const mayLead = (line: Line, i: number): number => {
  const at = line.past(i, ...leading);
  return at > i && line.is(i, '/', ':', 'of') ? i : at;
};

/** "each", "per hand", "dumbbells", "DBs": whose load it is, past it. */
function whose(line: Line, i: number): number {
  if (line.is(i, 'each', 'ea')) return line.is(i + 1, 'hand', 'arm', 'dumbbell') ? i + 2 : i + 1;
  const hand = line.run(i, ['per', 'a', 'in', '/'], ['hand', 'arm', 'dumbbell', 'db', 'each']);
  if (hand !== null) return hand;
  return line.is(i, 'dumbbells', 'dbs', 'dumbbell', 'db', 'stack') ? i + 1 : i;
}
/** "a side", "on each side", "plates": of the bar, and nobody knows the bar yet. The place after it. */
const aSide = (line: Line, i: number): number | null =>
  line.run(i, ['per', 'a', 'each', '/'], ['side', 'end']) ??
  line.run(i, 'on', ['each', 'either'], 'side') ??
  (line.is(i, 'plates', 'plate') ? (aSide(line, i + 1) ?? i + 1) : null);

const said = ({ values, unit, isAdded }: SaidLoad): string =>
  `${isAdded ? 'added ' : ''}${values.map((v) => massText(Number(toKg(v, unit).toFixed(3)), unit)).join(', ')}`;

function put(from: number, to: number, load: SaidLoad, sure = 1): Reading[] {
  const fits = load.values.every((v) => v > 0 && toKg(v, load.unit) <= MOST_KG);
  return fits ? [reading(from, to, ['load'], said(load), { load }, sure)] : [];
}

/** "80kg", "@ 82,5 kg", "30kg each", "2x30kg", "BW+15kg", "60/65/70kg". */
export const load: Reader = (line, i) => {
  const start = mayLead(line, i);
  const found: Reading[] = [...onTopOfBody(line, i), ...aSideOfTheBar(line, start)];
  const isPair = line.whole(start) === 2 && line.times(start + 1) !== null;
  const at = isPair ? start + 2 : start;
  found.push(...rangeAt(line, i, at));
  const first = line.figure(at, true);
  if (!first) return found;
  const many = severalAt(line, at);
  if (many) found.push(...put(i, many.to, { values: many.values, unit: many.unit }, 1.1));
  const unit = unitAt(line, first.to);
  if (unit) {
    const to = whose(line, first.to + 1);
    if (aSide(line, first.to + 1) !== null || line.is(i - 1, '+') || line.is(first.to + 1, 'bar'))
      return found;
    if (line.is(i - 1, ...changing)) return [...found, remark(i - 1, restOfPart(line, to), 1.2)];
    // What is added to last time's load is no load.
    found.push(...put(i, to, { values: [first.value], unit }, isPair ? 1.2 : 1));
    // "5x5x100kg": the figure after the second times is the load.
    const times = line.times(i);
    if (times !== null) {
      const inside = line.figure(times, true);
      const of = inside && unitAt(line, inside.to);
      if (inside && of)
        found.push(...put(i, whose(line, inside.to + 1), { values: [inside.value], unit: of }));
    }
  }
  return found;
};

/** "x100kg" after sets and reps. */
export const loadAfterTimes: Reader = (line, i) => {
  const times = line.times(i);
  const inside = times === null ? null : line.figure(times, true);
  const unit = inside && unitAt(line, inside.to);
  return inside && unit ? put(i, whose(line, inside.to + 1), { values: [inside.value], unit }) : [];
};

/** "@ 80" with no unit: in the unit of the client, unless it may be an effort, an angle or a tempo. */
export const bareLoad: Reader = (line, i) => {
  if (!line.is(i, '@', 'at')) return [];
  // "elbows at 45" is no load.
  if (line.is(i, 'at') && line.isWord(i - 1) && !line.is(i - 1, 'reps', 'rep', 'sets', 'set', 'each'))
    return [];
  const span = line.span(i + 1, { comma: true });
  if (span && span.lo < span.hi && span.lo > 10 && line.isEdge(span.to))
    return put(i, span.to, { values: [Math.round(((span.lo + span.hi) / 2) * 2) / 2], unit: line.unit }, 0.9);
  const first = line.figure(i + 1, true);
  const token = line.tokens[i + 1];
  if (!first || token?.kind !== 'figure' || unitAt(line, first.to)) return [];
  const next = line.text(first.to);
  const isOther =
    [
      '%',
      'percent',
      'rm',
      'rir',
      'rpe',
      '°',
      'deg',
      'degrees',
      'degree',
      's',
      'reps',
      'rep',
      'sec',
      'x',
      'lbs',
    ].includes(next) ||
    (['-', '/', ':'].includes(next) && line.figure(first.to + 1) !== null);
  if (isOther || token.text.length > 3) return [];
  // From 6 to 10 it may be an effort out of ten: the coach is asked.
  const isDoubtful = first.value >= 6 && first.value <= 10;
  return put(i, first.to, { values: [first.value], unit: line.unit }, isDoubtful ? 0.5 : 0.9);
};
/** "@9" may be an effort out of ten as well. */
export const bareEffort: Reader = (line, i) => {
  const first = line.is(i, '@') ? line.figure(i + 1) : null;
  if (!first || line.tokens[i + 1]!.kind !== 'figure' || first.value < 6 || first.value > 10) return [];
  if (!line.isEdge(first.to)) return [];
  const last = 10 - first.value;
  const isHalf = !Number.isInteger(first.value);
  return Number.isInteger(last * 2)
    ? [
        reading(
          i,
          first.to,
          ['reserve'],
          `leave ${last}`,
          { reserve: { first: last, last } },
          isHalf ? 1 : 0.5,
        ),
      ]
    : [];
};

/** "60-65kg": the middle of it, to half a unit. */
function rangeAt(line: Line, i: number, at: number): Reading[] {
  const span = line.span(at, { comma: true });
  const unit = span && span.lo !== span.hi ? unitAt(line, span.to) : null;
  if (!span || !unit) return [];
  const middle = Math.round((span.lo + span.hi) * 2) / 4;
  const value = Math.round(middle * 2) / 2;
  return put(i, whose(line, span.to + 1), { values: [value], unit }, 1.1);
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

/** "60/65/70kg", "60kg/70kg/80kg": set by set. */
function severalAt(line: Line, i: number): { values: number[]; unit: MassUnit; to: number } | null {
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

/** "BW+15kg", "+15kg": on top of the body. What is added to last time's load stays the coach's words. */
function onTopOfBody(line: Line, i: number): Reading[] {
  const body = line.is(i, 'bw', 'bodyweight') ? i + 1 : (line.run(i, 'body', 'weight') ?? i);
  if (!line.is(body, '+', 'plus')) return [];
  const figure = line.figure(body + 1, true);
  const unit = figure && unitAt(line, figure.to);
  if (!figure || !unit) return [];
  const side = aSide(line, figure.to + 1);
  if (side !== null) return [remark(i, side, 1.3)];
  if (
    body === i &&
    line.is(figure.to + 1, 'from', 'on', 'than', 'over', 'vs', 'to', 'each', 'per', 'a', 'next', 'every')
  )
    return [remark(i, restOfPart(line, figure.to + 1), 1.3)];
  return put(i, figure.to + 1, { values: [figure.value], unit, isAdded: true });
}

/** "20kg per side", "2 plates", "10 a side": kept as it was said. */
function aSideOfTheBar(line: Line, i: number): Reading[] {
  const figure = line.figure(i, true);
  if (!figure) return [];
  const past = unitAt(line, figure.to) ? figure.to + 1 : figure.to;
  const to = aSide(line, past);
  if (to === null) return [];
  return line.is(past, 'plates', 'plate') || unitAt(line, figure.to) ? [remark(i, to, 1.3)] : [];
}

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
