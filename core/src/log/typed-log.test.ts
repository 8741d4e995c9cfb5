import fc from 'fast-check';
import { line, sampleContext, session } from '../examples';
import { measure } from '../measure';
import { plannedLog, readLog } from './typed-log';

const { lines } = measure(
  session([
    line('barbell-bench-press', { scheme: { kind: 'straight', sets: 4, reps: { lo: 6, hi: 8 } } }),
    line('incline-dumbbell-press', { scheme: { kind: 'straight', sets: 3, reps: { lo: 8, hi: 10 } } }),
    line('dumbbell-lateral-raise', { scheme: { kind: 'straight', sets: 3, reps: { lo: 12, hi: 15 } } }),
  ]),
  sampleContext,
);
const short = (text: string, unit: 'kg' | 'lb' = 'kg') =>
  readLog(text, lines, unit).sets.map(
    (s) => `${s.lineId.split('-')[0]} ${s.setIndex} ${s.loadKg}x${s.reps}@${s.reserve}`,
  );

test.each([
  ['bench 80 8 8 7 leave 1', ['barbell 0 80x8@null', 'barbell 1 80x8@null', 'barbell 2 80x7@1']],
  ['Bench press: 80x8, 82.5x6', ['barbell 0 80x8@null', 'barbell 1 82.5x6@null']],
  ['incline db 26 10 9, 24 9 left 0', ['incline 0 26x10@null', 'incline 1 26x9@null', 'incline 2 24x9@0']],
  ['lateral raise 8 × 15', ['dumbbell 0 8x15@null']],
  ['bench 80 8\nbench 80 7 2 left', ['barbell 0 80x8@null', 'barbell 1 80x7@2']],
])('“%s” is read', (text, sets) => {
  const read = readLog(text, lines, 'kg');
  expect(read.unread).toEqual([]);
  expect(short(text)).toEqual(sets);
});

test('pounds are read as pounds, and a marked load as it is marked', () => {
  const [first] = readLog('bench 225 5', lines, 'lb').sets;
  expect(first!.loadKg).toBeCloseTo(102.058, 2);
  expect(readLog('bench 100kg 5', lines, 'lb').sets[0]!.loadKg).toBe(100);
});

test.each([
  ['squat 100 5 5', /no movement of this session/],
  ['bench', /a load and repetitions/],
  ['bench 80', /a load and repetitions/],
  ['80 8 8', /begins with a movement/],
  ['bench 80 8 8 8 8 8', /has 4 sets, and this would be 5/],
  ['bench 900 3', /more than anybody lifts/],
])('“%s” is told and not guessed at', (text, why) => {
  const read = readLog(text, lines, 'kg');
  expect(read.sets).toEqual([]);
  expect(read.unread[0]!.why).toMatch(why);
});

test('the plan is a log that reads back to every set of it', () => {
  const read = readLog(plannedLog(lines, 'kg'), lines, 'kg');
  expect(read.unread).toEqual([]);
  expect(read.sets.map((s) => s.loadKg)).toEqual(lines.flatMap((m) => m.sets.map((s) => s.kg)));
});

test('a load that was found on the day is asked for, and never taken from the figures beside it', () => {
  const found = measure(
    session([line('wide-elbow-row', { scheme: { kind: 'straight', sets: 3, reps: { lo: 8, hi: 10 } } })]),
    sampleContext,
  ).lines;
  const text = plannedLog(found, 'kg');
  expect(text).toMatch(/: \? 8 8 8$/);
  const read = readLog(text, found, 'kg');
  expect([read.sets, read.unread.map((u) => u.why)]).toEqual([
    [],
    [expect.stringContaining('in the place of')],
  ]);
  expect(readLog(text.replace('?', '30'), found, 'kg').sets.map((s) => [s.loadKg, s.reps])).toEqual([
    [30, 8],
    [30, 8],
    [30, 8],
  ]);
});

test('never throws, and says no more sets than there are', () => {
  fc.assert(
    fc.property(
      fc.array(fc.oneof(fc.string({ maxLength: 40 }), fc.constantFrom('bench 80 8', 'raise 8x12 8x12')), {
        maxLength: 6,
      }),
      (rows) => {
        const { sets } = readLog(rows.join('\n'), lines, 'kg');
        expect(new Set(sets.map((s) => `${s.lineId} ${s.setIndex}`)).size).toBe(sets.length);
        for (const s of sets)
          expect(s.setIndex).toBeLessThan(lines.find((m) => m.id === s.lineId)!.sets.length);
      },
    ),
  );
});
