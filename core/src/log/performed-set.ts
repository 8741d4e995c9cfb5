import { z } from 'zod';
import { findMovement, rigSchema } from '../movements';
import { askedOfSetSchema, type Logged } from '../strength';
import { daySchema } from '../units';

const id = z.string().min(1).max(60);

export const techniques = ['clean', 'slipping', 'broke'] as const;
export type Technique = (typeof techniques)[number];

/** What was done: a set of its own, a further stage or bout of one, or a contraction held still. */
export const performedKinds = ['set', 'stage', 'hold'] as const;
export type PerformedKind = (typeof performedKinds)[number];

/** Why a set ended before it was meant to. */
export const endings = ['too heavy', 'lost the path', 'pain', 'interrupted'] as const;
export type Ending = (typeof endings)[number];

/** Comfort at or under this is pain: what was lifted with it measures no strength. */
export const PAINFUL = 3;

/** One set somebody did. Loads as the coach says them: total, each hand, or added to the body; in kg. */
export const performedSetSchema = z
  .object({
    id: z.string().regex(/^[a-z0-9][a-z0-9-]{0,99}$/, 'an id of small letters, figures and dashes'),
    clientId: id,
    sessionId: id,
    lineId: id,
    /** Which set of its line, counted from 0. */
    setIndex: z.number().int().min(0).max(239),
    kind: z.enum(performedKinds).default('set'),
    movement: id.refine((v) => findMovement(v) !== undefined, {
      message: 'no movement of this name in the catalogue',
    }),
    rig: rigSchema,
    /** The day the session began on, whatever the clock says by now. */
    doneOn: daySchema,
    loadKg: z.number().min(0).max(600),
    /** 0 where the set failed at once, and for a hold. */
    reps: z.number().int().min(0).max(100),
    /** Repetitions left in reserve; null where nobody said. */
    reserve: z.number().min(0).max(10).nullable(),
    /** How long it was held, seconds; null for what is counted. */
    heldS: z.number().min(1).max(600).nullable().default(null),
    /** One side of two, where the sides were not alike; null for both. */
    side: z.enum(['left', 'right']).nullable().default(null),
    /** Why it ended early; null where it went as it was meant to, or nobody said. */
    ended: z.enum(endings).nullable().default(null),
    /** Share of the fresh max lost to the sets before, as the plan had it. */
    tired: z.number().min(0).max(0.6),
    /** What was asked of it; null where nobody kept that. */
    asked: askedOfSetSchema.nullable().default(null),
    /** Where it stands among the sets of its session, from 0, as they were done; null where nobody kept that. */
    at: z.number().int().min(0).max(9999).nullable().default(null),
    /** Seconds a repetition took; null where nobody said. */
    repS: z.number().min(0.5).max(60).nullable(),
    /** How it looked; one that broke form is volume and no progress. Null where nobody said. */
    technique: z.enum(techniques).nullable().default(null),
    /** The fault that was seen, by its id. */
    fault: z.string().min(1).max(60).nullable().default(null),
    /** In the target, 0 not at all to 3. */
    felt: z.number().int().min(0).max(3).nullable().default(null),
    /** 0 hurts to 10 comfortable. */
    comfort: z.number().int().min(0).max(10).nullable().default(null),
    note: z.string().max(200).default(''),
  })
  .strict()
  .refine((s) => (s.kind === 'hold') === (s.heldS !== null), {
    message: 'a hold says its seconds, and nothing else does',
    path: ['heldS'],
  });

export type PerformedSet = z.infer<typeof performedSetSchema>;

/** What somebody says of a set beside its figures. */
export type Said = Pick<PerformedSet, 'side' | 'ended' | 'technique' | 'fault' | 'felt' | 'comfort' | 'note'>;
export const nothingSaid: Said = {
  side: null,
  ended: null,
  technique: null,
  fault: null,
  felt: null,
  comfort: null,
  note: '',
};

/** Ended for a reason that is none of strength, or with pain. */
const isCut = ({ ended, comfort }: PerformedSet): boolean =>
  (ended !== null && ended !== 'too heavy') || (comfort !== null && comfort <= PAINFUL);

/** A performed set as evidence of what somebody did; null where nothing came of a further stage. */
export const evidenceOf = (set: PerformedSet): Logged | null =>
  set.reps === 0 && set.kind === 'stage'
    ? null
    : {
        movement: set.movement,
        rig: set.rig,
        date: set.doneOn,
        loadKg: set.loadKg,
        reps: set.reps,
        reserve: set.reserve ?? 0,
        kind: set.kind,
        tired: set.tired,
        session: set.sessionId,
        line: set.lineId,
        index: set.setIndex,
        ...(set.asked === null ? {} : { asked: set.asked }),
        ...(set.at === null ? {} : { at: set.at }),
        ...(set.ended === 'too heavy' || (set.reps === 0 && set.kind === 'set' && !isCut(set))
          ? { failed: true as const }
          : {}),
        ...(set.reserve === null ? { unsaid: true as const } : {}),
        ...(set.side === null ? {} : { oneSide: true as const }),
        ...(isCut(set) ? { cut: true as const } : {}),
        ...(set.repS === null ? {} : { repS: set.repS }),
        ...(set.felt === null ? {} : { felt: set.felt }),
        ...(set.comfort === null ? {} : { comfort: set.comfort }),
        ...(set.technique === 'broke' ? { broke: true as const } : {}),
        ...(set.technique === 'slipping' ? { slipping: true as const } : {}),
      };
