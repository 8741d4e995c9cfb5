import { line, sampleClient, sampleKit, session } from '../examples';
import type { Client, Line, Session } from '../session';
import type { TrainingBlock } from './document';
import type { BlockContext } from './model';
import { readShortDay } from './short-day';
import { splits } from './splits';
import { ordinaryWeek, startBlock } from './starting';

/** A block to show what a rule hears. */
export interface BlockExample {
  /** What is special about it, in a few words. */
  says: string;
  block: TrainingBlock;
  context: BlockContext;
}

export interface BlockRulePage {
  fires: BlockExample;
  quiet: BlockExample;
}

const straight = (sets: number, lo: number, hi: number): Pick<Line, 'scheme'> => ({
  scheme: { kind: 'straight', sets, reps: { lo, hi } },
});

/** A push day that leads with the chest, and one that leads overhead and brings what the first leaves out. */
export const chestFirst = session(
  [
    line('barbell-bench-press', straight(4, 5, 8)),
    line('incline-dumbbell-press', straight(3, 8, 10)),
    line('cable-fly-high-to-low', straight(3, 12, 15)),
    line('cable-lateral-raise', straight(4, 12, 15)),
    line('cable-overhead-extension', straight(4, 10, 12)),
  ],
  { title: 'Push A' },
);
export const overheadFirst = session(
  [
    line('seated-dumbbell-press', straight(3, 8, 12)),
    line('incline-barbell-press', straight(3, 8, 10)),
    line('cable-fly-low-to-high', straight(3, 12, 15)),
    line('dumbbell-lateral-raise', straight(4, 12, 15)),
    line('incline-rear-raise', straight(4, 12, 15)),
    line('pushdown', straight(4, 10, 12)),
  ],
  { title: 'Push B', emphasis: 'deltSide' },
);

export const blockContext = (
  sessions: Readonly<Record<string, Session>>,
  client: Partial<Client> = {},
): BlockContext => ({
  client: { ...sampleClient, ...client },
  kits: { hall: sampleKit },
  sessions,
  logged: [],
  todayIso: '2026-11-24',
});

/** Two push days a week with pulling before each, from a Monday on. */
export function sampleBlock(weeks = 6, patch: Partial<TrainingBlock> = {}): TrainingBlock {
  const block = startBlock('c', sampleClient, {
    title: 'Autumn',
    split: splits.find((s) => s.id === 'twice')!,
    sessions: { 'push-a': 'a', 'push-b': 'b' },
    weeks,
    startsOn: '2026-11-30',
    school: 'evidence',
  });
  return {
    ...block,
    days: block.days.map((d) =>
      d.id === 'pull'
        ? { ...d, does: { is: 'short', work: readShortDay('back 8 hard, rotators 2 easy').work } }
        : d,
    ),
    ...patch,
  };
}

export const sound = { a: chestFirst, b: overheadFirst };

/** Every day of a block in short form, as it is typed. */
const typed = (days: Record<string, string>, pattern: string[][]): Partial<TrainingBlock> => ({
  days: Object.entries(days).map(([id, text]) => ({
    id,
    name: id[0]!.toUpperCase() + id.slice(1),
    does: { is: 'short', work: readShortDay(text).work },
  })),
  pattern,
});

const plain = sampleBlock(4).weeks.map(() => ordinaryWeek);

const [, inclineBar, lowFly, raise, rear, down] = overheadFirst.blocks.flatMap((b) => b.lines) as [
  Line,
  Line,
  Line,
  Line,
  Line,
  Line,
];
const bells = (lo: number, hi: number): Line => line('dumbbell-bench-press', straight(3, lo, hi));
const overhead = (lo: number, hi: number): Line => line('seated-dumbbell-press', straight(3, lo, hi));

const of = (
  says: string,
  patch: Partial<TrainingBlock>,
  sessions: Record<string, Session> = sound,
  context: Partial<BlockContext> = {},
): BlockExample => ({
  says,
  block: sampleBlock(patch.weeks?.length ?? 6, patch),
  context: { ...blockContext(sessions), ...context },
});

const quiet = of('two days that complement each other', { weeks: plain });

/** The second day with its lines changed. */
const second = (says: string, lines: Line[]): BlockExample =>
  of(says, { weeks: plain }, { a: chestFirst, b: session(lines, { title: 'Push B' }) });

const onePush = (pattern: string[][]): Partial<TrainingBlock> => ({ weeks: plain, pattern });
const rest: string[] = [];

