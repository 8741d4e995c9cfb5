import { z } from 'zod';
import { sampleClient } from '../examples';
import { expectPinned, expectPinnedMany } from '../testing/pinned';
import { atOneGo, daysAfter } from '../units';
import { aims } from '../session';
import { appraiseBlock } from './appraise-block';
import { applyChange } from './changes';
import { MOST_WEEKS, phaseAt, trainingBlockSchema, weeksOf, type LifeEvent } from './document';
import { difficultyOfShort, nameOf } from './difficulty';
import { dueOf, plannedIn } from './due';
import { answersFor, dayChanges, lifePreviews, sayLife, unsayLife } from './life';
import { followAgain, frozenSession, madeOf, sessionOfDay } from './making';
import { measureBlock, measureDay } from './measuring';
import { moveDay, moveEveryWeek, splitFrom } from './moving';
import { blockContext, blockPages, sampleBlock, sound } from './pages';
import { endsOn, placed } from './placing';
import { blockRemedies } from './remedies';
import { proposedRotations } from './rotating';
import { daySheet } from './sheets';
import { readShortDay, shortDayText } from './short-day';
import { keepsWeekdays, splits } from './splits';
import { gently, ordinaryWeek, shapes, startBlock, weeksFor } from './starting';
import { addDay, canGo, dropDay, nameDay, putOn } from './training-days';
import { dayText, setsText, toHalves, weeksText } from './words';

const context = blockContext(sound);
const block = sampleBlock(6);
const event = (what: LifeEvent['what'], from: string, to: string, then: LifeEvent['then'] = 'move') => ({
  id: what,
  what,
  from,
  to,
  then,
  note: '',
});
const days = (of: typeof block) => placed(of).map((p) => [p.day, p.date, p.training, p.state, p.session]);

test('what a block holds at most, and the splits and shapes it starts from, are what they were', () => {
  expectPinned(import.meta.dirname, 'bounds', {
    block: z.toJSONSchema(trainingBlockSchema),
    most: [MOST_WEEKS, weeksOf(block), [0, 3, 5, 9].map((w) => phaseAt(block, w))],
    splits,
    keeps: [7, 8, 14].map((length) => keepsWeekdays(Array(length))),
    shapes,
    weeks: aims.flatMap((aim) => [1, 4, 7, 12].map((n) => [aim, n, weeksFor(aim, n)])),
    gently: [ordinaryWeek, { sets: 2, reserve: -1, light: false }].map(gently),
  });
});

test('days are placed as they were, whatever comes between', () => {
  const lives = (['sick', 'travelling', 'shift', 'missed', 'other gym', 'away'] as const).flatMap((what) =>
    answersFor[what].flatMap((then) => [
      event(what, '2026-12-02', '2026-12-02', then),
      event(what, '2026-12-08', '2026-12-13', then),
    ]),
  );
  expectPinned(import.meta.dirname, 'placed', {
    plain: days(block),
    ends: endsOn(block),
    ...Object.fromEntries(
      lives.map((life) => [
        `${life.what} ${life.from} ${life.to} ${life.then}`,
        [
          days({ ...block, life: [life] }).filter((d, i) => d[1] !== days(block)[i]?.[1]),
          endsOn({ ...block, life: [life] }),
        ],
      ]),
    ),
    said: days(applyChange(block, {}, sayLife(block, lives.slice(0, 3))).block),
    unsaid: unsayLife({ ...block, life: lives.slice(0, 3) }, lives[0]!.id),
    changes: dayChanges(block, { ...block, life: lives.slice(4, 5) }),
    previews: lifePreviews(block, event('sick', '2026-12-03', '2026-12-06')),
    moves: [
      moveDay(block, 2, '2026-12-20'),
      moveDay(block, 4, '2026-11-30'),
      moveEveryWeek(block, 2, '2026-12-03'),
      moveEveryWeek(block, 1, '2026-12-01'),
    ],
    split: days(
      applyChange(
        block,
        {},
        splitFrom(block, '2026-12-12', { days: block.days, pattern: [...block.pattern].reverse() }),
      ).block,
    ),
    due: ['2026-11-30', '2026-12-02', '2026-12-25'].map((day) => [
      dueOf('b', block, day),
      plannedIn('b', block, day, 3),
    ]),
    made: [madeOf(block, placed(block)[0]!, 's', '2026-12-01'), followAgain(block, 0)],
    training: [
      putOn(block, 'push-a', { is: 'session', session: 'b' }),
      nameDay(block, 'push-a', 'Chest'),
      addDay(block, 'New day'),
      canGo(block, 'push-a'),
      dropDay(block, 'pull'),
    ],
    words: [
      dayText(block, 9),
      [[0], [0, 1, 2], [0, 2, 3, 5]].map(weeksText),
      [1, 2.24, 2.26, 3.76].map((n) => [toHalves(n), setsText(n)]),
    ],
  });
});

