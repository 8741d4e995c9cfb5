import fc from 'fast-check';
import { sampleClient } from '../examples';
import { aims } from '../session';
import { dueOf, plannedIn } from './due';
import { trainingBlockSchema } from './document';
import { sampleBlock } from './pages';
import { splits } from './splits';
import { startBlock, weeksFor } from './starting';
import { weeksText } from './words';

test('weeks rise, leave less, and rest at the end of each run', () => {
  expect(weeksFor('size', 6).map((w) => [w.sets, w.reserve, w.light])).toEqual([
    [0, 1, false],
    [1, 1, false],
    [1, 0, false],
    [2, 0, false],
    [2, -1, false],
    [0, 0, true],
  ]);
});

test('phases of any length have as many weeks, never seven hard ones on end, and none lighter under four weeks', () => {
  fc.assert(
    fc.property(fc.constantFrom(...aims), fc.integer({ min: 1, max: 26 }), (aim, weeks) => {
      const rules = weeksFor(aim, weeks);
      expect(rules).toHaveLength(weeks);
      if (weeks < 4) expect(rules.some((w) => w.light)).toBe(false);
      else expect(rules.at(-1)!.light).toBe(true);
      let run = 0;
      for (const w of rules) {
        run = w.light ? 0 : run + 1;
        expect(run).toBeLessThanOrEqual(9);
      }
    }),
  );
});

test('somebody in the first year keeps the reserve, gains a set at most, and changes no movement', () => {
  const block = startBlock(
    'c',
    { ...sampleClient, trainingAge: 'under 1 year' },
    {
      title: 'First',
      split: splits[0]!,
      sessions: {},
      weeks: 6,
      startsOn: '2026-11-30',
      school: 'foundations',
    },
  );
  expect(block.weeks.every((w) => w.sets <= 1 && w.reserve >= 0)).toBe(true);
  expect(block.rotateEvery).toBe(null);
  expect(trainingBlockSchema.safeParse(block).error).toBe(undefined);
});

test('what is due: today, next, and what was not done', () => {
  const block = sampleBlock(2, {
    made: [{ day: 0, training: 'pull', session: null, on: '2026-11-30' }],
  });
  expect(dueOf('x', block, '2026-12-01')).toMatchObject({
    today: { name: 'Push A', session: 'a', isDone: false },
    next: { name: 'Pull', date: '2026-12-03' },
    open: [],
  });
  expect(dueOf('x', block, '2026-12-02')).toMatchObject({
    today: null,
    open: [{ name: 'Push A', date: '2026-12-01' }],
  });
  expect(dueOf('x', block, '2027-02-01')).toBe(null);
  expect(plannedIn('x', block, '2026-12-03', 2).map((p) => [p.name, p.date, p.session])).toEqual([
    ['Pull', '2026-12-03', null],
    ['Push B', '2026-12-04', 'b'],
  ]);
});

test('weeks are told as people count them', () => {
  expect([weeksText([2]), weeksText([4, 2, 3]), weeksText([0, 2])]).toEqual([
    'week 3',
    'weeks 3–5',
    'weeks 1 and 3',
  ]);
});
