import fc from 'fast-check';
import { schools } from '../schools';
import { lineSchema, schemeText } from '../session';
import { lineFromTyped, readTypedLine } from './typed-line';

test('the line a coach writes', () => {
  const typed = readTypedLine('4x6-8 incline db press 30° rest 2 min leave 3 then 1', 'kg');
  expect(typed.entry!.id).toBe('incline-dumbbell-press');
  expect(typed.rig).toEqual({ benchDeg: 30 });
  expect(typed.patch).toEqual({
    scheme: { kind: 'straight', sets: 4, reps: { lo: 6, hi: 8 } },
    reserve: { first: 3, last: 1 },
    restS: 120,
  });
  expect(typed.unknown).toEqual([]);
});

test.each([
  ['bench press 12, 9, 6, 4 @ 80kg', { scheme: { kind: 'ascending', reps: [12, 9, 6, 4] }, loadKg: 80 }],
  [
    'lateral raise 4 sets of 12-15 90s rest tempo 2-0-1-1',
    {
      scheme: { kind: 'straight', sets: 4, reps: { lo: 12, hi: 15 } },
      restS: 90,
      tempo: { lower: 2, stretched: 0, lift: 1, shortened: 1 },
    },
  ],
  [
    'smith incline 3x10 45lb',
    { scheme: { kind: 'straight', sets: 3, reps: { lo: 10, hi: 10 } }, loadKg: 20.412 },
  ],
  [
    'dips 3x8 to failure',
    { scheme: { kind: 'straight', sets: 3, reps: { lo: 8, hi: 8 } }, reserve: { first: 0, last: 0 } },
  ],
  [
    'pushdown 3x12 2 in reserve',
    { scheme: { kind: 'straight', sets: 3, reps: { lo: 12, hi: 12 } }, reserve: { first: 2, last: 2 } },
  ],
])('%p', (text, patch) => expect(readTypedLine(text, 'kg').patch).toEqual(patch));

test('a bare load is in the unit of the client', () => {
  expect(readTypedLine('bench press 3x5 @225', 'lb').patch.loadKg).toBeCloseTo(102.058, 3);
});

test.each([
  ['bench pyramid 12, 10, 8', 'ascending'],
  ['bench 8/10/12 pyramid', 'descending'],
])('%p is a pyramid and leaves no word over', (text, kind) => {
  const typed = readTypedLine(text, 'kg');
  expect([typed.patch.scheme?.kind, typed.unknown]).toEqual([kind, []]);
});

test('a setting word goes to the rig where it is no part of the name', () => {
  const typed = readTypedLine('neutral incline db press 3x10', 'kg');
  expect([typed.entry!.id, typed.rig]).toEqual(['incline-dumbbell-press', { forearm: 'neutral' }]);
});

test('what is not understood is kept', () => {
  expect(readTypedLine('cable fly low to high 3x12-15 wobble', 'kg').unknown).toEqual(['wobble']);
  expect(readTypedLine('zzz qqq', 'kg')).toMatchObject({ entry: null, unknown: ['zzz qqq'] });
});

test('any text at all is read without harm, and a line made of it is valid', () => {
  fc.assert(
    fc.property(fc.string({ maxLength: 120 }), fc.constantFrom('bench ', 'flys ', ''), (noise, start) => {
      const made = lineFromTyped(readTypedLine(start + noise, 'kg'), schools.evidence, 'x');
      if (made) expect(lineSchema.safeParse(made).success).toBe(true);
    }),
    { numRuns: 400 },
  );
});

test.each([
  ['lat raise 3x12 partials', { rig: { range: 'lengthened half' } }],
  ['pushdown 3x12 one and a half reps', { rig: { range: 'one and a half' } }],
  ['cable fly 3x12 with lengthened partials leave 1', { rig: { range: 'lengthened half' } }],
  ['db bench 3x8 1.5 reps', { rig: { range: 'one and a half' } }],
  ['incline db 3x8 pause 3s', { tempo: { stretched: 3 } }],
  ['cable lateral raise 3x12 each side squeeze 10s between sets', { squeezeS: 10 }],
])('%p: what is done with the repetitions', (text, line) => {
  const typed = readTypedLine(text, 'kg');
  expect(typed.unknown).toEqual([]);
  expect(lineFromTyped(typed, schools.evidence, 'x')).toMatchObject(line);
});

