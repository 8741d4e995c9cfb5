import { z } from 'zod';
import { regionIds } from '../anatomy';
import { daySchema } from '../units';

/** What is measured of a body by tape and scale: bodyweight in kg, girths in cm. */
export const bodyMeasures = ['bodyweight', 'chest', 'shoulders', 'upper arm'] as const;
export type BodyMeasure = (typeof bodyMeasures)[number];

/** Figures nobody has are refused: kg, or cm round the body. */
export const measureRange: Record<BodyMeasure, { lo: number; hi: number }> = {
  bodyweight: { lo: 35, hi: 250 },
  chest: { lo: 50, hi: 200 },
  shoulders: { lo: 60, hi: 220 },
  'upper arm': { lo: 15, hi: 80 },
};

export const bodyEntrySchema = z
  .object({ on: daySchema, what: z.enum(bodyMeasures), value: z.number().min(15).max(250) })
  .strict()
  .refine(({ what, value }) => value >= measureRange[what].lo && value <= measureRange[what].hi, {
    path: ['value'],
    message: 'outside what there is of this measure',
  });

/** The coach's eye on one region: 1 lags far behind, 5 leads. */
export const ratingSchema = z
  .object({ on: daySchema, region: z.enum(regionIds), rating: z.number().int().min(1).max(5) })
  .strict();

export const coachNoteSchema = z.object({ on: daySchema, text: z.string().min(1).max(600) }).strict();

export type BodyEntry = z.infer<typeof bodyEntrySchema>;
export type Rating = z.infer<typeof ratingSchema>;
export type CoachNote = z.infer<typeof coachNoteSchema>;

/** From this rating on down a region lags. Common practice. */
export const LAGS = 2;

/** The last rating of each region that has one, and the one before it. */
export function lastRatings(
  ratings: readonly Rating[],
): { region: Rating['region']; now: Rating; before: Rating | null }[] {
  const sorted = [...ratings].sort((a, b) => b.on.localeCompare(a.on));
  return regionIds.flatMap((region) => {
    const [now, before] = sorted.filter((r) => r.region === region);
    return now ? [{ region, now, before: before ?? null }] : [];
  });
}

/** One entry a day of each measure: a second one takes the place of the first. In the order of their days. */
export const withEntry = (entries: readonly BodyEntry[], entry: BodyEntry): BodyEntry[] =>
  [...entries.filter((e) => e.on !== entry.on || e.what !== entry.what), entry].sort((a, b) =>
    a.on.localeCompare(b.on),
  );
