import { z } from 'zod';
import {
  plainSet,
  plainText,
  readReps,
  readSets,
  repRangeSchema,
  REPS,
  repsText,
  setCount,
  type SchemeModule,
} from './model';

const schema = z
  .object({
    kind: z.literal('top and back-off'),
    top: repRangeSchema,
    sets: setCount,
    reps: repRangeSchema,
    /** How much lighter the back-off sets are, per cent. */
    lighter: z.number().int().min(1).max(60),
  })
  .strict();
type TopAndBackOff = z.infer<typeof schema>;

/** Reps without spaces, so that what is lighter cannot be taken for their upper figure. */
const TIGHT = '\\d{1,3}(?:-\\d{1,3}| to \\d{1,3})?';

export const topAndBackOff: SchemeModule<TopAndBackOff> = {
  kind: 'top and back-off',
  name: 'Top set and back-offs',
  about: 'One heavy set, then lighter ones with more reps.',
  schema,
  fields: [
    { key: 'top', label: 'Top set reps', is: 'reps' },
    { key: 'sets', label: 'Back-off sets', is: 'whole', min: 1, max: 11 },
    { key: 'reps', label: 'Back-off reps', is: 'reps' },
    { key: 'lighter', label: 'Lighter by', is: 'whole', min: 1, max: 60, unit: '%' },
  ],
  begin: (sets, reps) => ({
    kind: 'top and back-off',
    top: { lo: Math.max(1, reps.lo - 3), hi: Math.max(1, reps.lo - 3) },
    sets: Math.max(1, sets - 1),
    reps,
    lighter: 12,
  }),
  plain: ({ sets, reps }) => ({ sets: Math.min(12, sets + 1), reps }),
  bouts: ({ top, sets, reps, lighter }, reserve) => [
    plainSet(top, reserve.first, 0),
    ...Array.from({ length: sets }, (_, i) => ({
      ...plainSet(reps, reserve.last, i + 1),
      loadOf: { bout: 0, share: 1 - lighter / 100 },
    })),
  ],
  oneLoad: false,
  withSets: (scheme, sets) => ({ ...scheme, sets: Math.max(1, sets - 1) }),
  text: ({ top, sets, reps, lighter }) =>
    `1 × ${repsText(top)}, then ${sets} × ${repsText(reps)} at −${lighter} %`,
  read: (text) => {
    const m = new RegExp(
      `^1 ?x ?(${REPS}) ?(?:,|\\+|;)? ?(?:then )?(\\d{1,2}) ?x ?(${TIGHT}) ?(?:at -?|@ ?-?|-)(\\d{1,2}) ?(?:%|percent)(?: lighter)?$`,
    ).exec(plainText(text));
    const top = readReps(m?.[1] ?? '');
    const sets = readSets(m?.[2]);
    const reps = readReps(m?.[3] ?? '');
    const lighter = Number(m?.[4]);
    if (!m || !top || !sets || sets > 11 || !reps || lighter < 1 || lighter > 60) return null;
    return { kind: 'top and back-off', top, sets, reps, lighter };
  },
  words: ({ lighter }) => `The first set is the heavy one; the others are ${lighter} % lighter.`,
};
