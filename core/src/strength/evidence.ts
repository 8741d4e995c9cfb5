import { z } from 'zod';
import { rigSchema } from '../movements';
import { daySchema } from '../units';

/** One test or one logged set. Loads as the coach says them: total, each hand, or added to the body. */
export const liftRecordSchema = z
  .object({
    movement: z.string().min(1).max(60),
    rig: rigSchema,
    date: daySchema,
    loadKg: z.number().min(0).max(600),
    reps: z.number().int().min(1).max(100),
    reserve: z.number().min(0).max(10),
    kind: z.enum(['test', 'set']),
    /** Seconds a repetition took, where it was slower than usual. */
    repS: z.number().min(0.5).max(60).optional(),
    /** Share of the fresh max that was lost to the sets before it; nothing when left out. */
    tired: z.number().min(0).max(0.6).optional(),
  })
  .strict();

export type LiftRecord = z.infer<typeof liftRecordSchema>;

/** A logged set with how it went, where somebody said: it travels with the movement. */
export const loggedSchema = liftRecordSchema
  .extend({
    /** A set, a further stage or bout of one, or a hold; the last two say nothing of a max. */
    kind: z.enum(['test', 'set', 'stage', 'hold']),
    /** Nobody said what was left: the reserve is 0 for want of a figure. */
    unsaid: z.literal(true),
    /** One side of two. */
    oneSide: z.literal(true),
    /** It ended with pain or for another reason than strength: no measure of a max. */
    cut: z.literal(true),
    /** In the target, 0 not at all to 3. */
    felt: z.number().int().min(0).max(3),
    /** 0 hurts to 10 comfortable. */
    comfort: z.number().int().min(0).max(10),
    /** Form went: it counts for volume and not for progress. */
    broke: z.literal(true),
  })
  .partial({ felt: true, comfort: true, broke: true, unsaid: true, oneSide: true, cut: true })
  .strict();

export type Logged = z.infer<typeof loggedSchema>;

/** Told to have left so many, somebody says "a lot": it is at least that, and no figure. Own estimate. */
export const A_LOT = 8;

/** A record of a lift that says what was left, or a set that was done without anybody saying so. */
export type MaxRecord = LiftRecord & { unsaid?: true };

/** Whether a logged set measures strength at all: whole, in form, and ended by nothing else. */
export const measuresMax = (r: Logged): r is Logged & MaxRecord =>
  (r.kind === 'set' || r.kind === 'test') && r.broke !== true && r.cut !== true;
