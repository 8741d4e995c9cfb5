import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import fc from 'fast-check';
import { gradeExample, gradeMessage, type Example, type ExampleMessage } from '../testing/reading-grade';
import { readPasted, type PasteContext } from './pasted';
import { readTypedLine } from './typed-line';

const corpus = resolve(import.meta.dirname, 'corpus');
const lines = (name: string): Example[] =>
  readFileSync(`${corpus}/${name}.jsonl`, 'utf8')
    .trim()
    .split('\n')
    .map((line) => JSON.parse(line) as Example);
const messages = JSON.parse(readFileSync(`${corpus}/messages.json`, 'utf8')) as ExampleMessage[];

// "unseen" was written with the others and first read when the reader was done: 105 of its 108 lines were exact.
describe.each(['examples', 'more', 'unseen'])('lines as coaches write them: %s', (name) => {
  const graded = lines(name).map(gradeExample);
  const told = (grade: string): string[] =>
    graded.filter((g) => g.grade === grade).map((g) => `${g.example.text}: ${g.why.join('; ')}`);

  test('none is read wrongly without a word', () => expect(told('silent')).toEqual([]));
  test('none is read wrongly at all, and no movement is missed', () =>
    expect([...told('marked'), ...told('failed')]).toEqual([]));
  test('as good as all are read whole', () => {
    const exact = graded.filter((g) => g.grade === 'exact').length;
    expect(exact / graded.length).toBeGreaterThanOrEqual(0.97);
  });
});

test.each(messages)('the movements and pairs of a message: $name', (message) => {
  const { isRight, grade } = gradeMessage(message);
  expect(isRight).toBe(true);
  expect(['exact', 'partly']).toContain(grade);
});

let n = 0;
const context: PasteContext = { unit: 'kg', school: 'evidence', newId: (stem) => `${stem}-${(n += 1)}` };

const scrap = fc.constantFrom(
  ...'bench incline db press 3x8 4 x 10-12 12,10,8 @ 80kg 82,5 70% of max RIR 2 RPE 8 rest 90s 2-3 min tempo 3110 31X0 , ; | / ( ) - + then last set to failure amrap drop x2 each side 30° w/ 2s pause squeeze top single 100x5 - [ ] * 1️⃣ ½ 20s ♥ squat leg A2) superset with into and or not do x . : '.split(
    ' ',
  ),
  '\t',
  '  ',
);
const anyText = fc.oneof(
  fc.array(scrap, { maxLength: 30 }).map((parts) => parts.join(' ')),
  fc.array(scrap, { maxLength: 20 }).map((parts) => parts.join('')),
  fc.string({ maxLength: 120 }),
);

test('no figure of a line is lost: it is read, or stands among what is kept', () => {
  fc.assert(
    fc.property(anyText, (text) => {
      const { stretches } = readTypedLine(text, 'kg');
      for (const { index } of text.matchAll(/\d/g))
        expect([text, index, stretches.some((s) => s.from <= index && index < s.to)]).toEqual([
          text,
          index,
          true,
        ]);
    }),
    { numRuns: 600 },
  );
});

test('what is kept stands in its order and as it was written, and nothing is kept and read at once', () => {
  fc.assert(
    fc.property(anyText, (text) => {
      const { stretches, unknown } = readTypedLine(text, 'kg');
      const kept = stretches.filter((s) => s.as === null);
      expect(kept.map((s) => text.slice(s.from, s.to))).toEqual(unknown);
      expect(kept.every((s, i) => i === 0 || kept[i - 1]!.to <= s.from)).toBe(true);
      for (const k of kept)
        expect(
          stretches.some(
            (s) => s.as !== null && s.from < k.to && k.from < s.to && s.text.length <= k.text.length,
          ),
        ).toBe(false);
    }),
    { numRuns: 300 },
  );
});

test('any message is read without harm, and its rows are in their order', () => {
  const anyMessage = fc.array(anyText, { maxLength: 8 }).map((rows) => rows.join('\n'));
  fc.assert(
    fc.property(anyMessage, (text) => {
      const { rows } = readPasted(text, context);
      expect(rows.filter((r) => r.kind === 'movement').every((r) => r.line !== null)).toBe(true);
      expect(rows[0]?.paired ?? false).toBe(false);
    }),
    { numRuns: 300 },
  );
});

// A pattern that tries every way of parting white space takes a hundred times as long for ten times the text.
test.each([
  ['spaces', (k: number) => `bench${' '.repeat(k)}3x8`],
  ['spaces at the end', (k: number) => `bench 3x8${' '.repeat(k)}x`],
  ['commas', (k: number) => '12,'.repeat(k / 3)],
  ['brackets', (k: number) => '('.repeat(k)],
  ['names', (k: number) => 'bench press '.repeat(k / 12)],
  ['dashes', (k: number) => '- '.repeat(k / 2)],
  ['stars', (k: number) => '*_'.repeat(k / 2)],
  ['movements', (k: number) => 'bench 3x8, '.repeat(k / 11)],
  ['lines', (k: number) => 'lat raise 3x15 rest 60s\n'.repeat(k / 24)],
])('time grows with the length of the text alone: %s', (_, made) => {
  const took = (k: number): number => {
    const text = made(k).slice(0, 20_000);
    const began = performance.now();
    readTypedLine(text, 'kg');
    readPasted(text, context);
    return performance.now() - began;
  };
  took(2000);
  expect(took(20_000)).toBeLessThan(40 * Math.max(took(2000), 5));
});

test('a text beyond what a session holds is refused in words, and nothing of it is read', () => {
  const { refused, rows } = readPasted('bench 3x8\n'.repeat(2100), context);
  expect(refused).toContain('21,000 letters');
  expect(rows).toEqual([]);
});

test('of two movements on one line each is read with the benches at hand and with what the coach meant', () => {
  const help = { notchesDeg: [0, 15, 30, 45], meant: ['8 kg'] };
  const text = 'incline db 3x8 second notch + lat raise 3x15 @8';
  const { rows } = readPasted(text, { ...context, help });
  expect(rows.map((r) => r.unknown)).toEqual([[], []]);
  expect(rows.map((r) => [r.line!.rig.benchDeg, r.line!.loadKg])).toEqual([
    [30, null],
    [undefined, 8],
  ]);
});
