import { z } from 'zod';
import {
  plainSet,
  plainText,
  readReps,
  repRangeSchema,
  repsText,
  reserveAt,
  type RepRange,
  type SchemeField,
  type SchemeModule,
} from './model';

const count = z.number().int().min(1).max(100);
const ascendingSchema = z
  .object({ kind: z.literal('ascending'), reps: z.array(count).min(2).max(12) })
  .strict();
const descendingSchema = z
  .object({ kind: z.literal('descending'), reps: z.array(count).min(2).max(12) })
  .strict();
const listSchema = z
  .object({ kind: z.literal('list'), reps: z.array(repRangeSchema).min(1).max(12) })
  .strict();
type Ascending = z.infer<typeof ascendingSchema>;
type Descending = z.infer<typeof descendingSchema>;
type List = z.infer<typeof listSchema>;

/** The list with another number of sets: its last step repeated or dropped. */
function resized<T>(reps: readonly T[], sets: number, least: number): T[] {
  const next = reps.slice(0, Math.max(least, sets));
  while (next.length < Math.max(least, sets)) next.push(next[next.length - 1]!);
  return next;
}

const spread = (from: number, to: number, sets: number): number[] =>
  Array.from({ length: Math.max(2, sets) }, (_, i) =>
    Math.round(from + ((to - from) * i) / (Math.max(2, sets) - 1)),
  );

const numbersOf = (text: string): number[] | null => {
  const list = plainText(text)
    .split(/ ?[,/] ?| /)
    .map(Number);
  const good =
    list.length >= 2 && list.length <= 12 && list.every((r) => Number.isInteger(r) && r >= 1 && r <= 100);
  return good ? list : null;
};

const isFalling = (reps: readonly number[]): boolean => reps[0]! >= reps[reps.length - 1]!;

/** The reps of a pyramid, set by set, as a form asks for them. */
const stepsField = <S extends { reps: number[] }>(): SchemeField<S> => ({
  key: 'reps' as keyof S & string,
  label: 'Reps',
  is: 'list',
  text: ({ reps }) => reps.join(', '),
  read: numbersOf,
  hint: 'A figure for each set, like 12, 9, 6, 4',
});

const bouts = (reps: readonly RepRange[], reserve: { first: number; last: number }) =>
  reps.map((r, i) => plainSet(r, reserveAt(reserve, i, reps.length), i));
const exactly = (n: number): RepRange => ({ lo: n, hi: n });

export const ascending: SchemeModule<Ascending> = {
  kind: 'ascending',
  name: 'Ascending pyramid',
  about: 'The load rises as the reps fall; early sets with much in reserve are not counted as hard.',
  schema: ascendingSchema,
  fields: [stepsField<Ascending>()],
  begin: (sets, reps) => ({ kind: 'ascending', reps: spread(reps.hi + 2, reps.lo, sets) }),
  plain: ({ reps }) => ({ sets: reps.length, reps: exactly(reps[reps.length - 1]!) }),
  bouts: ({ reps }, reserve) => bouts(reps.map(exactly), reserve),
  oneLoad: false,
  withSets: (scheme, sets) => ({ ...scheme, reps: resized(scheme.reps, sets, 2) }),
  text: ({ reps }) => reps.join(', '),
  read: (text) => {
    const reps = numbersOf(text);
    return reps && isFalling(reps) ? { kind: 'ascending', reps } : null;
  },
  words: () => 'The load rises from set to set.',
};

export const descending: SchemeModule<Descending> = {
  kind: 'descending',
  name: 'Descending pyramid',
  about: 'Heaviest first, then the load falls and the reps rise.',
  schema: descendingSchema,
  fields: [stepsField<Descending>()],
  begin: (sets, reps) => ({ kind: 'descending', reps: spread(reps.lo, reps.hi + 2, sets) }),
  plain: ({ reps }) => ({ sets: reps.length, reps: exactly(reps[0]!) }),
  bouts: ({ reps }, reserve) => bouts(reps.map(exactly), reserve),
  oneLoad: false,
  withSets: (scheme, sets) => ({ ...scheme, reps: resized(scheme.reps, sets, 2) }),
  text: ({ reps }) => reps.join(', '),
  read: (text) => {
    const reps = numbersOf(text);
    return reps && !isFalling(reps) ? { kind: 'descending', reps } : null;
  },
  words: () => 'The load falls from set to set.',
};

export const list: SchemeModule<List> = {
  kind: 'list',
  name: 'Set by set',
  about: 'Every set has a range of its own.',
  schema: listSchema,
  fields: [
    {
      key: 'reps',
      label: 'Reps',
      is: 'list',
      text: ({ reps }) => reps.map(repsText).join(', '),
      read: (text) => {
        const reps = plainText(text)
          .split(/ ?[,/] ?/)
          .map(readReps);
        return reps.length <= 12 && reps.every((r) => r !== null) ? reps : null;
      },
      hint: 'A figure or a range for each set, like 12-15, 10, 8',
    },
  ],
  begin: (sets, reps) => ({ kind: 'list', reps: Array.from({ length: sets }, () => reps) }),
  plain: ({ reps }) => ({ sets: reps.length, reps: reps[0]! }),
  bouts: ({ reps }, reserve) => bouts(reps, reserve),
  oneLoad: false,
  withSets: (scheme, sets) => ({ ...scheme, reps: resized(scheme.reps, sets, 1) }),
  text: ({ reps }) =>
    `${reps.map(repsText).join(', ')}${reps.some((r) => r.lo !== r.hi) && reps.length > 1 ? '' : ' each its own'}`,
  read: (text) => {
    const plain = plainText(text);
    const bare = plain.replace(/ each its own$/, '');
    const reps = bare.split(/ ?[,/] ?/).map(readReps);
    if (reps.length > 12 || !reps.every((r) => r !== null)) return null;
    const named = plain !== bare;
    const ranged = reps.length > 1 && reps.some((r) => r.lo !== r.hi);
    return named || ranged ? { kind: 'list', reps } : null;
  },
  words: () => '',
};
