import { z } from 'zod';
import {
  plainSet,
  plainText,
  readReps,
  readSets,
  repRangeSchema,
  repsText,
  reserveAt,
  setCount,
  type SchemeModule,
} from './model';

const schema = z.object({ kind: z.literal('straight'), sets: setCount, reps: repRangeSchema }).strict();
type Straight = z.infer<typeof schema>;

export const straight: SchemeModule<Straight> = {
  kind: 'straight',
  name: 'Straight sets',
  about: 'Every set alike; the load stays, or comes down from set to set to keep the reps.',
  schema,
  fields: [
    { key: 'sets', label: 'Sets', is: 'whole', min: 1, max: 12 },
    { key: 'reps', label: 'Reps', is: 'reps' },
  ],
  begin: (sets, reps) => ({ kind: 'straight', sets, reps }),
  plain: ({ sets, reps }) => ({ sets, reps }),
  bouts: ({ sets, reps }, reserve) =>
    Array.from({ length: sets }, (_, i) => plainSet(reps, reserveAt(reserve, i, sets), i)),
  oneLoad: true,
  withSets: (scheme, sets) => ({ ...scheme, sets }),
  text: ({ sets, reps }) => `${sets} × ${repsText(reps)}`,
  read: (text) => {
    const m = /^(\d{1,2}) ?x ?([^x]+)$/.exec(plainText(text));
    const sets = readSets(m?.[1]);
    const reps = readReps(m?.[2] ?? '');
    return m && sets && reps ? { kind: 'straight', sets, reps } : null;
  },
  words: () => '',
};
