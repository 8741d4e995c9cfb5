import type { MassUnit } from '../../units';
import { Line } from '../reading/line';
import { tokensOf } from '../reading/tokens';
import type { TypedLine } from '../typed-line';
import { isNamed } from './kinds';

/** A part of a line that names one movement. */
export interface Piece {
  text: string;
  /** Done in turn with the one before. */
  paired: boolean;
  /** As it was read, where that is known. */
  typed?: TypedLine | undefined;
}

interface Joint {
  /** Letters it takes. */
  from: number;
  to: number;
  pairs: boolean;
}

const pairWords = ['superset', 'supersetted', 'supersets', 'super', 'ss', 'paired', 'pair'];

/** Places where one movement may end and another begin. */
function jointsIn(line: Line): Joint[] {
  const found: Joint[] = [];
  const add = (i: number, to: number, pairs: boolean): void => {
    const last = line.tokens[to - 1]!;
    found.push({ from: line.tokens[i]!.from, to: last.to, pairs });
  };
  for (let i = 0; i < line.length; i++) {
    const straight = line.is(i, 'straight', 'directly', 'immediately') ? i + 1 : i;
    const slashed = line.is(i, 's') && line.is(i + 1, '/') && line.is(i + 2, 's') ? i + 3 : null;
    if (line.is(i, ...pairWords) || slashed !== null) {
      let to = slashed ?? line.past(i + 1, '-', 'set', 'ted', 'sets');
      to = line.past(to, 'with', 'w', '/', 'into', ':', 'of');
      add(i, to, true);
      i = to - 1;
    } else if (line.is(straight, 'into')) {
      add(i, straight + 1, true);
      i = straight;
    } else if (line.is(i, 'followed') && line.is(i + 1, 'by')) add(i, i + 2, true);
    else if (line.is(i, '+', '&')) add(i, i + 1, true);
    else if (line.is(i, 'and') && !line.is(i + 1, 'then')) add(i, i + 1, true);
    else if (line.is(i, 'then') || line.run(i, 'and', 'then') !== null) {
      const to = line.is(i, 'and') ? i + 2 : i + 1;
      add(i, to, false);
      i = to - 1;
    } else if (line.is(i, ';', ',', '|') || (line.is(i, '/') && !line.isTight(i))) add(i, i + 1, false);
    else {
      // "A1) bench 4x8 A2) pushdown 4x12".
      const isMark =
        /^[a-h]$/.test(line.text(i)) &&
        line.isTight(i + 1) &&
        /^[2-6]$/.test(line.text(i + 1)) &&
        line.is(i + 2, ')', '.', ':');
      if (isMark) {
        add(i, i + 3, true);
        i += 2;
      }
    }
  }
  return found;
}

/**
 * One line can hold several movements: "bench 4x8, then flys 3x12 super w/ push-ups". It is parted only where both
 * sides name one; joints that pair go with the movement after them.
 */
export function piecesOf(
  text: string,
  unit: MassUnit,
  readAs: (text: string) => TypedLine,
  known?: TypedLine,
): Piece[] {
  // A comma or "then" inside something that was read joins its parts.
  const all = jointsIn(new Line(tokensOf(text), unit));
  if (all.length === 0) return [{ text: text.trim(), paired: false }];
  const read = known ?? readAs(text);
  const whole = read.stretches.filter((s) => s.as !== null && s.as !== read.entry?.name);
  const joints = all.filter((j) => !whole.some((s) => s.from < j.from && j.to < s.to));
  const found: (Piece & { isLift: boolean; from: number })[] = [];
  let from = 0;
  let pairs = false;
  const put = (to: number): void => {
    const part = text.slice(from, to).trim();
    if (part === '') return;
    const last = found[found.length - 1];
    const typed = /[a-z]{2}/i.test(part) ? readAs(part) : undefined;
    const isLift = typed !== undefined && (typed.isForeign || isNamed(typed));
    if (last && !(isLift && last.isLift)) {
      last.text = text.slice(last.from, to).trim();
      last.typed = undefined;
      last.isLift ||= isLift;
    } else found.push({ text: part, paired: pairs && found.length > 0, isLift, from, typed });
    pairs = false;
  };
  for (const joint of joints) {
    put(joint.from);
    from = joint.to;
    pairs ||= joint.pairs;
  }
  put(text.length);
  return found.map(({ text: piece, paired, typed }) => ({ text: piece, paired, typed }));
}
