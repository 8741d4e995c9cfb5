import type { Line } from './line';
import type { Reading } from './reading';

/** Words that say nothing alone. */
const empty = new Set(['rep', 'reps', 'set', 'sets', 'about']);
/** What joins, left out at the edges of what is kept. */
const fillers = new Set(
  'of and on the at with a an x each for then - + w / @ , ; : | ( ) [ ] · . * _ # = ~ " \' > < ! ? & % to in by do \\'.split(
    ' ',
  ),
);
fillers.add('\t');

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
    const isFiller = (i: number): boolean => fillers.has(line.text(i));
    if (!isRemark) {
      while (pieces.length > 0 && isFiller(pieces[0]!)) pieces = pieces.slice(1);
      while (pieces.length > 0 && isFiller(pieces[pieces.length - 1]!)) pieces = pieces.slice(0, -1);
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