test('short days are read and written, and weighed, as they were', () => {
  const texts = [
    'back 8 hard',
    'back 8, biceps 4 easy',
    'legs 10 moderate, calves 4',
    'cardio 30',
    'x',
    'rear delts 3 hard',
  ];
  expectPinned(import.meta.dirname, 'short', {
    ...Object.fromEntries(
      texts.map((text) => {
        const { work, ...rest } = readShortDay(text);
        return [text, [work, rest, shortDayText(work), difficultyOfShort(work)]];
      }),
    ),
    names: [0, 3, 6, 9, 12, 20, 40].map(nameOf),
  });
});

test('the weeks of a block, what is found in them and what mends it are what they were', () => {
  const told = (of: typeof block, by: typeof context) => {
    const { weeks, findings } = appraiseBlock(of, by);
    return [
      weeks.map((w) => [
        w.from,
        w.rule,
        w.groups,
        w.isDone,
        w.days.map((d) => [d.minutes, d.difficulty, d.groups.chest]),
      ]),
      findings.map(({ fixes: _none, ...f }) => f),
    ];
  };
  const [first] = placed(block);
  const pushed = placed(block).find((p) => p.training === 'push-a')!;
  const measured = measureDay(block, context, pushed)!;
  expectPinned(import.meta.dirname, 'weeks', {
    sample: told(block, context),
    ...Object.fromEntries(
      Object.entries(blockPages).flatMap(([rule, { fires, quiet }]) => [
        [`${rule} fires`, told(fires.block, fires.context)[1]],
        [`${rule} is quiet`, told(quiet.block, quiet.context)[1]],
      ]),
    ),
    remedies: Object.entries(blockPages)
      .filter((_, i) => i % 5 === 0)
      .map(([rule, { fires }]) => [
        rule,
        atOneGo(blockRemedies(fires.block, fires.context, (f) => f.rule === rule)),
      ]),
    sheets: measureBlock(block, context)
      .weeks.slice(0, 2)
      .flatMap((w) => w.days.map((d) => daySheet(d))),
    rotations: proposedRotations(measureBlock({ ...block, rotateEvery: 3 }, context)),
    session: sessionOfDay(measured, '2026-12-04', 'handed over'),
    frozen: frozenSession(measured, '2026-12-04', new Map()),
    first,
    started: aims.map((aim) =>
      startBlock(
        'c',
        { ...sampleClient, aim },
        {
          title: 'Winter',
          split: splits[1]!,
          sessions: {},
          weeks: 8,
          startsOn: '2026-12-07',
          school: 'evidence',
        },
      ),
    ),
  });
});

test('many blocks are placed as they were', () => {
  const lives = (['sick', 'travelling', 'shift', 'missed', 'other gym', 'away'] as const).flatMap((what) =>
    answersFor[what].flatMap((then) =>
      [0, 2, 5, 11, 17].map((at) =>
        event(what, daysAfter(block.startsOn, at), daysAfter(block.startsOn, at + (at % 4)), then),
      ),
    ),
  );
  const patterns = [
    block.pattern,
    [...block.pattern, []],
    block.pattern.slice(0, 4),
    [['push-a'], [], ['push-b', 'pull']],
  ];
  const all = patterns.flatMap((pattern, p) => lives.map((life, i) => ({ pattern, p, life, i })));
  expectPinnedMany(
    [import.meta.dirname, 'many'],
    all,
    ({ p, life, i }) => `${p} ${life.what} ${life.from} ${life.then} ${i}`,
    ({ pattern, p, life, i }) => {
      const also = lives[(i * 7 + 3) % lives.length]!;
      const of = { ...block, pattern, life: [life, { ...also, id: 'also' }] };
      const from = daysAfter(block.startsOn, (i * 3) % 30);
      return [
        placed(of),
        endsOn(of),
        dueOf('b', of, from),
        plannedIn('b', of, from, 4),
        moveDay(of, i % 20, from),
        moveEveryWeek(of, i % 9, from),
        splitFrom(of, from, { days: block.days, pattern: patterns[(p + 1) % patterns.length]! }),
        lifePreviews(of, event('sick', from, daysAfter(from, 2))),
      ];
    },
  );
});
