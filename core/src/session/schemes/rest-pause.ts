import { z } from 'zod';
import {
  plainText,
  readReps,
  readSets,
  repRangeSchema,
  REPS,
  repsText,
  setCount,
  type SchemeModule,
} from './model';
import { onWhich, stagedBouts, stagedFields } from './stages';

const schema = z
  .object({
    kind: z.literal('rest-pause'),
    sets: setCount,
    reps: repRangeSchema,
    /** Further bouts after a set. */
    bouts: z.number().int().min(1).max(5),
    pauseS: z.number().int().min(5).max(40),
    on: z.enum(onWhich),
  })
  .strict();
type RestPause = z.infer<typeof schema>;

export const restPause: SchemeModule<RestPause> = {
  kind: 'rest-pause',
  name: 'Rest–pause',
  about: 'To the reserve, a few breaths, and on with the same load, several times.',
  schema,
  fields: stagedFields<RestPause>([
    { key: 'bouts', label: 'Further bouts', is: 'whole', min: 1, max: 5 },
    { key: 'pauseS', label: 'Pause', is: 'whole', min: 5, max: 40, unit: 's' },
  ]),
  begin: (sets, reps) => ({ kind: 'rest-pause', sets, reps, bouts: 2, pauseS: 15, on: 'last set' }),
  plain: ({ sets, reps }) => ({ sets, reps }),
  bouts: ({ bouts, ...scheme }, reserve) =>
    stagedBouts(
      { ...scheme, further: bouts, stageReps: () => ({ lo: 1, hi: scheme.reps.hi }), share: () => 1 },
      reserve,
    ),
  oneLoad: true,
  withSets: (scheme, sets) => ({ ...scheme, sets }),
  text: ({ sets, reps, bouts, pauseS, on }) =>
    `${sets} × ${repsText(reps)}, ${on === 'last set' ? 'last ' : ''}rest–pause ${bouts} × ${pauseS} s`,
  read: (text) => {
    const m = new RegExp(
      `^(\\d{1,2}) ?x ?(${REPS}) ?,? ?(last |on the last )?rest[ -]?pause(?: ?(\\d) ?x ?(\\d{1,2}) ?s?)?$`,
    ).exec(plainText(text));
    const sets = readSets(m?.[1]);
    const reps = readReps(m?.[2] ?? '');
    const bouts = Number(m?.[4] ?? 2);
    const pauseS = Number(m?.[5] ?? 15);
    if (!m || !sets || !reps || bouts < 1 || bouts > 5 || pauseS < 5 || pauseS > 40) return null;
    return { kind: 'rest-pause', sets, reps, bouts, pauseS, on: m[3] ? 'last set' : 'every set' };
  },
  words: ({ bouts, pauseS, on }) =>
    `${on === 'last set' ? 'On the last set' : 'On every set'}: rack it, ${pauseS} seconds of breathing, and on; ${bouts === 1 ? 'once' : `${bouts} times`}.`,
};
