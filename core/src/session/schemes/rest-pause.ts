import { z } from 'zod';
import {
  COUNTS_FURTHER,
  plainSet,
  plainText,
  readReps,
  readSets,
  repRangeSchema,
  REPS,
  repsText,
  reserveAt,
  setCount,
  type SchemeModule,
  type SetTarget,
} from './model';

const schema = z
  .object({
    kind: z.literal('rest-pause'),
    sets: setCount,
    reps: repRangeSchema,
    /** Further bouts after a set. */
    bouts: z.number().int().min(1).max(5),
    pauseS: z.number().int().min(5).max(40),
    on: z.enum(['every set', 'last set']),
  })
  .strict();
type RestPause = z.infer<typeof schema>;

export const restPause: SchemeModule<RestPause> = {
  kind: 'rest-pause',
  name: 'Rest–pause',
  about: 'To the reserve, a few breaths, and on with the same load, several times.',
  schema,
  fields: [
    { key: 'sets', label: 'Sets', is: 'whole', min: 1, max: 12 },
    { key: 'reps', label: 'Reps', is: 'reps' },
    { key: 'bouts', label: 'Further bouts', is: 'whole', min: 1, max: 5 },
    { key: 'pauseS', label: 'Pause', is: 'whole', min: 5, max: 40, unit: 's' },
    {
      key: 'on',
      label: 'On',
      is: 'choice',
      options: [
        { value: 'last set', says: 'the last set' },
        { value: 'every set', says: 'every set' },
      ],
    },
  ],
  begin: (sets, reps) => ({ kind: 'rest-pause', sets, reps, bouts: 2, pauseS: 15, on: 'last set' }),
  plain: ({ sets, reps }) => ({ sets, reps }),
  bouts: ({ sets, reps, bouts: further, pauseS, on }, reserve) => {
    const bouts: SetTarget[] = [];
    for (let set = 0; set < sets; set++) {
      const first = bouts.length;
      const more = on === 'every set' || set === sets - 1 ? further : 0;
      bouts.push({
        ...plainSet(reps, reserveAt(reserve, set, sets), set),
        restAfterS: more > 0 ? pauseS : null,
      });
      for (let stage = 1; stage <= more; stage++)
        bouts.push({
          ...plainSet({ lo: 1, hi: reps.hi }, reserve.last, set),
          stage,
          counts: COUNTS_FURTHER,
          open: true,
          loadOf: { bout: first, share: 1 },
          restAfterS: stage < more ? pauseS : null,
        });
    }
    return bouts;
  },
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
  phrase: new RegExp(
    `\\b\\d{1,2}\\s*[x×*]\\s*${REPS}\\s*,?\\s*(?:last\\s+|on the last\\s+)?rest[\\s–-]?pause(?:\\s*\\d\\s*[x×*]\\s*\\d{1,2}\\s*s?)?`,
    'i',
  ),
  words: ({ bouts, pauseS, on }) =>
    `${on === 'last set' ? 'On the last set' : 'On every set'}: rack it, ${pauseS} seconds of breathing, and on; ${bouts === 1 ? 'once' : `${bouts} times`}.`,
};
