import { z } from 'zod';
import {
  plainText,
  readReps,
  readSets,
  repRangeSchema,
  REPS,
  repsText,
  setCount,
  type RepRange,
  type SchemeModule,
} from './model';
import { onWhich, stagedBouts, stagedFields } from './stages';

const schema = z
  .object({
    kind: z.literal('drop'),
    sets: setCount,
    reps: repRangeSchema,
    /** Further, lighter stages after a set. */
    drops: z.number().int().min(1).max(4),
    /** How much lighter each stage is than the one before, per cent. */
    lighter: z.number().int().min(5).max(60),
    on: z.enum(onWhich),
    /** Repetitions of each further stage; the same as the set's when left out. */
    then: z.array(repRangeSchema).max(4).optional(),
  })
  .strict();
type Drop = z.infer<typeof schema>;

/** "10 + 12": repetitions of further stages, none for nothing; null when it makes no sense. */
function readStages(text: string): RepRange[] | null {
  if (text.trim() === '') return [];
  const stages = text.split('+').map(readReps);
  return stages.length <= 4 && stages.every((r) => r !== null) ? stages : null;
}

export const drop: SchemeModule<Drop> = {
  kind: 'drop',
  name: 'Drop set',
  about: 'To the reserve, then at once lighter, and again: two to four loads without a rest.',
  schema,
  fields: stagedFields<Drop>([
    { key: 'drops', label: 'Drops', is: 'whole', min: 1, max: 4 },
    { key: 'lighter', label: 'Each lighter by', is: 'whole', min: 5, max: 60, unit: '%' },
    {
      key: 'then',
      label: 'Reps of each drop',
      is: 'list',
      text: ({ then }) => (then ?? []).map(repsText).join(' + '),
      read: (text) => readStages(text) ?? null,
      hint: 'One figure or range a drop, like 10 + 12; empty for the same reps',
    },
  ]),
  begin: (sets, reps) => ({ kind: 'drop', sets, reps, drops: 2, lighter: 20, on: 'last set' }),
  plain: ({ sets, reps }) => ({ sets, reps }),
  bouts: ({ drops, lighter, ...scheme }, reserve) =>
    stagedBouts(
      {
        ...scheme,
        further: drops,
        stageReps: (stage) => scheme.then?.[Math.min(stage, scheme.then.length) - 1] ?? scheme.reps,
        share: (stage) => (1 - lighter / 100) ** stage,
        pauseS: 0,
      },
      reserve,
    ),
  oneLoad: true,
  withSets: (scheme, sets) => ({ ...scheme, sets }),
  text: ({ sets, reps, drops, lighter, on, then }) =>
    `${sets} × ${[reps, ...(then ?? [])].map(repsText).join(' + ')}, ${on === 'last set' ? 'last ' : ''}drop ${drops} × −${lighter} %`,
  read: (text) => {
    const m = new RegExp(
      `^(\\d{1,2}) ?x ?(${REPS})((?: ?\\+ ?${REPS}){1,4})? ?,? ?(?:with )?(last |on the last )?(?:a )?(double |triple |quadruple )?drops?(?: ?sets?)?(?: ?(\\d) ?x)?(?: ?-?(\\d{1,2}) ?(?:%|percent))?$`,
    ).exec(plainText(text));
    const sets = readSets(m?.[1]);
    const reps = readReps(m?.[2] ?? '');
    if (!m || !sets || !reps) return null;
    const then = m[3] ? readStages(m[3].replace(/^ ?\+/, '')) : [];
    const called = { double: 1, triple: 2, quadruple: 3 }[m[5]?.trim() ?? ''];
    const drops = m[6] ? Number(m[6]) : (called ?? (then && then.length > 0 ? then.length : 2));
    const lighter = m[7] ? Number(m[7]) : 20;
    if (!then || drops < 1 || drops > 4 || lighter < 5 || lighter > 60) return null;
    return {
      kind: 'drop',
      sets,
      reps,
      drops,
      lighter,
      on: m[4] ? 'last set' : 'every set',
      ...(then.length > 0 ? { then } : {}),
    };
  },
  words: ({ drops, on }) =>
    `${on === 'last set' ? 'After the last set' : 'After every set'} ${drops === 1 ? 'one lighter load' : `${drops} lighter loads`} at once, no rest between.`,
};
