import { searchEntries } from '../../../movements';
import type { Line } from '../line';
import { reading, type Reader } from '../reading';

const maxWords = ['max', '1rm', 'rm', 'maximum', 'training'];
/** Whose max it is; the word itself says nothing of a lift. */
const owners = ['the', 'his', 'her', 'their', 'my', 'your', 'own'];
/** Letters behind which a name of a lift has ended. */
const after = [
  'rest',
  'leave',
  'leaving',
  'tempo',
  'rir',
  'rpe',
  'x',
  'for',
  'with',
  'then',
  'at',
  'sets',
  'set',
  'reps',
];

/** The name of a lift from here, as long as it names one. */
function liftAt(line: Line, i: number): { lift: string; to: number } | null {
  let to = i;
  while (line.isWord(to) && to - i < 5 && !line.is(to, ...maxWords, ...after)) to++;
  for (let end = to; end > i; end--) {
    const words = line.tokens.slice(i, end).map((t) => t.text);
    const [best] = searchEntries(words.join(' '), 1);
    if (best && best.score >= 0.7) return { lift: best.entry.id, to: end };
  }
  return null;
}

/** "@70%", "80% of max", "85 % 1RM", "75% of bench max", "70% of his bench". */
export const percent: Reader = (line, i) => {
  const start = line.past(i, '@', 'at', '(');
  // "75/85/95%" is one share a set: no line can say so.
  if (line.is(i - 1, '/', ',', '-') && line.figure(i - 2)) return [];
  const span = line.span(start);
  if (!span || span.lo < 10 || span.hi > 150 || !line.is(span.to, '%', 'percent')) return [];
  // Of a span the middle; a share is a whole number.
  const value = span.lo === span.hi ? span.lo : Math.round((span.lo + span.hi) / 2);
  if (!Number.isInteger(value)) return [];
  let to = span.to + 1;
  const bare = to;
  let lift: string | null = null;
  const of = line.is(to, 'of') ? line.past(to + 1, ...owners) : line.past(to, ...owners);
  const oneRm = (at: number): number => {
    if (line.whole(at) === 1 && line.is(at + 1, 'rm')) return at + 2;
    return line.past(at, ...maxWords);
  };
  const own = oneRm(of);
  if (own > of) to = own;
  else if (line.is(to, 'of')) {
    const other = liftAt(line, of);
    if (!other) return [];
    lift = other.lift;
    to = oneRm(other.to);
  } else if (line.is(to, 'less', 'off', 'lighter', 'more', 'heavier', 'drop')) return [];
  if (line.is(i, '(') && line.is(to, ')')) to++;
  else if (line.is(i, '(')) return [];
  const said = i < start || to > bare ? 1 : 0.8;
  const as = lift === null ? `${value} % of its max` : `${value} % of ${lift.replace(/-/g, ' ')}`;
  return [reading(i, to, ['load'], as, { percent: { percent: value, lift } }, said)];
};
