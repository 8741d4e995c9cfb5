import { z } from 'zod';
import { findMovement, rigSchema } from '../movements';
import { aims, dismissalSchema } from '../session';
import { daySchema } from '../units';
import { shortWorkSchema } from './short-day';

/** The newest version of the block document. */
export const blockVersion = 3;

/** The longest block, weeks, and the longest pattern, days. */
export const MOST_WEEKS = 52;
const LONGEST_PATTERN = 28;

/** The most training days a pattern is made of. */
export const MOST_DAYS = 14;

const id = z.string().min(1).max(60);

/** What a training day holds: one of the coach's sessions, or work in short form. */
export const trainingDaySchema = z
  .object({
    id,
    name: z.string().min(1).max(60),
    does: z.discriminatedUnion('is', [
      z.object({ is: z.literal('session'), session: id }).strict(),
      z
        .object({ is: z.literal('short'), work: z.array(shortWorkSchema).max(12, 'at most twelve muscles') })
        .strict(),
    ]),
  })
  .strict();

/** What a week asks of every session, on top of what the session says. */
export const weekRuleSchema = z
  .object({
    /** Sets added to each session, where the next one is worth most; fewer below zero. */
    sets: z.number().int().min(-6).max(8),
    /** Repetitions left in reserve more, or fewer, than the session says. */
    reserve: z.number().int().min(-3).max(4),
    /** A lighter week: half the sets, a tenth off the loads, plain sets. */
    light: z.boolean(),
  })
  .strict();

export const phaseSchema = z
  .object({
    aim: z.enum(aims),
    goal: z.string().max(120),
    weeks: z.number().int().min(1).max(MOST_WEEKS),
    /** Reps and rests as the sessions have them, or moved to where the phase is at home. */
    reps: z.enum(['as written', 'of the phase']),
  })
  .strict();

/**
 * A movement takes another's place from a week on, until the one that was left comes back, for as long as the block goes,
 * or until the next change.
 */
export const rotationSchema = z
  .object({
    session: id,
    line: id,
    fromWeek: z.number().int().min(0).max(MOST_WEEKS),
    /** The week in which what was left comes back; null where it stays away. */
    backIn: z.number().int().min(1).max(MOST_WEEKS).nullable(),
    movement: id.refine((v) => findMovement(v) !== undefined, {
      message: 'no movement of this name in the catalogue',
    }),
    own: id.optional(),
    rig: rigSchema,
    says: z.string().min(1).max(160),
  })
  .strict()
  .refine((r) => r.backIn === null || r.backIn > r.fromWeek, {
    message: 'a movement comes back after it was left',
    path: ['backIn'],
  });

export const lifeKinds = ['sick', 'travelling', 'shift', 'missed', 'other gym', 'away'] as const;
/** What happens to the days that fall into it. */
const answers = ['move', 'catch up', 'leave out', 'lighter', 'stay'] as const;

/** Something that comes between: days from one to another, both counted. */
export const lifeEventSchema = z
  .object({
    id,
    what: z.enum(lifeKinds),
    from: daySchema,
    to: daySchema,
    then: z.enum(answers),
    /** Where the client trains in those days. */
    kitId: id.optional(),
    note: z.string().max(160),
  })
  .strict()
  .refine((e) => e.from <= e.to, { message: 'the first day comes first', path: ['to'] });

/** Counted from the first day of the block, 0: the day something is planned for, whatever comes between. */
const dayNumber = z
  .number()
  .int()
  .min(0)
  .max(7 * MOST_WEEKS);

/** Weeks the sets of one movement go by, in place of what the weeks add. */
const ladderSchema = z
  .object({ session: id, line: id, sets: z.array(z.number().int().min(1).max(12)).min(1).max(MOST_WEEKS) })
  .strict();

