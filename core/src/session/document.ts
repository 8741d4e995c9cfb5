import { z } from 'zod';
import { groupIds, regionIds } from '../anatomy';
import { findMovement, pinsSchema, rigSchema } from '../movements';
import { daySchema } from '../units';
import { floorChangesSchema } from './floor-changes';
import { moduleOf, schemeSchema } from './schemes/all';

export const schoolIds = ['evidence', 'pyramid', 'strength', 'pump', 'slow', 'foundations'] as const;
export type SchoolId = (typeof schoolIds)[number];

/** What kind of day it is: which muscles it owes something. */
export const dayKinds = ['chest', 'push', 'shoulders', 'arms'] as const;
export type DayKind = (typeof dayKinds)[number];

const id = z.string().min(1).max(60);
const movementId = id.refine((v) => findMovement(v) !== undefined, {
  message: 'no movement of this name in the catalogue',
});

const reserve = z.number().min(0).max(8);

/** Seconds: lowering, pause in the stretch, lifting, pause at the short end. */
export const tempoSchema = z
  .object({
    lower: z.number().min(0).max(15),
    stretched: z.number().min(0).max(15),
    lift: z.number().min(0).max(15),
    shortened: z.number().min(0).max(15),
  })
  .strict()
  .refine((t) => t.lower + t.stretched + t.lift + t.shortened > 0, { message: 'a repetition takes time' });

export const lineSchema = z
  .object({
    id,
    movement: movementId,
    /** The coach's own movement it goes by; one the notebook no longer has is ignored. */
    own: id.optional(),
    rig: rigSchema,
    /** Credits set by hand for this line. */
    pins: pinsSchema.optional(),
    scheme: schemeSchema,
    /** Repetitions left in reserve on the first and the last set. */
    reserve: z.object({ first: reserve, last: reserve }).strict(),
    tempo: tempoSchema,
    restS: z.number().int().min(0).max(900),
    /** The coach's own loads in kg: one for every set, or one a set. Null: computed. */
    loadKg: z
      .union([z.number().min(0).max(600), z.array(z.number().min(0).max(600)).min(1).max(100)])
      .nullable(),
    /**
     * The loads it was handed over with, in kg, one a set and stage: they hold whatever is learnt later, until the line
     * is changed or the session is a draft again.
     */
    handed: z.array(z.number().min(0).max(600)).min(1).max(240).optional(),
    /** One load for all sets, or loads that come down with the reps; left out, whichever keeps the reps. */
    loads: z.enum(['one', 'down']).optional(),
    /** The load is a share of another lift's max, per cent; the name of the catalogue it is taken from. */
    percentOf: z
      .object({ lift: id, percent: z.number().int().min(10).max(150) })
      .strict()
      .optional(),
    /** Which chains or bands of the kit hang from the bar, and how many a side; its first when left out. */
    hung: z
      .object({ of: id, aSide: z.number().int().min(1).max(6) })
      .strict()
      .optional(),
    /** Between sets the muscle is squeezed hard for so many seconds, breathing. */
    squeezeS: z.number().int().min(5).max(30).optional(),
    /** Cues for the sheet, in the coach's order; null takes the first three of the movement. */
    cues: z.array(z.string().min(1).max(160)).max(3).nullable(),
    note: z.string().max(400),
  })
  .strict();

export const blockSchema = z
  .object({
    id,
    kind: z.enum(['single', 'superset', 'giant']),
    /** Between the movements of one round; only for pairs and giant sets. */
    betweenS: z.number().int().min(0).max(120),
    /** The coach wants it where it stands: no order that is looked for moves it. */
    held: z.literal(true).optional(),
    lines: z.array(lineSchema).min(1).max(6, 'a round holds at most six movements'),
  })
  .strict()
  .refine(
    (b) =>
      b.kind === 'single'
        ? b.lines.length === 1
        : b.kind === 'superset'
          ? b.lines.length === 2
          : b.lines.length > 2,
    {
      message: 'a single has one movement, a superset two, a giant set three or more',
      path: ['lines'],
    },
  );

export const warmupItemSchema = z
  .object({
    id,
    movement: movementId,
    sets: z.number().int().min(1).max(6),
    reps: z.number().int().min(1).max(100).nullable(),
    /** For things that are timed rather than counted. */
    seconds: z.number().int().min(5).max(1800).nullable(),
    note: z.string().max(200),
  })
  .strict();

export const dismissalSchema = z
  .object({ finding: z.string().min(1).max(800), reason: z.string().min(1).max(300) })
  .strict();

const MOST_LINES_SWAPPED = 40;

