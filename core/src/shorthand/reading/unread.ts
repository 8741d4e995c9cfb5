import type { Line } from './line';
import type { Reading } from './reading';

/** Words that say nothing alone. */
const empty = new Set(['rep', 'reps', 'set', 'sets', 'about', 'tempo']);
const signs = '- + / @ , ; : | ( ) [ ] · . * _ # = ~ " \' > < ! ? & % \\'.split(' ');
/** What joins, left out where what is kept begins; fewer of them where it ends: "elbows in" ends with a word. */
const opening = new Set([
  '\t',
  ...signs,
  ...'of and on the at with an x a each for then w to in by do'.split(' '),
]);
const closing = new Set(['\t', ...signs, ...'of and the at with an x a for then w'.split(' ')]);

/** What nothing was made of, as it stood: one stretch from edge to edge, its figures with it. */
export function unreadSpans(
  line: Line,
  isRead: readonly boolean[],
  text: string,
  remarks: readonly Reading[],
): { from: number; to: number; text: string }[] {
  const found: { from: number; to: number; text: string }[] = [];
  const inRemark = (i: number): Reading | undefined => remarks.find((r) => i >= r.from && i < r.to);
  let span: number[] = [];
  const close = (isRemark = false): void => {
    let pieces = span;
    span = [];
    const isFiller = (i: number): boolean => opening.has(line.text(i));
    const isTail = (i: number): boolean => closing.has(line.text(i));
    if (!isRemark) {
      while (pieces.length > 0 && isFiller(pieces[0]!)) pieces = pieces.slice(1);
      while (pieces.length > 0 && isTail(pieces[pieces.length - 1]!)) pieces = pieces.slice(0, -1);
    }
    if (pieces.length === 0 || pieces.every((i) => isFiller(i) || empty.has(line.text(i)))) return;
    const { from } = line.tokens[pieces[0]!]!;
    const { to } = line.tokens[pieces[pieces.length - 1]!]!;
    found.push({ from, to, text: text.slice(from, to) });
  };
  for (let i = 0; i < line.length; i++) {
    const r = inRemark(i);
    if (r) {
      if (i === r.from) close();
      span.push(i);
      if (i === r.to - 1) close(true);
    } else if (isRead[i] || isBreak(line, i)) close();
    else span.push(i);
  }
  close();
  return found;
}

/** An edge that parts one remark from the next; a comma inside a figure is none. */
const isBreak = (line: Line, i: number): boolean =>
  line.isEdge(i) && !(line.isTight(i) && line.isTight(i + 1) && line.figure(i + 1) !== null);
