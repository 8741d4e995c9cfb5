import { z } from 'zod';
import { plainSet, plainText, readSets, setCount, type SchemeModule } from './model';

const schema = z
  .object({
    kind: z.literal('to failure'),
    sets: setCount,
    /** About how many are expected; the load follows from it. */
    about: z.number().int().min(1).max(60),
    /** What ends the set: the form goes, or nothing moves. */
    until: z.enum(['form', 'muscle']),
  })
  .strict();
type ToFailure = z.infer<typeof schema>;

export const toFailure: SchemeModule<ToFailure> = {
  kind: 'to failure',
  name: 'To failure',
  about: 'As many as come, until the form would break; muscular failure has to be asked for by name.',
  schema,
  fields: [
    { key: 'sets', label: 'Sets', is: 'whole', min: 1, max: 12 },
    { key: 'about', label: 'About', is: 'whole', min: 1, max: 60, unit: 'reps' },
    {
      key: 'until',
      label: 'Until',
      is: 'choice',
      options: [
        { value: 'form', says: 'the form would break' },
        { value: 'muscle', says: 'nothing moves any more' },
      ],
    },
  ],
  begin: (sets, reps) => ({ kind: 'to failure', sets, about: Math.min(60, reps.hi), until: 'form' }),
  plain: ({ sets, about }) => ({ sets, reps: { lo: about, hi: about } }),
  bouts: ({ sets, about }) =>
    Array.from({ length: sets }, (_, i) => ({
      ...plainSet({ lo: about, hi: about }, 0, i),
      open: i > 0,
      toFailure: true,
    })),
  oneLoad: true,
  withSets: (scheme, sets) => ({ ...scheme, sets }),
  text: ({ sets, about, until }) =>
    `${sets} × to ${until === 'muscle' ? 'muscular ' : ''}failure, about ${about}`,
  read: (text) => {
    const m =
      /^(\d{1,2}) ?x ?(?:(?:(?:to )?(muscular )?failure)|amrap|max)(?:,? ?(?:about |~|\()? ?(\d{1,2})\)?)?$/.exec(
        plainText(text),
      );
    const sets = readSets(m?.[1]);
    const about = Number(m?.[3] ?? 12);
    if (!m || !sets || about < 1 || about > 60) return null;
    return { kind: 'to failure', sets, about, until: m[2] ? 'muscle' : 'form' };
  },
  words: ({ until }) =>
    until === 'muscle'
      ? 'Until nothing moves any more, with someone or something to catch it.'
      : 'As many as come; stop when the form would break.',
};
