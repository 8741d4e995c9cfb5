import { z } from 'zod';
import { groupIds } from '../anatomy';
import { asideSchema, repRangeSchema, schemeKinds, tempoSchema } from '../session';

export const severities = ['stop', 'watch', 'note'] as const;
export type Severity = (typeof severities)[number];

/** The newest version of the school document. */
export const schoolVersion = 3;

const band = z
  .object({ lo: z.number().min(0).max(40), hi: z.number().min(1).max(60) })
  .strict()
  .refine((b) => b.lo < b.hi, { message: 'the lower figure comes first' });
const bandsOfGroups = z
  .object(
    Object.fromEntries(groupIds.map((g) => [g, band])) as Record<(typeof groupIds)[number], typeof band>,
  )
  .strict();
const reserve = z.number().min(0).max(8);
const reserves = z
  .object({ first: reserve, last: reserve })
  .strict()
  .refine((r) => r.first >= r.last, { message: 'the first set leaves at least as much as the last' });
const rest = z.number().int().min(0).max(900);

/** Something for compounds and something for isolation. */
const forBoth = <T extends z.ZodType>(of: T) => z.object({ compound: of, isolation: of }).strict();

/** A named rule set: everything in which coaches differ. Bands are fractional hard sets a session. */
export const schoolSchema = z
  .object({
    format: z.literal('drimbo.school'),
    version: z.literal(schoolVersion),
    name: z.string().min(1).max(60),
    line: z.string().max(200),
    /** For what is trained. */
    bands: bandsOfGroups,
    /** For the group the session is mainly for. */
    mainBand: band,
    /** Fractional hard sets a week, over every day. */
    weekBands: bandsOfGroups,
    /** Bands are written for the first year already and are not cut again. */
    forNovices: z.boolean(),
    /** What a set counts. */
    counting: z
      .object({
        /** A set that ends with more than this in reserve is not a hard set. */
        hardReserve: z.number().min(0).max(8),
        /** Whether sets count where the muscle only helps, by their credit. */
        indirect: z.boolean(),
        /** Each further stage of a drop or bout of a rest–pause. */
        furtherStage: z.number().min(0).max(1),
        /** A whole burn-out. */
        burnOut: z.number().min(0).max(5),
      })
      .strict(),
    /** Sets of one region after which a further one adds about a third of what the first did: the scale of the value curve. */
    valueScale: z.number().min(1).max(15),
    restFloorS: forBoth(rest),
    /** Repetitions that are at home. */
    homes: z.object({ first: repRangeSchema, others: repRangeSchema }).strict(),
    /** Ways of doing sets it likes, the first most. */
    schemes: z.array(z.enum(schemeKinds)).min(1).max(schemeKinds.length),
    /** Movements a session of it holds at most. */
    mostMovements: z.number().int().min(1).max(40),
    /** What a new line starts with. */
    starting: z
      .object({
        sets: z.number().int().min(1).max(12),
        reserve: forBoth(reserves),
        tempo: tempoSchema,
        restS: forBoth(rest),
        /** What is held over the sets of a line: one load, or the repetitions, by loads that come down. */
        loads: z.enum(['one', 'down']),
      })
      .strict(),
    /** Rules it mutes or hears at another loudness. */
    voices: z.record(z.string().max(60), z.enum([...severities, 'off'])),
    /** Rules set aside from a session for the whole school, with the reason. */
    aside: z.array(asideSchema).max(60),
  })
  .strict();

export type SchoolDocument = z.infer<typeof schoolSchema>;
export interface School extends SchoolDocument {
  id: string;
}