/** How a session went, beside its sets. */
export const doneSchema = z
  .object({
    /** Minutes it took; null where nobody looked. */
    minutes: z.number().int().min(1).max(400).nullable(),
    /** How ready the client felt before it, 1 to 5. */
    readiness: z.number().int().min(1).max(5).nullable(),
    /** What was done in place of what was planned. */
    swaps: z
      .array(
        z
          .object({
            line: id,
            from: z.string().min(1).max(80),
            to: z.string().min(1).max(80),
            why: z.string().max(160),
          })
          .strict(),
      )
      .max(MOST_LINES_SWAPPED),
    note: z.string().max(400),
  })
  .strict();
export type Done = z.infer<typeof doneSchema>;

/** The most blocks of a session, and the most letters of its note. */
export const MOST_BLOCKS = 40;
export const LONGEST_NOTE = 3000;

/** The most movements of a session with those in rounds, and the most sets with every stage of them. */
export const MOST_LINES = 40;
export const MOST_BOUTS = 240;

/** A session is one of these, in this order. */
export const statuses = ['draft', 'handed over', 'finished'] as const;

/** The newest version of the session document. */
export const sessionVersion = 8;

export const sessionSchema = z
  .object({
    format: z.literal('drimbo.session'),
    version: z.literal(sessionVersion),
    title: z.string().min(1).max(120),
    clientId: id,
    kitId: id,
    minutes: z.number().int().min(10).max(240),
    emphasis: z.union([z.enum(groupIds), z.enum(regionIds)]),
    /** The school it is judged by: one of those that ship, or the id of one of the coach's own. */
    school: id,
    /** What kind of day the coach says it is; left out, what its movements make it. */
    kind: z.enum(dayKinds).optional(),
    /** Someone stands by at the heavy sets of this session. */
    spotter: z.boolean(),
    status: z.enum(statuses),
    /** When it is planned for, or when it was done. */
    date: daySchema.nullable(),
    note: z.string().max(LONGEST_NOTE),
    /** How it went; left out until it is finished with a log. */
    /** It is of a lighter week: its sets are light work. */
    light: z.literal(true).optional(),
    done: doneSchema.optional(),
    /** What was changed while it was run; left out until something was. */
    changes: floorChangesSchema.optional(),
    /** How the first heavy lift is led up to; a ladder when left out. */
    ramp: z.enum(['ladder', 'two sets']).optional(),
    warmup: z.array(warmupItemSchema).max(12, 'a warm-up holds at most twelve things'),
    blocks: z.array(blockSchema).max(MOST_BLOCKS, 'a session holds at most forty movements and rounds'),
    dismissed: z.array(dismissalSchema).max(100, 'at most a hundred findings can be set aside'),
  })
  .strict()
  .superRefine((s, context) => {
    const seen = new Set<string>();
    const check = (value: string, path: (string | number)[]): void => {
      if (seen.has(value))
        context.addIssue({ code: 'custom', message: `the id "${value}" stands twice`, path });
      seen.add(value);
    };
    const lines = s.blocks.flatMap((b) => b.lines);
    if (lines.length > MOST_LINES)
      context.addIssue({
        code: 'custom',
        message: `a session holds at most ${MOST_LINES} movements; this one has ${lines.length}`,
        path: ['blocks'],
        params: { by: lines.length - MOST_LINES },
      });
    // A scheme that is beyond its bounds is told already; what it comes to is not laid out: a milliard sets fill the memory.
    const isSound = !context.issues.some(({ path }) => path?.includes('scheme') || path?.includes('reserve'));
    const bouts = isSound
      ? lines.reduce((n, l) => n + moduleOf(l.scheme).bouts(l.scheme, l.reserve).length, 0)
      : 0;
    if (bouts > MOST_BOUTS)
      context.addIssue({
        code: 'custom',
        message: `a session holds at most ${MOST_BOUTS} sets and stages of sets; this one has ${bouts}`,
        path: ['blocks'],
        params: { by: bouts - MOST_BOUTS },
      });
    s.warmup.forEach((w, i) => check(w.id, ['warmup', i, 'id']));
    s.blocks.forEach((b, i) => {
      check(b.id, ['blocks', i, 'id']);
      b.lines.forEach((l, j) => check(l.id, ['blocks', i, 'lines', j, 'id']));
    });
  });

export type Tempo = z.infer<typeof tempoSchema>;
export type Line = z.infer<typeof lineSchema>;
export type Block = z.infer<typeof blockSchema>;
export type WarmupItem = z.infer<typeof warmupItemSchema>;
export type Session = z.infer<typeof sessionSchema>;
export type Emphasis = Session['emphasis'];

export const linesOf = (session: Session): Line[] => session.blocks.flatMap((b) => b.lines);
