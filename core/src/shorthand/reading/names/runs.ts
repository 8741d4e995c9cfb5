import { wordsOf } from '../../../movements';
import type { Line } from '../line';
import { smallWords } from './words';

/** A word of the line that may belong to a name, and the pieces it stands on. */
export interface Item {
  word: string;
  from: number;
  to: number;
}
/** Words that stand together: nothing read and no edge between them. */
export type Run = Item[];

/** The words that nothing was read from, as runs. */
export function runsOf(line: Line, isTaken: readonly boolean[], text: string): Run[] {
  const runs: Run[] = [];
  let run: Run = [];
  const close = (): void => {
    // What stands after "or" is another way, not a part of the name.
    if (run.length > 0 && !isAlternative) runs.push(run);
    isAlternative = false;
    run = [];
  };
  const slice = (from: number, to: number): string[] =>
    wordsOf(text.slice(line.tokens[from]!.from, line.tokens[to - 1]!.to));
  let isAlternative = false;
  const isName = (i: number): boolean => i < line.length && !isTaken[i] && line.isWord(i);
  for (let i = 0; i < line.length;) {
    if (line.is(i, 'or') && !isTaken[i]) {
      close();
      isAlternative = runs.length > 0;
      i++;
      continue;
    }
    const isArm = !isTaken[i] && line.whole(i) === 1 && isName(i + 1) && line.is(i + 1, 'arm', 'armed');
    if (!isName(i) && !isArm) {
      const isJoin = !isTaken[i] && line.is(i, '-', "'", '.') && line.isTight(i) && line.isTight(i + 1);
      const isCross = line.is(i, 'x') && line.is(i + 1, '-') && line.is(i + 2, 'over', 'overs');
      if (isCross && !isTaken[i]) {
        run.push({ word: 'crossover', from: i, to: i + 3 });
        i += 3;
        continue;
      }
      if (!isJoin) close();
      i++;
      continue;
    }
    const wide = line.is(i + 1, '-') ? i + 3 : i + 2;
    const second = wide - 1;
    const apart = isName(second) || isArm ? [...slice(i, i + 1), ...slice(second, second + 1)] : [];
    const together = isName(second) && !isTaken[i + 1] ? slice(i, wide) : [];
    const isOne = together.length > 0 && together.join(' ') !== apart.join(' ');
    const to = isOne ? wide : i + 1;
    const isWith = line.is(i, 'w') && line.is(i + 1, '/');
    for (const word of isOne ? together : slice(i, i + 1))
      if (!isWith && !smallWords.has(word)) run.push({ word, from: i, to });
    i = to;
  }
  close();
  return runs;
}
