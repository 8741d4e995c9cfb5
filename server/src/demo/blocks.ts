import { dayOf, emptyBlock, gently, type LifeEvent, type TrainingBlock, weeksFor } from '@drimbo/core/block';
import type { Lifter } from '@drimbo/core/lifter';
import type { Aim, LimitId } from '@drimbo/core/session';
import { daysAfter, weekdayOf } from '@drimbo/core/units';

type Kept = Omit<LifeEvent, 'id' | 'from' | 'to' | 'note'> & { at: number; long: number; note?: string };

/** A block of the demo as a coach would say it, twelve weeks behind and four ahead, and whom it is lifted by. */
interface ToldBlock {
  id: string;
  client: string;
  title: string;
  school: string;
  phases: [aim: Aim, goal: string, weeks: number][];
  /** Training days: a session by id, or typed in short form. */
  days: Record<string, { name: string; session?: string; short?: string }>;
  pattern: string[][];
  life?: Kept[];
  rises?: boolean;
  lifter: Omit<Lifter, 'seed' | 'begins' | 'massKg' | 'sore'> & {
    /** A joint that complains, so many days before today and so long. */
    sore?: { limit: LimitId; before: number; long: number };
  };
}

const WEEKS_BEHIND = 12;
const rest: string[] = [];
const pull = { name: 'Pull', short: 'back 10 hard, biceps 4 medium, rotators 2 easy' };
const legs = { name: 'Legs', short: 'quads 8 hard, hamstrings 6 hard, calves 4 medium' };
const turns = ['push-a', 'push-b'];

/** Two nights every eight days: days on which nobody trains. Behind and ahead. */
const nights: Kept[] = Array.from({ length: 14 }, (_, i) => ({
  what: 'shift',
  then: 'catch up',
  at: 4 + 8 * i,
  long: 2,
  note: 'Nights',
}));

const told: ToldBlock[] = [
  {
    id: 'mirelle-stage',
    client: 'mirelle-vandoorn',
    title: 'To the stage',
    school: 'evidence',
    phases: [
      ['size', 'Upper chest and side delts', 12],
      ['size', 'Hold what is there, less each week', 4],
    ],
    days: {
      pull,
      'push-a': { name: 'Push A', session: 'mirelle-push-a' },
      'push-b': { name: 'Push B', session: 'mirelle-push-b' },
      legs,
    },
    // Three days on, one off: it drifts through the week.
    pattern: [['pull'], turns, ['legs'], rest],
    life: [{ what: 'travelling', then: 'move', at: 45, long: 3, note: 'A show out of town' }],
    lifter: { benchKg: 84, gain: 0.003, form: 0.018, judging: 0.6 },
  },
  {
    id: 'corvin-steady',
    client: 'corvin-haldt',
    title: 'Once a week, shoulder kept quiet',
    school: 'slow',
    phases: [['slow', 'Staying able', 16]],
    days: {
      pull: { name: 'Rowing and back', short: 'back 6 medium, rotators 2 easy, biceps 3 medium' },
      push: { name: 'Push', session: 'corvin-push' },
      legs: { name: 'Legs', short: 'quads 5 medium, glutes 4 medium, calves 3 medium' },
    },
    pattern: [['pull'], rest, ['push'], rest, ['legs'], rest, rest],
    life: [{ what: 'sick', then: 'leave out', at: 49, long: 6, note: 'A cold' }],
    lifter: { benchKg: 88, gain: 0.002, form: 0.02, judging: 0.8 },
  },
  {
    id: 'odalys-shifts',
    client: 'odalys-renske',
    title: 'Between the shifts',
    school: 'evidence',
    phases: [['size', 'Size and energy', 16]],
    days: {
      push: { name: 'Push', session: 'odalys-push-3' },
      pull: { name: 'Pull', short: 'back 8 hard, rear delt 3 medium, biceps 3 medium' },
      legs: { name: 'Legs', short: 'quads 6 hard, hamstrings 4 medium' },
    },
    pattern: [['pull'], ['push'], rest, ['legs'], rest, ['push'], rest],
    life: nights,
    lifter: {
      benchKg: 56,
      gain: 0.004,
      form: 0.03,
      judging: 0.8,
      sore: { limit: 'shoulder front', before: 9, long: 9 },
    },
  },
  {
    id: 'tamsin-first',
    client: 'tamsin-oyelo',
    title: 'First year',
    school: 'foundations',
    phases: [['size', 'Learn the lifts', 16]],
    days: {
      push: { name: 'Push', session: 'tamsin-push' },
      pull: { name: 'Pull', short: 'back 5 medium, rear delt 2 medium, biceps 2 medium' },
      legs: { name: 'Legs', short: 'quads 4 medium, hamstrings 3 medium' },
    },
    pattern: [['pull'], ['push'], rest, ['legs'], ['push'], rest, rest],
    life: [{ what: 'missed', then: 'catch up', at: 39, long: 1 }],
    rises: false,
    lifter: {
      benchKg: 34,
      gain: 0.011,
      form: 0.03,
      judging: 1.2,
      talents: { 'landmine-press': 1.7 },
    },
  },
  {
    id: 'ansgar-upper',
    client: 'ansgar-pellikaan',
    title: 'Upper and lower',
    school: 'evidence',
    phases: [['size', 'Long head, wrists spared', 16]],
    days: {
      'upper-a': { name: 'Upper A, push first', session: 'ansgar-push' },
      lower: { name: 'Lower', short: 'quads 6 hard, hamstrings 5 hard, calves 4 medium' },
      'upper-b': {
        name: 'Upper B, pull first',
        short: 'back 9 hard, chest 4 medium, side delt 3 medium, biceps 4 medium',
      },
    },
    pattern: [['upper-a'], ['lower'], rest, ['upper-b'], ['lower'], rest, rest],
    lifter: { benchKg: 99, gain: 0.0015, form: 0.02, judging: 0.6 },
  },
  {
    id: 'bram-bench',
    client: 'bram-otterlund',
    title: 'Bench, off the chest',
    school: 'strength',
    phases: [
      ['both', 'Build', 6],
      ['strength', 'Heavier', 6],
      ['strength', 'Heavier still', 4],
    ],
    days: {
      pull,
      'push-a': { name: 'Bench day', session: 'bram-push' },
      legs,
      'push-b': { name: 'Overhead day', session: 'bram-overhead' },
    },
    pattern: [['pull'], ['push-a'], rest, ['pull'], ['push-b'], ['legs'], rest],
    lifter: { benchKg: 164, gain: 0.0004, form: 0.015, judging: 0.5 },
  },
];