/** One example on which each rule of the week speaks and one on which it does not: both are its tests. */
export const blockPages: Record<string, BlockRulePage> = {
  'day-stops': {
    fires: of(
      'a week that takes the reserve of a bench press to nothing, no spotter and no arms',
      { weeks: plain.map((w) => ({ ...w, reserve: -3 })) },
      {
        a: session([line('barbell-bench-press', { ...straight(4, 5, 8), reserve: { first: 4, last: 3 } })], {
          title: 'Push A',
        }),
        b: session([overhead(8, 12)], { title: 'Push B' }),
      },
      { kits: { hall: { ...sampleKit, rack: { count: 1, safetyArms: false } } } },
    ),
    quiet,
  },
  'too-close': {
    fires: of(
      'push days on Tuesday and Wednesday',
      onePush([['pull'], ['push-a'], ['push-b'], rest, rest, rest, rest]),
    ),
    quiet,
  },
  'helpers-tired': {
    fires: of('arms on Monday, pressing on Tuesday', {
      weeks: plain,
      days: [
        ...sampleBlock().days,
        {
          id: 'arms',
          name: 'Arms',
          does: { is: 'short', work: readShortDay('triceps 8 hard, biceps 8 hard').work },
        },
      ],
      pattern: [['arms'], ['push-a'], rest, ['pull'], ['push-b'], ['legs'], rest],
    }),
    quiet,
  },
  'week-over-band': {
    fires: of('twelve hard chest sets more on a day in short form', {
      weeks: plain,
      days: sampleBlock().days.map((d) =>
        d.id === 'legs' ? { ...d, does: { is: 'short', work: readShortDay('chest 12 hard').work } } : d,
      ),
    }),
    quiet: of('one push day', onePush([['pull'], rest, ['push-a'], rest, rest, rest, rest])),
  },
  'sets-jump': {
    fires: of('six sets more from one week to the next', {
      weeks: plain.map((w, i) => ({ ...w, sets: i < 2 ? -4 : 5 })),
    }),
    quiet,
  },
  'week-under-band': {
    fires: of('one push day a week', onePush([['pull'], rest, ['push-b'], rest, rest, rest, rest])),
    quiet: of('sets for everything in short form', {
      weeks: plain,
      ...typed(
        { all: 'chest 12 hard, front delt 8 hard, side delt 12 hard, rear delt 12 hard, triceps 12 hard' },
        [['all'], ...Array.from({ length: 6 }, () => rest)],
      ),
    }),
  },
  'week-lacks': {
    fires: of(
      'no rear delts on the only push day, no pull day',
      onePush([rest, ['push-a'], rest, rest, rest, rest, rest]),
    ),
    quiet,
  },
  'same-day-twice': {
    fires: second('the same movements twice', [
      line('barbell-bench-press', straight(3, 10, 12)),
      line('incline-dumbbell-press', { ...straight(3, 12, 15), id: 'again' }),
      line('cable-lateral-raise', { ...straight(4, 15, 20), id: 'raise-again' }),
    ]),
    quiet,
  },
  'same-plane': { fires: second('both begin with a chest press', [bells(10, 12), raise, rear, down]), quiet },
  'same-implement': {
    fires: of(
      'dumbbells lead on both',
      { weeks: plain },
      {
        a: session([line('incline-dumbbell-press', straight(4, 5, 8)), raise], { title: 'Push A' }),
        b: overheadFirst,
      },
    ),
    quiet,
  },
  'same-triceps': {
    fires: second('overhead extensions on both', [
      overhead(8, 12),
      inclineBar,
      line('overhead-extension', straight(3, 10, 12)),
    ]),
    quiet,
  },
  'same-reps': { fires: second('fives to eights on both', [overhead(5, 8), inclineBar, lowFly]), quiet },
  'pulling-against': {
    fires: of(
      'presses and nothing that pulls',
      onePush([rest, ['push-a'], rest, rest, ['push-b'], rest, rest]),
      {
        a: chestFirst,
        b: session([overhead(8, 12), inclineBar], { title: 'Push B' }),
      },
    ),
    quiet,
  },
  'no-rotation': {
    fires: of(
      'no rotators in the week',
      {
        weeks: plain,
        days: sampleBlock().days.map((d) =>
          d.id === 'pull' ? { ...d, does: { is: 'short', work: readShortDay('back 8 hard').work } } : d,
        ),
      },
      { a: chestFirst, b: session([overhead(8, 12), inclineBar], { title: 'Push B' }) },
    ),
    quiet,
  },
  'worth-spread': {
    fires: of(
      'everything for the chest on one day',
      onePush([['pull'], rest, ['push-a'], rest, rest, rest, rest]),
      {
        a: session([bells(8, 10), inclineBar, lowFly, line('chest-dip', straight(4, 8, 10))], {
          title: 'Push A',
        }),
        b: overheadFirst,
      },
    ),
    quiet,
  },
  'week-minutes': {
    fires: of(
      'forty minutes for an hour',
      { weeks: plain },
      { a: { ...chestFirst, minutes: 40 }, b: overheadFirst },
      { client: { ...sampleClient, minutes: 40 } },
    ),
    quiet,
  },
  'no-light-week': { fires: of('eight weeks on end', { weeks: [...plain, ...plain] }), quiet },
  'changed-together': {
    fires: of('two movements changed in week 4', {
      weeks: plain,
      rotations: ['barbell-bench-press', 'incline-dumbbell-press'].map((id) => ({
        session: 'a',
        line: id,
        fromWeek: 3,
        backIn: null,
        movement: 'dumbbell-press',
        rig: { benchDeg: 15 },
        says: 'Another bench',
      })),
    }),
    quiet,
  },
  'kit-ends': {
    fires: of(
      'a strong client and bells that end at 22 kg',
      { weeks: plain },
      {
        a: session([line('dumbbell-bench-press', straight(3, 8, 10))], { title: 'Push A' }),
        b: overheadFirst,
      },
      { kits: { hall: { ...sampleKit, dumbbells: sampleKit.dumbbells.filter((d) => d.kg <= 22) } } },
    ),
    quiet: of('one day with the bar', onePush([['pull'], rest, ['push-a'], rest, rest, rest, rest])),
  },
  'session-missing': { fires: of('a session that is gone', { weeks: plain }, { a: chestFirst }), quiet },
};
