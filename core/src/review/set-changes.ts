import type { MeasuredLine } from '../measure';
import { type Edit, withSetCount } from '../session';
import type { FixDraft } from './model';
import { changeLine, setsOf } from './questions';

/** A movement is not given more sets than this. */
export const MOST_SETS = 6;
/** The most sets that are taken from or given to one movement for the band. */
const MOST_CHANGED = 4;

export const changed = (m: MeasuredLine, by: number): Edit =>
  changeLine(m.id, { scheme: withSetCount(m.line.scheme, setsOf(m) + by) });

export const saying = (m: MeasuredLine, by: number): string => {
  const n = Math.abs(by);
  const sets = n === 1 ? 'set' : 'sets';
  const name = m.name.toLowerCase();
  return by > 0
    ? `${n === 1 ? 'One' : n} more ${sets} of ${name}`
    : `${n === 1 ? 'One' : n} ${sets} less of ${name}`;
};

/** Sets more or less of one movement, as few as it takes. */
export function changeSets(m: MeasuredLine, sign: 1 | -1): FixDraft[] {
  const most = sign > 0 ? MOST_SETS - setsOf(m) : setsOf(m) - 1;
  const [first, ...instead] = Array.from({ length: Math.min(MOST_CHANGED, most) }, (_, i): FixDraft => {
    const by = sign * (i + 1);
    return { label: saying(m, by), edit: changed(m, by) };
  });
  return first ? [{ ...first, instead }] : [];
}
