import { z } from 'zod';
import { plainSet, plainText, readSets, reserveAt, setCount, type SchemeModule } from './model';

const schema = z
  .object({
    kind: z.literal('hold'),
    sets: setCount,
    seconds: z.number().int().min(3).max(120),
  })
  .strict();
type Hold = z.infer<typeof schema>;

export const hold: SchemeModule<Hold> = {
  kind: 'hold',
  name: 'Hold',
  about: 'One contraction held still, breathing all the while; the first one finds the load.',
  schema,
  fields: [
    { key: 'sets', label: 'Holds', is: 'whole', min: 1, max: 12 },
    { key: 'seconds', label: 'Seconds', is: 'whole', min: 3, max: 120, unit: 's' },
  ],
  begin: (sets) => ({ kind: 'hold', sets, seconds: 15 }),
  plain: ({ sets }) => ({ sets, reps: { lo: 10, hi: 12 } }),
  bouts: ({ sets, seconds }, reserve) =>
    Array.from({ length: sets }, (_, i) => ({
      ...plainSet({ lo: 1, hi: 1 }, reserveAt(reserve, i, sets), i),
      holdS: seconds,
      volumeOnly: true,
    })),
  oneLoad: true,
  withSets: (scheme, sets) => ({ ...scheme, sets }),
  text: ({ sets, seconds }) => `${sets} × hold ${seconds} s`,
  read: (text) => {
    const m = /^(\d{1,2}) ?x ?(?:hold ?(\d{1,3}) ?s(?:ec(?:onds)?)?|(\d{1,3}) ?s(?:ec(?:onds)?)? hold)$/.exec(
      plainText(text),
    );
    const sets = readSets(m?.[1]);
    const seconds = Number(m?.[2] ?? m?.[3]);
    return m && sets && seconds >= 3 && seconds <= 120 ? { kind: 'hold', sets, seconds } : null;
  },
  words: ({ seconds }) => `Hold still for ${seconds} seconds and keep breathing.`,
};
