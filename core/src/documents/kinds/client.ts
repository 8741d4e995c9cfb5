import { regions } from '../../anatomy';
import { askedOn as askedOnDay, type Client, clientSchema } from '../../session';
import { nearestDay } from '../../units';
import { documentKind } from '../kind';
import { isRaw } from '../opening';
import { listed } from '../plain-words';
import type { Raw } from '../record';
import { gym } from '../references';
import { dayOf } from './days';

/**
 * The health screen was one box for all its questions: without a tick each was answered no; a tick says that there
 * was a yes, not to what.
 */
function answeredOneByOne({ askFirst, reason, clearedBy, askedOn }: Raw): Raw {
  const wasAsked = askedOn !== '';
  const answers = askFirst === true ? { other: true } : wasAsked ? askedOnDay('2000-01-01').answers : {};
  const isCleared = typeof clearedBy === 'string' && clearedBy.trim() !== '';
  return { answers, note: reason, askedOn, clearedBy, clearedOn: isCleared ? askedOn : '' };
}

/** Who is coached, and everything the planner knows about them. */
export const clientKind = documentKind<'client', Client>({
  kind: 'client',
  name: 'client',
  schema: clientSchema,
  steps: [
    {
      // Of tests the nearest is taken; a health screen is asked for again.
      name: 'days are of the calendar',
      does: ({ health, tests, ...rest }) => ({
        ...rest,
        health: isRaw(health)
          ? { ...health, askedOn: (typeof health.askedOn === 'string' && nearestDay(health.askedOn)) || '' }
          : health,
        tests: Array.isArray(tests) ? tests.map(dayOf) : tests,
      }),
    },
    {
      name: 'deleted tests are kept for a while',
      does: (document) => ({ ...document, deletedTests: [] }),
    },
    {
      name: 'one answer a question, a day for the clearance, an aim, rules set aside',
      does: ({ health, ...rest }) => ({
        ...rest,
        aim: 'size',
        competes: 'no',
        health: isRaw(health) ? answeredOneByOne(health) : health,
        aside: [],
      }),
    },
    {
      name: 'bodyweight and girths, ratings and notes by date',
      does: (document) => ({ ...document, body: [], ratings: [], notes: [] }),
    },
    // Nobody had said.
    { name: 'how they judge what is left, and since when it is learnt', does: (document) => document },
  ],
  splits: {},
  names: {
    name: 'Name',
    judging: 'Leaves more than they say by',
    learntSince: 'What they are like is learnt since',
    about: 'About',
    born: 'Born',
    statureM: 'Height, m',
    massKg: 'Bodyweight, kg',
    biacromialM: 'Shoulder breadth, m',
    trainingAge: 'Training age',
    goal: 'Goal',
    lagging: 'Weak points',
    limits: 'Injuries and limits',
    minutes: 'Minutes',
    daysAWeek: 'Days a week',
    kitId: 'Gym',
    unit: 'Loads in',
    likes: 'Likes, and feels',
    aim: 'Trains for',
    competes: 'Competes',
    health: 'Health screen',
    aside: 'Rules set aside',
    formula: 'Formula',
    tests: 'Tests',
    deletedTests: 'Deleted tests',
    body: 'Bodyweight and girths',
    ratings: 'Ratings of regions',
    notes: 'Notes',
    cues: 'Cues',
  },
  words: {
    lagging: (ids: Client['lagging']) => listed(ids.map((id) => regions[id].name)),
    limits: (limits: Client['limits']) => listed(limits.map(({ limit }) => limit)),
    tests: (tests: Client['tests']) => listed(tests.map(({ movement }) => movement)),
  },
  refersTo: ({ kitId }) => [gym(kitId, 'kitId')],
  isSingle: false,
  owner: null,
});
