import { z } from 'zod';
import { regionIds } from '../anatomy';
import { clientCuesSchema } from '../movements';
import { liftRecordSchema } from '../strength';
import { daySchema } from '../units';
import { bodyEntrySchema, coachNoteSchema, ratingSchema } from './body-log';
import { healthSchema, neverAsked } from './health';

export const limitIds = [
  'shoulder front',
  'shoulder unstable',
  'elbow',
  'wrist',
  'lower back',
  'blood pressure',
  'pec strain',
] as const;

/** How long somebody has trained with loads. */
export const trainingAges = ['under 1 year', '1 to 3 years', 'over 3 years'] as const;

export const aims = ['size', 'strength', 'both', 'endurance', 'slow', 'peaking'] as const;
export type Aim = (typeof aims)[number];
/** In what a client competes: lifting on the platform asks for pauses, the stage for shape. */
export const competitions = ['no', 'bench', 'stage'] as const;

/** A rule that is set aside for more than one session. */
export const asideSchema = z
  .object({ rule: z.string().min(1).max(60), reason: z.string().min(1).max(300), on: daySchema })
  .strict();
export type Aside = z.infer<typeof asideSchema>;

/** The newest version of the client document. */
export const clientVersion = 6;

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
    trainingAge: z.enum(trainingAges),
    goal: z.string().max(120),
    lagging: z.array(z.enum(regionIds)).max(6),
    limits: z.array(z.object({ limit: z.enum(limitIds), note: z.string().max(160) }).strict()).max(7),
    minutes: z.number().int().min(15).max(240),
    daysAWeek: z.number().int().min(1).max(7),
    kitId: z.string().min(1).max(60),
    unit: z.enum(['kg', 'lb']),
    likes: z.string().max(200),
    /** What the training is for: which repetitions and rests are at home. */
    aim: z.enum(aims),
    competes: z.enum(competitions),
    health: healthSchema,
    /** Rules that are not to speak for this client, with the coach's reason. */
    aside: z.array(asideSchema).max(60),
    /** Repetitions the client leaves more than they say, with three left, as the coach has watched; learnt from the log when left out. */
    judging: z.number().min(-3).max(4).optional(),
    /** What they are like is learnt from this day on; from the beginning when left out. */
    learntSince: daySchema.optional(),
    formula: z.enum(['median', 'epley', 'brzycki', 'lombardi', 'mayhew', 'wathan', 'oconner', 'lander']),
    tests: z.array(liftRecordSchema).max(200),
    /** Tests that were deleted and can still be brought back, the last first. */
    deletedTests: z.array(z.object({ on: daySchema, test: liftRecordSchema }).strict()).max(200),
    /** Bodyweight and girths by date. */
    body: z.array(bodyEntrySchema).max(2000),
    /** How far each region is, by the coach's eye. */
    ratings: z.array(ratingSchema).max(2000),
    /** What the coach wrote down, by date. */
    notes: z.array(coachNoteSchema).max(500),
    /** Cues in the words that work for this client, by name of the catalogue. */
    cues: clientCuesSchema.optional(),
  })
  .strict();

export type Client = z.infer<typeof clientSchema>;
export type LimitId = (typeof limitIds)[number];

/**
 * A client of whom only what nothing can be computed without is known; the rest is as it is for most, to be said later.
 *
 * @example newClient({ name: 'Ada Brook', statureM: 1.7, massKg: 64, trainingAge: '1 to 3 years', kitId: 'hall', unit: 'kg' })
 */
export const newClient = (
  known: Pick<Client, 'name' | 'statureM' | 'massKg' | 'trainingAge' | 'kitId' | 'unit'>,
): Client => ({
  format: 'drimbo.client',
  version: clientVersion,
  about: '',
  born: null,
  biacromialM: null,
  goal: 'Size',
  lagging: [],
  limits: [],
  minutes: 60,
  daysAWeek: 3,
  likes: '',
  aim: 'size',
  competes: 'no',
  health: neverAsked,
  aside: [],
  formula: 'median',
  tests: [],
  deletedTests: [],
  body: [],
  ratings: [],
  notes: [],
  ...known,
});
