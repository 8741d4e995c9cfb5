import fc from 'fast-check';
import { daysAfter, daysBetween, weekdayOf } from '../units';
import { lifeEventSchema, trainingBlockSchema, type LifeEvent, type TrainingBlock } from './document';
import { dayChanges, lifePreviews, sayLife, unsayLife } from './life';
import { moveDay, moveEveryWeek, splitFrom } from './moving';
import { sampleBlock } from './pages';
import { endsOn, placed } from './placing';
import { keepsWeekdays, splits } from './splits';
import { startBlock } from './starting';
import { sampleClient } from '../examples';

const START = '2026-11-30';

const anyBlock: fc.Arbitrary<TrainingBlock> = fc
  .record({ split: fc.constantFrom(...splits), weeks: fc.integer({ min: 1, max: 14 }) })
  .map(({ split, weeks }) =>
    startBlock('c', sampleClient, {
      title: 'Any',
      split,
      sessions: {},
      weeks,
      startsOn: START,
      school: 'evidence',
    }),
  );

const anyEvent: fc.Arbitrary<LifeEvent> = fc
  .record({
    at: fc.integer({ min: 0, max: 80 }),
    long: fc.integer({ min: 1, max: 9 }),
    then: fc.constantFrom('move' as const, 'catch up' as const),
    id: fc.uuid(),
  })
  .map(({ at, long, then, id }) => ({
    id,
    what: 'away',
    from: daysAfter(START, at),
    to: daysAfter(START, at + long - 1),
    then,
    note: '',
  }));

const orderOf = (block: TrainingBlock): number[] => placed(block).map((p) => p.day);

test.each(splits.map((s) => [s.name, s] as const))('%s makes a sound block of any length', (_name, split) => {
  for (const weeks of [1, 4, 6, 12, 52])
    expect(
      trainingBlockSchema.safeParse(
        startBlock('c', sampleClient, {
          title: 'x',
          split,
          sessions: {},
          weeks,
          startsOn: START,
          school: 'evidence',
        }),
      ).error,
    ).toBe(undefined);
});

test('three on, one off drifts: push falls a day of the week later every cycle of four', () => {
  const block = startBlock('c', sampleClient, {
    title: 'Drift',
    split: splits.find((s) => s.id === 'three-and-one')!,
    sessions: {},
    weeks: 6,
    startsOn: START,
    school: 'evidence',
  });
  const push = placed(block).filter((p) => p.training.startsWith('push'));
  // Tuesday, then every fourth day: Saturday, Wednesday, Sunday, Thursday, Monday, Friday, Tuesday.
  expect(push.slice(0, 8).map((p) => weekdayOf(p.date))).toEqual([1, 5, 2, 6, 3, 0, 4, 1]);
  expect(push.slice(0, 4).map((p) => p.training)).toEqual(['push-a', 'push-b', 'push-a', 'push-b']);
});

test('six and one keeps to its weekdays, for as long as the block goes', () => {
  const block = sampleBlock(12);
  const push = placed(block).filter((p) => p.training === 'push-b');
  expect(push).toHaveLength(12);
  expect(new Set(push.map((p) => weekdayOf(p.date)))).toEqual(new Set([4]));
});

test('days away never lose a session, never change their order, and never bring one forward', () => {
  fc.assert(
    fc.property(anyBlock, fc.array(anyEvent, { maxLength: 4 }), (block, life) => {
      const before = placed(block);
      const after = placed({ ...block, life });
      expect(after.map((p) => p.day)).toEqual(before.map((p) => p.day));
      for (const p of after) {
        expect(p.state).toBe('planned');
        expect(p.date >= p.planned).toBe(true);
      }
      for (let i = 1; i < after.length; i += 1) expect(after[i]!.date > after[i - 1]!.date).toBe(true);
    }),
    { numRuns: 200 },
  );
});

test('a day that is away holds no training where the days catch up', () => {
  fc.assert(
    fc.property(anyBlock, fc.array(anyEvent, { minLength: 1, maxLength: 3 }), (block, events) => {
      const life = events.map((e) => ({ ...e, then: 'catch up' as const }));
      for (const p of placed({ ...block, life }))
        expect(life.some((e) => p.date >= e.from && p.date <= e.to)).toBe(false);
    }),
    { numRuns: 200 },
  );
});

test('a split that drifts shifts by no more than the days that were lost', () => {
  const drifting = anyBlock.filter((b) => !keepsWeekdays(b.pattern));
  fc.assert(
    fc.property(drifting, anyEvent, (block, event) => {
      const lost = daysBetween(event.from, event.to) + 1;
      const after = placed({ ...block, life: [event] });
      for (const p of after) expect(daysBetween(p.planned, p.date)).toBeLessThanOrEqual(lost);
      // Nothing before it moves at all.
      for (const p of after.filter((x) => x.planned < event.from)) expect(p.date).toBe(p.planned);
    }),
    { numRuns: 200 },
  );
});

test('days that keep to their weekdays move by whole weeks', () => {
  const event: LifeEvent = {
    id: 'e',
    what: 'sick',
    from: '2026-12-08',
    to: '2026-12-10',
    then: 'move',
    note: '',
  };
  const after = placed({ ...sampleBlock(), life: [event] });
  for (const p of after) expect(daysBetween(p.planned, p.date) % 7).toBe(0);
  expect(after.filter((p) => p.date !== p.planned).map((p) => p.planned)[0]).toBe('2026-12-08');
});

