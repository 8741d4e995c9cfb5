import { askedOn as askedOnDay } from '../session/health';
import { usualWeek } from '../schools/schools';
import { nearestDay } from '../units/dates';

/** A document as it lies in a file: its fields are known only once the schema has seen it. */
export type Raw = Record<string, unknown>;

/** From version n to n + 1. Pure; what it cannot read it leaves for the schema to refuse. */
type Step = (document: Raw) => Raw;

const isRaw = (value: unknown): value is Raw =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

const withDay = (record: unknown): unknown =>
  isRaw(record) && typeof record.date === 'string'
    ? { ...record, date: nearestDay(record.date) ?? record.date }
    : record;

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

const aboutSeveral = /^(redundant-presses|triceps-before-press|far-pair|kit-at-once) /;

const inAnyOrder = (aside: unknown): unknown => {
  if (!isRaw(aside) || typeof aside.finding !== 'string' || !aboutSeveral.test(aside.finding)) return aside;
  const [rule, ...lines] = aside.finding.split(' ');
  return { ...aside, finding: [rule, ...lines.sort()].join(' ') };
};

/** The steps of each kind of document, that from version 1 first. A new field is a step and a fixture. */
export const steps = {
  session: [
    // 2: a drop set may give each stage its own repetitions. Older ones have the same in every stage.
    (document) => document,
    // 3: the date is a day of the calendar. One that is none becomes the nearest.
    (document) => withDay(document) as Raw,
    // 4: the kind of day can be said, and the school may be one of the coach's own. Nobody had said either. A
    // finding about several movements is known by them in any order.
    (document) => ({
      ...document,
      dismissed: Array.isArray(document.dismissed) ? document.dismissed.map(inAnyOrder) : document.dismissed,
    }),
    // 5: how a finished session went. Nobody had said.
    (document) => document,
    // 6: what was changed on the floor stands beside the plan. Before, it was written over it.
    (document) => document,
    // 7: a session keeps the loads it was handed over with. Older ones go on by what the client can do today.
    (document) => document,
  ],
  client: [
    // 2: days are of the calendar. Of tests the nearest is taken; a health screen is asked for again.
    ({ health, tests, ...rest }) => ({
      ...rest,
      health: isRaw(health)
        ? { ...health, askedOn: (typeof health.askedOn === 'string' && nearestDay(health.askedOn)) || '' }
        : health,
      tests: Array.isArray(tests) ? tests.map(withDay) : tests,
    }),
    // 3: deleted tests are kept for a while. None was before.
    (document) => ({ ...document, deletedTests: [] }),
    // 4: one answer a question, a day for the clearance, what the training is for, rules set aside.
    ({ health, ...rest }) => ({
      ...rest,
      aim: 'size',
      competes: 'no',
      health: isRaw(health) ? answeredOneByOne(health) : health,
      aside: [],
    }),
    // 5: bodyweight and girths, ratings and notes by date. There were none.
    (document) => ({ ...document, body: [], ratings: [], notes: [] }),
  ],
  kit: [
    // 2: a block for the chest and raised handles can be there or not. Both were taken to be there.
    (document) => ({
      ...document,
      places: Array.isArray(document.places)
        ? [...(document.places as unknown[]), 'press block', 'raised handles']
        : document.places,
    }),
  ],
  school: [
    // 2: bands for the week. Those that nearly every school has.
    (document) => ({ ...document, weekBands: usualWeek }),
  ],
  block: [],
  notebook: [
    // 2: templates, and what was deleted for a while. There were none.
    (document) => ({ ...document, templates: [], deleted: [] }),
  ],
} as const satisfies Record<string, readonly Step[]>;

export type DocumentKind = keyof typeof steps;
export const documentKinds = Object.keys(steps) as DocumentKind[];

/** The version written today. */
export const versionOf = (kind: DocumentKind): number => steps[kind].length + 1;

/** A document of any version as one of the newest; what is none, or newer still, is given back as it is. */
export function newest(kind: DocumentKind, document: unknown): unknown {
  if (!isRaw(document)) return document;
  const from = Number(document.version);
  const way: readonly Step[] = steps[kind];
  if (!Number.isInteger(from) || from < 1 || from > way.length) return document;
  let found = document;
  for (const step of way.slice(from - 1)) found = step(found);
  return { ...found, version: versionOf(kind) };
}
