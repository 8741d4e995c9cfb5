import fc from 'fast-check';
import { difficultyOfShort, nameOf } from './difficulty';
import { hardnesses, parts, partOf, readShortDay, shortDayText, type ShortWork } from './short-day';

test.each([
  [
    'back 8 hard, biceps 4',
    [
      { part: 'back', sets: 8, hard: 'hard' },
      { part: 'biceps', sets: 4, hard: 'medium' },
    ],
  ],
  [
    '6 sets of lats heavy; 3x rear delts easy',
    [
      { part: 'back', sets: 6, hard: 'hard' },
      { part: 'rear-delt', sets: 3, hard: 'easy' },
    ],
  ],
  [
    'Legs 10 and calves 4 light',
    [
      { part: 'quads', sets: 10, hard: 'medium' },
      { part: 'calves', sets: 4, hard: 'easy' },
    ],
  ],
  ['back 5 hard, rows 3 hard', [{ part: 'back', sets: 8, hard: 'hard' }]],
] as [string, ShortWork[]][])('“%s” is read', (text, work) => {
  expect(readShortDay(text)).toEqual({ work, unread: [] });
});

test('what is not understood is told and nothing of it is made up', () => {
  expect(readShortDay('back 8 hard, swimming 20 min, biceps')).toEqual({
    work: [{ part: 'back', sets: 8, hard: 'hard' }],
    unread: ['swimming 20 min', 'biceps'],
  });
  expect(readShortDay('')).toEqual({ work: [], unread: [] });
});

test('every day in short form is read back from its text', () => {
  const anyWork = fc.uniqueArray(
    fc.record({
      part: fc.constantFrom(...parts.map((p) => p.id)),
      sets: fc.integer({ min: 1, max: 40 }),
      hard: fc.constantFrom(...hardnesses),
    }),
    { selector: (w) => `${w.part} ${w.hard}`, maxLength: 8 },
  );
  fc.assert(
    fc.property(anyWork, (work) => {
      expect(readShortDay(shortDayText(work))).toEqual({ work, unread: [] });
    }),
  );
});

test('never throws, whatever is typed', () => {
  fc.assert(fc.property(fc.string({ maxLength: 200 }), (text) => readShortDay(text).work.length >= 0));
});

test('more sets, harder sets and bigger muscles make a harder day; its parts add up', () => {
  const sum = (text: string): number => difficultyOfShort(readShortDay(text).work).sum;
  expect(sum('quads 8 hard')).toBeGreaterThan(sum('quads 8 easy'));
  expect(sum('quads 8 hard')).toBeGreaterThan(sum('biceps 8 hard'));
  expect(sum('back 9 hard')).toBeGreaterThan(sum('back 8 hard'));
  const day = difficultyOfShort(readShortDay('quads 8 hard, calves 4').work);
  expect(day.terms.reduce((n, t) => n + t.points, 0)).toBeCloseTo(day.sum, 9);
  expect([nameOf(0), nameOf(10), nameOf(20), nameOf(40)]).toEqual(['light', 'medium', 'hard', 'very hard']);
  expect(partOf('quads').credits).toEqual({});
});
