import { lastSet, setWords } from '../phrases';
import type { Line } from '../line';
import { reading, remark, type Reader } from '../reading';
import { restOfPart } from './top-set';

const asMany = ['amrap', 'failure', 'fail', 'f', 'max', 'amap'];

/** "to failure", "AMRAP", "max reps": the place after it. */
function failureAt(line: Line, i: number): number | null {
  const at = line.past(i, '@', 'to', 'til', 'till', 'until', 'go', 'take', 'it', 'is', '-', ':', 'near');
  if (line.is(at, 'failure', 'fail') && at > i) return at + 1;
  if (line.is(at, 'amrap', 'amap')) return at + 1;
  return (
    line.run(at, 'as', 'many', 'as', ['possible', 'you'], ['can']) ??
    line.run(at, 'as', 'many', 'as', 'possible') ??
    line.run(at, 'max', 'reps') ??
    line.run(at, 'max', 'effort')
  );
}

/** Words that turn it round: "not to failure", "close to failure", "short of failure", "never". */
const refusing = [
  'not',
  "don't",
  'dont',
  'never',
  'no',
  'avoid',
  'without',
  'close',
  'near',
  'short',
  'shy',
  'before',
  'just',
  'almost',
  'nearly',
  "doesn't",
  "won't",
  'approaching',
];

/** Said not to: kept as it was said, and nothing of it is read as failure. */
export const notToFailure: Reader = (line, i) => {
  // "last 2 sets to failure": more than the last and fewer than all.
  if (line.is(i, 'last', 'final', 'first') && line.whole(i + 1) !== null && line.is(i + 2, ...setWords)) {
    const open = failureAt(line, line.past(i + 3, 'are', 'go'));
    if (open !== null) return [remark(i, open, 1.4)];
  }
  let at = i;
  if (line.is(at, 'do') && line.is(at + 1, 'not')) at++;
  if (!line.is(at, ...refusing)) return [];
  let to = at + 1;
  while (to < line.length && to - at < 7 && !line.is(to, 'failure', 'fail') && !line.is(to, ',', ';', '('))
    to++;
  return line.is(to, 'failure', 'fail') ? [remark(i, restOfPart(line, to + 1), 1.4)] : [];
};

/** Every set to failure, the last one alone, or sets with no figure but "AMRAP". */
export const toFailure: Reader = (line, i) => {
  const sets = line.whole(i);
  if (sets !== null && sets >= 1 && sets <= 12) {
    const times = line.times(i + 1);
    const open = line.is(i + 1, ...setWords) ? line.past(i + 2, 'of', 'x', '@', ':', '-') : times;
    if (open !== null) {
      const word = line.is(open, ...asMany) ? open + 1 : failureAt(line, open);
      const ends = word !== null && (line.is(word, 'reps', 'rep') ? word + 1 : word);
      if (ends && lastSet(line, ends) === null)
        return [
          reading(
            i,
            ends,
            ['sets', 'reps', 'technique'],
            `${sets} ${sets === 1 ? 'set' : 'sets'} to failure`,
            {
              sets,
              technique: { kind: 'failure' },
            },
            1.2,
          ),
        ];
    }
  }
  const single = line.times(i);
  if (single !== null && line.is(single, ...asMany) && line.figure(i - 1) === null)
    return [reading(i, single + 1, ['reps', 'technique'], 'to failure', { technique: { kind: 'failure' } })];
  // The last set alone, said before or after.
  const last = lastSet(line, i);
  const after = last === null ? null : failureAt(line, last);
  if (after !== null) return [ofLast(i, after)];
  const open = failureAt(line, i);
  if (open === null) return [];
  const closing = line.is(line.past(open, 'on', 'the', 'for', 'your'), 'last', 'final')
    ? lastSet(line, open)
    : null;
  if (closing !== null) return [ofLast(i, closing)];
  const times = line.times(line.is(open, ')') ? open + 1 : open);
  const count = times === null ? null : line.whole(times);
  if (count !== null && count >= 1 && count <= 12) {
    const to = line.is(times! + 1, ...setWords) ? times! + 2 : times! + 1;
    return [
      reading(
        i,
        to,
        ['sets', 'reps', 'technique'],
        `${count} sets to failure`,
        { sets: count, technique: { kind: 'failure' } },
        1.2,
      ),
    ];
  }
  const every =
    line.run(open, ['on', 'each', 'every'], ['each', 'every', 'all', 'set'], ['set', 'sets']) ?? open;
  return [
    reading(i, every, ['reserve', 'last reserve'], 'to failure', {
      reserve: { first: 0, last: 0 },
      technique: { kind: 'failure' },
    }),
  ];
};
const ofLast = (from: number, to: number) =>
  reading(from, to, ['last reserve'], 'the last set to failure', { lastReserve: 0 }, 1.2);
