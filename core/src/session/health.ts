import { z } from 'zod';
import { daysBetween, daySchema } from '../units';

/** The questions of the health screen, each answered with yes or no. Common practice; no diagnosis. */
export const healthQuestions = {
  heart: 'Has a doctor ever spoken of a heart condition or of high blood pressure?',
  effort: 'Does effort bring pain in the chest, faintness, or breath that is shorter than it should be?',
  injury: 'Was a shoulder, elbow, wrist, the chest or the back hurt or operated on of late?',
  joints: 'Does a joint hurt at present? Which?',
  birth: 'Is there a pregnancy, or was there a birth within the last year?',
  medicines: 'Is anything taken that changes the heart rate or how the blood clots?',
  young: 'Is the client younger than eighteen?',
  restricted: 'Has a clinician ruled some kind of training out?',
  other: 'Is there anything else that speaks against hard training?',
} as const;
export type HealthQuestion = keyof typeof healthQuestions;
export const healthQuestionIds = Object.keys(healthQuestions) as HealthQuestion[];

const ADULT = 18;

export const healthSchema = z
  .object({
    /** True for yes. What is not in it was not asked. */
    answers: z.partialRecord(z.enum(healthQuestionIds), z.boolean()),
    note: z.string().max(200),
    /** A day, or nothing when never asked. */
    askedOn: z.union([z.literal(''), daySchema]),
    /** Who gave clearance after a yes, and on which day. */
    clearedBy: z.string().max(120),
    clearedOn: z.union([z.literal(''), daySchema]),
  })
  .strict();
export type Health = z.infer<typeof healthSchema>;

export const neverAsked: Health = { answers: {}, note: '', askedOn: '', clearedBy: '', clearedOn: '' };

/** Asked in full on a day, with these answers yes. */
export const askedOn = (day: string, yes: readonly HealthQuestion[] = []): Health => ({
  ...neverAsked,
  answers: Object.fromEntries(healthQuestionIds.map((q) => [q, yes.includes(q)])),
  askedOn: day,
});

interface Screened {
  health: Health;
  born: number | null;
}

/** The questions that a client answered with yes; the year of birth answers for the age. */
export function yesTo({ health, born }: Screened, todayIso: string): HealthQuestion[] {
  const young = born !== null && Number(todayIso.slice(0, 4)) - born < ADULT;
  return healthQuestionIds.filter((q) => health.answers[q] === true || (q === 'young' && young));
}

export const unansweredBy = ({ health }: Screened): HealthQuestion[] =>
  healthQuestionIds.filter((q) => health.answers[q] === undefined);

const isCleared = ({ clearedBy, clearedOn }: Health): boolean => clearedBy.trim() !== '' && clearedOn !== '';

/** A yes on the health screen that nobody has cleared. */
export const mustAskFirst = (client: Screened, todayIso: string): boolean =>
  yesTo(client, todayIso).length > 0 && !isCleared(client.health);

/** How it stands with the health screen: a yes nobody has cleared comes before when it was asked. */
export function healthScreen(
  client: Screened,
  todayIso: string,
): 'ask first' | 'never asked' | 'unfinished' | 'over a year old' | 'current' {
  if (mustAskFirst(client, todayIso)) return 'ask first';
  const { askedOn: day } = client.health;
  if (day === '') return 'never asked';
  if (unansweredBy(client).length > 0) return 'unfinished';
  return daysBetween(day, todayIso) > 366 ? 'over a year old' : 'current';
}

/** The answers after one of them changed: a new yes waits for a clearance of its own. */
export function answered(health: Health, question: HealthQuestion, yes: boolean, todayIso: string): Health {
  const isNew = yes && health.answers[question] !== true;
  return {
    ...health,
    answers: { ...health.answers, [question]: yes },
    askedOn: todayIso,
    ...(isNew ? { clearedBy: '', clearedOn: '' as const } : {}),
  };
}
