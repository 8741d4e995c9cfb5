import { z } from 'zod';
import { plainSet, plainText, readSets, setCount, type SchemeModule, type SetTarget } from './model';

const schema = z
  .object({
    kind: z.literal('burn-out'),
    sets: setCount,
    /** Repetitions to reach in as few bouts as it takes. */
    total: z.number().int().min(10).max(120),
    pauseS: z.number().int().min(5).max(60),
  })
  .strict();
type BurnOut = z.infer<typeof schema>;

/** How a total falls apart into bouts. Own estimate; the client takes as many as it takes. */
const parts = [0.5, 0.3, 0.2];
/** A burn-out counts for two hard sets. Common practice. */
const COUNTS = 2;

export const burnOut: SchemeModule<BurnOut> = {
  kind: 'burn-out',
  name: 'Burn-out',
  about: 'A total in as few bouts as it takes, with a few breaths between.',
  schema,
  fields: [
    { key: 'sets', label: 'Times', is: 'whole', min: 1, max: 12 },
    { key: 'total', label: 'Total reps', is: 'whole', min: 10, max: 120 },
    { key: 'pauseS', label: 'Breaths', is: 'whole', min: 5, max: 60, unit: 's' },
  ],
  begin: () => ({ kind: 'burn-out', sets: 1, total: 40, pauseS: 15 }),
  plain: ({ sets, total }) => ({ sets, reps: { lo: Math.round(total / 4), hi: Math.round(total / 2) } }),
  bouts: ({ sets, total, pauseS }, reserve) => {
    const bouts: SetTarget[] = [];
    for (let set = 0; set < sets; set++) {
      const first = bouts.length;
      let left = total;
      parts.forEach((share, stage) => {
        const n = stage === parts.length - 1 ? left : Math.round(total * share);
        left -= n;
        bouts.push({
          ...plainSet({ lo: n, hi: n }, reserve.last, set),
          stage,
          counts: stage === 0 ? COUNTS : 0,
          open: stage > 0,
          volumeOnly: true,
          loadOf: stage === 0 ? null : { bout: first, share: 1 },
          restAfterS: stage < parts.length - 1 ? pauseS : null,
        });
      });
    }
    return bouts;
  },
  oneLoad: true,
  withSets: (scheme, sets) => ({ ...scheme, sets }),
  text: ({ sets, total, pauseS }) =>
    `${sets} × burn-out ${total}${pauseS === 15 ? '' : `, ${pauseS} s breaths`}`,
  read: (text) => {
    const m =
      /^(?:(\d{1,2}) ?x ?)?burn[ -]?outs?(?: of)? ?(\d{2,3})(?: reps)?(?:,? ?(\d{1,2}) ?s breaths)?$/.exec(
        plainText(text),
      );
    const sets = readSets(m?.[1]);
    const total = Number(m?.[2]);
    const pauseS = Number(m?.[3] ?? 15);
    if (!m || !sets || total < 10 || total > 120 || pauseS < 5 || pauseS > 60) return null;
    return { kind: 'burn-out', sets, total, pauseS };
  },
  words: ({ total, pauseS }) =>
    `${total} reps in as few bouts as it takes, ${pauseS} seconds of breathing between.`,
};
