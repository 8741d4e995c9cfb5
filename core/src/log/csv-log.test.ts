import fc from 'fast-check';
import { line, sampleContext, session } from '../examples';
import { measure } from '../measure';
import { logFromTable } from './csv-log';
import { readLog } from './typed-log';

const { lines } = measure(
  session([
    line('barbell-bench-press', { scheme: { kind: 'straight', sets: 4, reps: { lo: 6, hi: 8 } } }),
    line('dumbbell-lateral-raise', { scheme: { kind: 'straight', sets: 3, reps: { lo: 12, hi: 15 } } }),
  ]),
  sampleContext,
);
const text = (rows: string[][]): string => {
  const read = logFromTable(rows);
  return 'text' in read ? read.text : `wrong: ${read.wrong}`;
};

test('a table of sets becomes lines that the typed log reads, set by set with what each left', () => {
  const said = text([
    ['Date', 'Exercise', 'Set', 'Weight (kg)', 'Reps', 'RIR'],
    ['2026-11-20', 'Bench press', '1', '80', '8', '3'],
    ['2026-11-20', 'Bench press', '2', '82,5', '6', '1'],
    ['2026-11-20', 'Lateral raise', '1', '8', '15', ''],
  ]);
  const read = readLog(said, lines, 'lb');
  expect(read.unread).toEqual([]);
  expect(read.sets.map((s) => [s.setIndex, s.loadKg, s.reps, s.reserve])).toEqual([
    [0, 80, 8, 3],
    [1, 82.5, 6, 1],
    [0, 8, 15, null],
  ]);
});

test('pounds in the heading, and a mark in the cell before it', () => {
  expect(
    text([
      ['lift', 'load lb', 'reps'],
      ['Bench', '225', '5'],
    ]),
  ).toBe('Bench: 225lb 5');
  expect(
    text([
      ['lift', 'load lb', 'reps'],
      ['Bench', '100 kg', '5'],
    ]),
  ).toBe('Bench: 100kg 5');
  expect(
    text([
      ['name', 'load', 'reps'],
      ['Bench', '100', '5'],
    ]),
  ).toBe('Bench: 100 5');
});

test.each([
  [[['movement', 'load', 'reps']], /no rows/],
  [
    [
      ['movement', 'reps'],
      ['Bench', '5'],
    ],
    /no column for load/,
  ],
  [
    [
      ['movement', 'load', 'reps'],
      ['Bench', 'heavy', '5'],
    ],
    /^wrong: Row 2 is no set: “Bench, heavy, 5”/,
  ],
  [
    [
      ['movement', 'load', 'reps', 'rir'],
      ['Bench', '80', '5', 'some'],
    ],
    /Row 2: “some” is no number/,
  ],
  [
    [
      ['date', 'movement', 'load', 'reps'],
      ['1', 'Bench', '80', '5'],
      ['2', 'Bench', '80', '5'],
    ],
    /holds 2 days \(1, 2\)/,
  ],
])('what is wrong is said with its row', (rows, says) => {
  expect(text(rows)).toMatch(says);
});

test('never throws, whatever the cells hold', () => {
  fc.assert(
    fc.property(fc.array(fc.array(fc.string(), { maxLength: 6 }), { maxLength: 6 }), (rows) => {
      const read = logFromTable([['movement', 'load', 'reps', 'left'], ...rows]);
      expect('text' in read || read.wrong.length > 10).toBe(true);
    }),
  );
});
