import { z } from 'zod';
import { regionIds } from '../anatomy/regions';
import { clientCuesSchema } from '../movements/notebook';
import { liftRecordSchema } from '../strength/evidence';
import { daySchema } from '../units/dates';

export const limitIds = [
  'shoulder front',
  'shoulder unstable',
  'elbow',
  'wrist',
  'lower back',
  'blood pressure',
  'pec strain',
] as const;

/** The newest version of the client document. */
export const clientVersion = 3;

/** What the planner knows about a client. */
export const clientSchema = z
  .object({
    format: z.literal('drimbo.client'),
    version: z.literal(clientVersion),
    name: z.string().min(1).max(80),
    about: z.string().max(300),
    born: z.number().int().min(1920).max(2020).nullable(),
    statureM: z.number().min(1.2).max(2.3),
    massKg: z.number().min(35).max(250),
    biacromialM: z.number().min(0.25).max(0.6).nullable(),
    trainingAge: z.enum(['under 1 year', '1 to 3 years', 'over 3 years']),
    goal: z.string().max(120),
    lagging: z.array(z.enum(regionIds)).max(6),
    limits: z.array(z.object({ limit: z.enum(limitIds), note: z.string().max(160) }).strict()).max(7),
    minutes: z.number().int().min(15).max(240),
    daysAWeek: z.number().int().min(1).max(7),
    kitId: z.string().min(1).max(60),
    unit: z.enum(['kg', 'lb']),
    likes: z.string().max(200),
    health: z
      .object({
        askFirst: z.boolean(),
        reason: z.string().max(200),
        clearedBy: z.string().max(120),
        /** A day, or nothing when never asked. */
        askedOn: z.union([z.literal(''), daySchema]),
      })
      .strict(),
    formula: z.enum(['median', 'epley', 'brzycki', 'lombardi', 'mayhew', 'wathan', 'oconner', 'lander']),
    tests: z.array(liftRecordSchema).max(200),
    /** Tests that were deleted and can still be brought back, the last first. */
    deletedTests: z.array(z.object({ on: daySchema, test: liftRecordSchema }).strict()).max(200),
    /** Cues in the words that work for this client, by name of the catalogue. */
    cues: clientCuesSchema.optional(),
  })
  .strict();

export type Client = z.infer<typeof clientSchema>;

/** How it stands with the health screen: a yes nobody has cleared comes before when it was asked. */
export function healthScreen(
  client: Client,
  todayIso: string,
): 'ask first' | 'never asked' | 'over a year old' | 'current' {
  const { askedOn } = client.health;
  if (mustAskFirst(client)) return 'ask first';
  if (askedOn === '') return 'never asked';
  return Date.parse(todayIso) - Date.parse(askedOn) > 366 * 86_400_000 ? 'over a year old' : 'current';
}

/** A yes on the health screen that nobody has cleared. */
export const mustAskFirst = (client: Client): boolean =>
  client.health.askFirst && client.health.clearedBy.trim() === '';
