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

/** What was asked of a set when it was done; kept with it, whatever the plan says later. */
export const askedOfSetSchema = z
  .object({
    lo: z.number().int().min(0).max(100),
    hi: z.number().int().min(0).max(100),
    reserve: z.number().min(0).max(10),
    /** Until form goes. */
    toFailure: z.literal(true).optional(),
    /** It was of a lighter week. */
    light: z.literal(true).optional(),
    /** Seconds planned until the next set of its session, of whatever movement. */
    restS: z.number().min(0).max(1800),
  })
  .strict();
export type AskedOfSet = z.infer<typeof askedOfSetSchema>;

/** A logged set with how it went, where somebody said: it travels with the movement. */
export const loggedSchema = liftRecordSchema
  .extend({
    /** 0 where it did not go up at all. */
    reps: z.number().int().min(0).max(100),
    /** Which session and line it belongs to, which of its sets, and where it stands among all sets of its session. */
    session: z.string().min(1).max(60),
    line: z.string().min(1).max(60),
    index: z.number().int().min(0).max(239),
    at: z.number().int().min(0),
    asked: askedOfSetSchema,
    /** It ended because no further repetition came, as somebody said. */
    failed: z.literal(true),
    /** Form was going. */
    slipping: z.literal(true),
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
  .partial({
    felt: true,
    comfort: true,
    broke: true,
    unsaid: true,
    oneSide: true,
    cut: true,
    session: true,
    line: true,
    index: true,
    at: true,
    asked: true,
    failed: true,
    slipping: true,
  })
  .strict();

export type Logged = z.infer<typeof loggedSchema>;

/** Whether a logged set measures strength at all: whole, and ended by nothing else. */
export const measuresMax = (r: Pick<Logged, 'kind' | 'cut'>): boolean =>
  (r.kind === 'set' || r.kind === 'test') && r.cut !== true;

/** Whether a set ended because nothing more came: so it was asked, so somebody said, or it stayed under its range with nothing left. */
export const atFailureSaid = ({ asked, failed, unsaid, reps, reserve }: Logged): boolean =>
  failed === true ||
  asked?.toFailure === true ||
  (asked !== undefined && unsaid !== true && reps < asked.lo && reserve === 0);