test('a range the movement does not have is kept as not understood', () => {
  const typed = readTypedLine('band pull apart 2x15 partials', 'kg');
  expect(typed.rig.range).toBeUndefined();
  expect(typed.unknown).toContain('partials');
});

test.each([
  ['push press 3x5 at 80% of strict press rest 3 min', 'standing-barbell-press', 80],
  ['incline barbell 4x6 70% of his bench max, leave 2', 'barbell-bench-press', 70],
])('%p: a share of another lift', (text, lift, percent) => {
  const typed = readTypedLine(text, 'kg');
  expect(typed.patch.percentOf).toEqual({ lift, percent });
  expect(typed.unknown).toEqual([]);
  expect(typed.entry!.id).not.toBe(lift);
});

test('what is read back stands in the order it was typed, and the end of a very long line is not lost', () => {
  const read = (text: string) => readTypedLine(text, 'kg');
  expect(read('bench rest 90 4x8 leave 2').understood.map((u) => u.as)).toEqual([
    'Barbell bench press',
    'rest 1:30',
    '4 × 8',
    'leave 2',
  ]);
  const long = read(`bench 4x8 ${'quay '.repeat(90)}something else`);
  expect(long.entry?.id).toBe('barbell-bench-press');
  expect(long.unknown.join(' ')).toContain('something else');
});

test.each([
  ['lying triceps extension 12-15, 8-10, 6', '12–15, 8–10, 6'],
  ['bench 12 to 15, 8 leave 2', '12–15, 8'],
  ['bench 12, 9, 6 each its own rest 90', '12, 9, 6 each its own'],
  ['bench 12/9/6', '12, 9, 6'],
  ['bench pyramid 5, 7, 9 leave 1', '5, 7, 9'],
  ['db bench 4x8-10, 90s rest, leave 2', '4 × 8–10'],
  ['bench 3x8-10, 3-1-1-0 tempo', '3 × 8–10'],
])('%p goes by %p, and nothing of it is left over', (text, scheme) => {
  const read = readTypedLine(text, 'kg');
  expect(schemeText(read.patch.scheme!)).toBe(scheme);
  expect(read.unknown).toEqual([]);
});

test.each([
  ['Incline DB 4x8 bench on 2nd notch', 'incline-dumbbell-press', 30],
  ['incline bench second notch 3x8', 'incline-barbell-press', 30],
  ['db press 3x10 on the third notch', 'incline-dumbbell-press', 45],
])('%p: the notch is one of the benches at hand', (text, id, benchDeg) => {
  const typed = readTypedLine(text, 'kg', undefined, { notchesDeg: [0, 15, 30, 45, 60] });
  expect([typed.entry?.id, typed.rig.benchDeg, typed.unknown]).toEqual([id, benchDeg, []]);
  // Without a gym nobody knows where that is.
  expect(readTypedLine(text, 'kg').unknown.join(' ')).toMatch(/notch/);
});

test('what the coach says a figure means is what it means', () => {
  const read = (meant: string[]) => readTypedLine('lat raise 3x15 @8', 'kg', undefined, { meant });
  expect(read([]).patch).not.toHaveProperty('loadKg');
  expect(
    read([])
      .stretches.find((s) => s.as === null)!
      .others.sort(),
  ).toEqual(['8 kg', 'leave 2']);
  expect(read(['8 kg']).patch).toMatchObject({ loadKg: 8 });
  expect(read(['leave 2']).patch).toMatchObject({ reserve: { first: 2, last: 2 } });
});

test.each([
  ['leg press 4x12', true],
  ['pull-ups 4x8', true],
  ['Squats 5x5 100kg', true],
  ['press 3x8', false],
  ['push', false],
])('%p names nothing of the catalogue, and is never turned into what it has', (text, isForeign) => {
  const typed = readTypedLine(text, 'kg');
  expect([typed.entry, typed.isForeign, lineFromTyped(typed, schools.evidence, 'x')]).toEqual([
    null,
    isForeign,
    null,
  ]);
  expect(typed.unknown.length).toBeGreaterThan(0);
});