test('a done day stays where and what it was, whatever happens to the rest', () => {
  fc.assert(
    fc.property(anyBlock, fc.array(anyEvent, { maxLength: 3 }), fc.nat(20), (block, life, at) => {
      const days = placed(block);
      const p = days[at % days.length]!;
      const on = daysAfter(p.date, 1);
      const done = { ...block, made: [{ day: p.day, training: p.training, session: 'as-it-was', on }] };
      const after = placed({ ...done, life, pattern: [[block.days[0]!.id], []] });
      expect(after.find((x) => x.day === p.day)).toMatchObject({
        date: on,
        state: 'done',
        session: 'as-it-was',
      });
      expect(after.filter((x) => x.day === p.day)).toHaveLength(1);
    }),
    { numRuns: 100 },
  );
});

test('a day that was caught up with and falls ill again is moved, not caught up with once more', () => {
  const life: LifeEvent[] = [
    { id: 'a', what: 'shift', from: '2026-12-01', to: '2026-12-02', then: 'catch up', note: '' },
    { id: 'b', what: 'sick', from: '2026-12-03', to: '2026-12-03', then: 'move', note: '' },
  ];
  const after = placed({ ...sampleBlock(), life });
  expect(after.filter((p) => p.day <= 4).map((p) => p.date)).toEqual([
    '2026-11-30',
    '2026-12-10',
    '2026-12-11',
    '2026-12-12',
  ]);
});

test('left out, lighter, in another gym: said once, shown before it is kept, taken back in one go', () => {
  const block = sampleBlock();
  const event = { id: 'e', what: 'sick' as const, from: '2026-12-01', to: '2026-12-01', note: '' };
  const previews = lifePreviews(block, event);
  expect(previews.map((p) => p.then)).toEqual(['move', 'catch up', 'leave out', 'lighter']);
  const [move, catchUp, leaveOut, lighter] = previews as [(typeof previews)[0], ...typeof previews];
  expect(move.ends).toEqual({ before: '2027-01-10', after: '2027-01-16' });
  expect(catchUp!.changes.map((c) => [c.name, c.from, c.to])).toEqual([
    ['Push A', '2026-12-01', '2026-12-02'],
  ]);
  expect(leaveOut!.changes).toEqual([
    { day: 1, name: 'Push A', from: '2026-12-01', to: null, says: 'is left out' },
  ]);
  expect(lighter!.changes.map((c) => c.says)).toEqual(['becomes lighter']);
  for (const { change } of previews) {
    const said = { ...block, ...change.block };
    expect(trainingBlockSchema.safeParse(said).error).toBe(undefined);
    expect({ ...said, ...unsayLife(said, 'e').block }).toEqual(block);
  }
  const there = {
    ...block,
    ...sayLife(block, [{ ...event, what: 'other gym', then: 'stay', kitId: 'loft' }]).block,
  };
  expect(
    placed(there)
      .filter((p) => p.kitId === 'loft')
      .map((p) => p.date),
  ).toEqual(['2026-12-01']);
  expect(dayChanges(there, block).map((c) => c.says)).toEqual(['is in the usual gym']);
});

test('a day is dragged onto another: they change; dragged back, nothing is left of it', () => {
  const block = sampleBlock();
  const moved = { ...block, ...moveDay(block, 1, '2026-12-04')!.block };
  const on = (b: TrainingBlock, date: string): string | undefined =>
    placed(b).find((p) => p.date === date)?.training;
  expect([on(moved, '2026-12-04'), on(moved, '2026-12-01')]).toEqual(['push-a', 'push-b']);
  const back = { ...moved, ...moveDay(moved, 1, '2026-12-01')!.block };
  expect(back.moved).toEqual([]);
  expect(orderOf(back)).toEqual(orderOf(block));
  expect(moveDay(block, 2, '2026-12-09')).toBe(null);
});

test('for every week the pattern changes; a drifting one has no weekdays to change', () => {
  const block = sampleBlock();
  const { pattern } = moveEveryWeek(block, 1, '2026-12-02')!.block;
  expect(pattern!.slice(0, 3)).toEqual([['pull'], [], ['push-a']]);
  expect(moveEveryWeek({ ...block, pattern: [['pull'], ['push-a'], ['legs'], []] }, 1, '2026-12-02')).toBe(
    null,
  );
});

test('another split from next week on leaves what is done', () => {
  const block = { ...sampleBlock(), made: [{ day: 1, training: 'push-a', session: 's', on: '2026-12-01' }] };
  const split = { days: [{ ...block.days[1]!, id: 'new' }], pattern: [['new'], [], []] };
  const after = { ...block, ...splitFrom(block, '2026-12-03', split).block };
  expect(trainingBlockSchema.safeParse(after).error).toBe(undefined);
  expect(
    placed(after)
      .slice(0, 3)
      .map((p) => [p.date, p.training, p.state]),
  ).toEqual([
    ['2026-12-01', 'push-a', 'done'],
    ['2026-12-07', 'new', 'planned'],
    ['2026-12-10', 'new', 'planned'],
  ]);
  expect(endsOn(after) >= endsOn(block)).toBe(true);
});

test('bad events and bad blocks are refused with their path', () => {
  expect(
    lifeEventSchema.safeParse({
      id: 'e',
      what: 'sick',
      from: '2026-12-02',
      to: '2026-12-01',
      then: 'move',
      note: '',
    }).success,
  ).toBe(false);
  const bad = trainingBlockSchema.safeParse({ ...sampleBlock(), pattern: [['nobody']] });
  expect(bad.error?.issues[0]).toMatchObject({
    path: ['pattern', 0, 0],
    message: 'there is no training day "nobody"',
  });
  expect(trainingBlockSchema.safeParse({ ...sampleBlock(), weeks: [] }).success).toBe(false);
});
