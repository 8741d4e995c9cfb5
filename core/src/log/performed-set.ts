import { z } from 'zod';
import { findMovement } from '../movements/catalogue';
import { rigSchema } from '../movements/rig';
import type { Logged } from '../strength/evidence';
import { daySchema } from '../units/dates';

const id = z.string().min(1).max(60);

export const techniques = ['clean', 'slipping', 'broke'] as const;
export type Technique = (typeof techniques)[number];

/** One set somebody did. Loads as the coach says them: total, each hand, or added to the body; in kg. */
export const performedSetSchema = z
  .object({
    id: z.string().regex(/^[a-z0-9][a-z0-9-]{0,99}$/, 'an id of small letters, figures and dashes'),
    clientId: id,
    sessionId: id,
    lineId: id,
    /** Which set of its line, counted from 0. */
    setIndex: z.number().int().min(0).max(239),
    movement: id.refine((v) => findMovement(v) !== undefined, {
      message: 'no movement of this name in the catalogue',
    }),
    rig: rigSchema,
    doneOn: daySchema,
    loadKg: z.number().min(0).max(600),
    /** 0 where the set failed at once. */
    reps: z.number().int().min(0).max(100),
    reserve: z.number().min(0).max(10),
    /** Share of the fresh max lost to the sets before. */
    tired: z.number().min(0).max(0.6),
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
  .strict();

export type PerformedSet = z.infer<typeof performedSetSchema>;

/** A performed set as evidence of what somebody can lift; null where no repetition came of it. */
export const evidenceOf = (set: PerformedSet): Logged | null =>
  set.reps === 0
    ? null
    : {
        movement: set.movement,
        rig: set.rig,
        date: set.doneOn,
        loadKg: set.loadKg,
        reps: set.reps,
        reserve: set.reserve,
        kind: 'set',
        tired: set.tired,
        ...(set.repS === null ? {} : { repS: set.repS }),
        ...(set.felt === null ? {} : { felt: set.felt }),
        ...(set.comfort === null ? {} : { comfort: set.comfort }),
        ...(set.technique === 'broke' ? { broke: true as const } : {}),
      };
