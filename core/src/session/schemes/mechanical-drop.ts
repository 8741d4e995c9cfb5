import { z } from 'zod';
import { type NumericKnob, rigSchema } from '../../movements';
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

const said: Record<string, NumericKnob> = {
  grip: 'gripBiacromial',
  bench: 'benchDeg',
  tuck: 'tuckDeg',
  lean: 'leanDeg',
  raise: 'elevationM',
};
/** Settings by the word coaches have for them. */
const called: Record<string, string> = { wide: 'grip 1.8', close: 'grip 1', flat: 'bench 0' };
const words = Object.entries(said);
const unitOf: Record<MechanicalDrop['knob'], string> = {
  gripBiacromial: ' × shoulders',
  benchDeg: '°',
  tuckDeg: '°',
  leanDeg: '°',
  elevationM: ' m',
};
const wordOf = (knob: NumericKnob): string => words.find(([, k]) => k === knob)![0];

const schema = z
  .object({
    kind: z.literal('mechanical drop'),
    sets: setCount,
    reps: repRangeSchema,
    /** The setting that makes it easier, and its values one after the other. */
    knob: z.enum(['gripBiacromial', 'benchDeg', 'tuckDeg', 'leanDeg', 'elevationM']),
    easier: z.array(z.number()).min(1).max(3),
  })
  .strict()
  .refine((s) => s.easier.every((v) => rigSchema.safeParse({ [s.knob]: v }).success), {
    message: 'a setting this knob does not have',
    path: ['easier'],
  });
type MechanicalDrop = z.infer<typeof schema>;

const easierBy = (knob: MechanicalDrop['knob'], says: string, to: number) => ({
  value: knob,
  says,
  brings: { easier: [to] },
  needs: knob,
});

export const mechanicalDrop: SchemeModule<MechanicalDrop> = {
  kind: 'mechanical drop',
  name: 'Mechanical drop',
  about: 'The same load in an easier setting at once: narrow then wide, steep then flat.',
  schema,
  fields: [
    { key: 'sets', label: 'Sets', is: 'whole', min: 1, max: 12 },
    { key: 'reps', label: 'Reps', is: 'reps' },
    {
      key: 'knob',
      label: 'Easier by',
      is: 'choice',
      options: [
        easierBy('gripBiacromial', 'grip, in shoulder breadths', 1.5),
        easierBy('benchDeg', 'bench, degrees', 0),
        easierBy('tuckDeg', 'tuck of the elbows, degrees', 45),
        easierBy('leanDeg', 'lean, degrees', 30),
        easierBy('elevationM', 'height of hands or feet, metres', 0.3),
      ],
    },
    {
      key: 'easier',
      label: 'To',
      is: 'list',
      text: ({ easier }) => easier.join(', '),
      read: (text) => {
        const steps = text.split(/\s*,\s*/).map(Number);
        return text.trim() !== '' && steps.length <= 3 && steps.every(Number.isFinite) ? steps : null;
      },
      hint: 'One to three settings, one after the other, like 1.5, 1.9',
    },
  ],
  begin: (sets, reps) => ({ kind: 'mechanical drop', sets, reps, knob: 'gripBiacromial', easier: [1.5] }),
  plain: ({ sets, reps }) => ({ sets, reps }),
  bouts: ({ sets, reps, knob, easier }, reserve) => {
    const bouts: SetTarget[] = [];
    for (let set = 0; set < sets; set++) {
      const first = bouts.length;
      bouts.push({ ...plainSet(reps, reserveAt(reserve, set, sets), set), restAfterS: 0 });
      easier.forEach((value, i) =>
        bouts.push({
          ...plainSet({ lo: 1, hi: reps.hi }, reserve.last, set),
          stage: i + 1,
          counts: COUNTS_FURTHER,
          open: true,
          volumeOnly: true,
          loadOf: { bout: first, share: 1 },
          restAfterS: i < easier.length - 1 ? 0 : null,
          rig: { [knob]: value },
        }),
      );
    }
    return bouts;
  },
  oneLoad: true,
  withSets: (scheme, sets) => ({ ...scheme, sets }),
  text: ({ sets, reps, knob, easier }) =>
    `${sets} × ${repsText(reps)}, ${easier.map((v) => `then ${wordOf(knob)} ${v}`).join(', ')}`,
  read: (text) => {
    const m = new RegExp(`^(\\d{1,2}) ?x ?(${REPS})((?: ?,? ?then [a-z]+ -?\\d+(?:\\.\\d+)?°?){1,3})$`).exec(
      plainText(text).replace(/\bthen (wide|close|flat)\b/g, (_, word: string) => `then ${called[word]}`),
    );
    const sets = readSets(m?.[1]);
    const reps = readReps(m?.[2] ?? '');
    if (!m || !sets || !reps) return null;
    const steps = [...m[3]!.matchAll(/then ([a-z]+) (-?\d+(?:\.\d+)?)/g)];
    const knob = said[steps[0]![1]!];
    if (!knob || steps.some((s) => said[s[1]!] !== knob)) return null;
    const found = schema.safeParse({
      kind: 'mechanical drop',
      sets,
      reps,
      knob,
      easier: steps.map((s) => Number(s[2])),
    });
    return found.success ? found.data : null;
  },
  words: ({ knob, easier }) =>
    `Then at once, same load: ${easier.map((v) => `${wordOf(knob)} ${v}${unitOf[knob]}`).join(', then ')}.`,
};
