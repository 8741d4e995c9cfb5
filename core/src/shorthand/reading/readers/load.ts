import type { Line } from '../line';
import { reading, remark, type Reader, type Reading } from '../reading';
import { aSide, mayLead, put, unitAt, whose } from './mass';
import { severalAt } from './set-loads';
import { restOfPart } from './top-set';

/** Words before a mass by which a load changes. */
const changing = ['add', 'adding', 'increase', 'by', 'plus', 'up', 'drop', 'less', 'more', 'down', 'within'];

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