export interface DemoBlock {
  id: string;
  block: TrainingBlock;
  lifter: Omit<Lifter, 'massKg'>;
}

/** The lifter with the day a joint began to complain, where one does. */
const withDays = (
  { sore, ...lifter }: ToldBlock['lifter'],
  today: string,
): Omit<Lifter, 'seed' | 'begins' | 'massKg'> => ({
  ...lifter,
  ...(sore && {
    sore: {
      limit: sore.limit,
      from: daysAfter(today, -sore.before),
      to: daysAfter(today, sore.long - sore.before),
    },
  }),
});

/** The blocks of the demo for the day it is made on: each began on a Monday so many weeks ago. */
export function demoBlocks(today: string, weeksBehind = WEEKS_BEHIND): DemoBlock[] {
  const startsOn = daysAfter(today, -weekdayOf(today) - 7 * weeksBehind);
  return told.map((t) => ({
    id: t.id,
    lifter: {
      ...withDays(t.lifter, today),
      seed: t.id,
      begins: startsOn,
    },
    block: emptyBlock({
      title: t.title,
      clientId: t.client,
      school: t.school,
      startsOn,
      phases: t.phases.map(([aim, goal, weeks]) => ({ aim, goal, weeks, reps: 'as written' })),
      days: Object.entries(t.days).map(([id, { name, session, short }]) => dayOf(id, name, session, short)),
      pattern: t.pattern,
      weeks: t.phases
        .flatMap(([aim, , weeks]) => weeksFor(aim, weeks))
        .map((w) => (t.rises === false ? gently(w) : w)),
      rotateEvery: t.rises === false ? null : 4,
      life: (t.life ?? []).map(({ at, long, note, ...event }, i) => ({
        id: `${t.id}-${i + 1}`,
        ...event,
        from: daysAfter(startsOn, at),
        to: daysAfter(startsOn, at + long - 1),
        note: note ?? '',
      })),
    }),
  }));
}