export const trainingBlockSchema = z
  .object({
    format: z.literal('drimbo.block'),
    version: z.literal(blockVersion),
    title: z.string().min(1).max(120),
    clientId: id,
    /** The school the weeks are judged by: one that ships or one of the coach's own. */
    school: id,
    startsOn: daySchema,
    phases: z.array(phaseSchema).min(1).max(8),
    /** The training days the pattern is made of. */
    days: z.array(trainingDaySchema).min(1).max(MOST_DAYS),
    /**
     * What each day of the pattern holds, over and over: nothing, a training day, or several that take turns.
     * Places with the same several share their turns. A pattern that is not whole weeks long drifts.
     */
    pattern: z.array(z.array(id).max(6)).min(1).max(LONGEST_PATTERN),
    /** The day of the block the pattern begins on; later than 0 where the split was changed on the way. */
    patternFrom: dayNumber,
    /** One a week, as many as the phases have together. */
    weeks: z.array(weekRuleSchema).min(1).max(MOST_WEEKS),
    ladders: z.array(ladderSchema).max(60),
    /** Every so many weeks one movement is changed for one that does its job. */
    rotateEvery: z.number().int().min(3).max(6).nullable(),
    rotations: z.array(rotationSchema).max(60),
    life: z.array(lifeEventSchema).max(200),
    /** Days the coach put elsewhere by hand. */
    moved: z.array(z.object({ day: dayNumber, to: daySchema }).strict()).max(400),
    /** Days that have a session of their own by now; with a date they are done. */
    made: z
      .array(
        z.object({ day: dayNumber, training: id, session: id.nullable(), on: daySchema.nullable() }).strict(),
      )
      .max(400),
    dismissed: z.array(dismissalSchema).max(100, 'at most a hundred findings can be set aside'),
    note: z.string().max(3000),
  })
  .strict()
  .superRefine((b, context) => {
    const issue = (message: string, path: (string | number)[], params?: { by: number }): void =>
      context.addIssue({ code: 'custom', message, path, ...(params ? { params } : {}) });
    const weeks = b.phases.reduce((n, p) => n + p.weeks, 0);
    if (weeks > MOST_WEEKS)
      issue(`a block holds at most ${MOST_WEEKS} weeks; this one has ${weeks}`, ['phases'], {
        by: weeks - MOST_WEEKS,
      });
    if (b.weeks.length !== weeks)
      issue(`the phases have ${weeks} weeks together, and ${b.weeks.length} are written`, ['weeks']);
    const ids = new Set<string>();
    b.days.forEach((d, i) => {
      if (ids.has(d.id)) issue(`the id "${d.id}" stands twice`, ['days', i, 'id']);
      ids.add(d.id);
    });
    b.pattern.forEach((entry, i) =>
      entry.forEach((day, j) => {
        if (!ids.has(day)) issue(`there is no training day "${day}"`, ['pattern', i, j]);
      }),
    );
    if (b.pattern.every((entry) => entry.length === 0)) issue('a pattern needs a training day', ['pattern']);
    for (const key of ['moved', 'made'] as const) {
      const seen = new Set<number>();
      b[key].forEach(({ day }, i) => {
        if (seen.has(day)) issue(`day ${day} stands twice`, [key, i, 'day']);
        seen.add(day);
      });
    }
  });

export type TrainingBlock = z.infer<typeof trainingBlockSchema>;
export type TrainingDay = z.infer<typeof trainingDaySchema>;
export type WeekRule = z.infer<typeof weekRuleSchema>;
export type Phase = z.infer<typeof phaseSchema>;
export type Rotation = z.infer<typeof rotationSchema>;
export type LifeEvent = z.infer<typeof lifeEventSchema>;

export const weeksOf = (block: Pick<TrainingBlock, 'phases'>): number =>
  block.phases.reduce((n, p) => n + p.weeks, 0);

/** The phase a week belongs to, and which week of it, from 0. */
export function phaseAt(block: Pick<TrainingBlock, 'phases'>, week: number): { phase: Phase; at: number } {
  let at = week;
  for (const phase of block.phases) {
    if (at < phase.weeks) return { phase, at };
    at -= phase.weeks;
  }
  const phase = block.phases[block.phases.length - 1]!;
  return { phase, at: phase.weeks - 1 };
}

/** Every session a block names. */
export const sessionsIn = (block: TrainingBlock): string[] => [
  ...new Set([
    ...block.days.flatMap((d) => (d.does.is === 'session' ? [d.does.session] : [])),
    ...block.made.flatMap((m) => (m.session === null ? [] : [m.session])),
  ]),
];
