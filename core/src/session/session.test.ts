import fc from 'fast-check';
import { line, session, soundPush } from '../examples';
import { linesOf, sessionSchema } from './document';
import { applyEdit } from './edits';
import { parseReserve, parseTempo, reserveText, tempoText, tempoWords } from './effort';
import { parseScheme, schemeText, setTargets, withSetCount } from './schemes';

test('the sample is a valid document and survives JSON', () => {
  expect(sessionSchema.parse(JSON.parse(JSON.stringify(soundPush)))).toEqual(soundPush);
});

test.each([
  [
    'two lines in a single',
    { blocks: [{ ...soundPush.blocks[0]!, lines: [line('dumbbell-fly'), line('push-up')] }] },
  ],
  ['the same id twice', { blocks: [soundPush.blocks[0]!, soundPush.blocks[0]!] }],
  [
    'an unknown movement',
    { blocks: [{ ...soundPush.blocks[0]!, lines: [{ ...line('push-up'), movement: 'levitation' }] }] },
  ],
  ['minutes that cannot be', { minutes: 3 }],
])('%s is refused', (_, patch) =>
  expect(sessionSchema.safeParse({ ...soundPush, ...patch }).success).toBe(false),
);

test('pairing makes a superset, a third a giant set, parting three singles in order', () => {
  const three = session([line('push-up'), line('dumbbell-fly'), line('face-pull')]);
  const pair = applyEdit(three, { do: 'pair', line: 'push-up', with: 'dumbbell-fly' });
  expect(pair.blocks.map((b) => b.kind)).toEqual(['superset', 'single']);
  const giant = applyEdit(pair, { do: 'pair', line: 'push-up', with: 'face-pull' });
  expect(giant.blocks.map((b) => b.kind)).toEqual(['giant']);
  const parted = applyEdit(giant, { do: 'part', block: giant.blocks[0]!.id, newBlocks: ['x', 'y'] });
  expect(linesOf(parted).map((l) => l.id)).toEqual(['push-up', 'dumbbell-fly', 'face-pull']);
  expect(parted.blocks.every((b) => b.kind === 'single')).toBe(true);
});

test.each([
  ['4x6-8', '4 × 6–8'],
  ['3 × 10', '3 × 10'],
  ['12, 9, 6, 4', '12, 9, 6, 4'],
  ['5 7 9', '5, 7, 9'],
])('%p is the scheme %p', (typed, said) => expect(schemeText(parseScheme(typed)!)).toBe(said));
test.each(['4x', 'x8', '0x5', '4x8-6', '13x5', ''])('%p is no scheme', (typed) =>
  expect(parseScheme(typed)).toBeNull(),
);

test('a rising load has falling reps', () => {
  expect(parseScheme('12,9,6')!.kind).toBe('ascending');
  expect(parseScheme('5,7,9')!.kind).toBe('descending');
});

test('schemes, reserve and tempo read back what they write', () => {
  const reps = fc
    .tuple(fc.integer({ min: 1, max: 50 }), fc.integer({ min: 0, max: 20 }))
    .map(([lo, more]) => ({ lo, hi: lo + more }));
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 12 }),
      reps,
      fc.integer({ min: 0, max: 5 }),
      fc.integer({ min: 0, max: 5 }),
      (sets, range, first, last) => {
        const scheme = { kind: 'straight' as const, sets, reps: range };
        expect(parseScheme(schemeText(scheme))).toEqual(scheme);
        expect(parseReserve(reserveText({ first, last }))).toEqual({ first, last });
        const tempo = { lower: first + 1, stretched: last, lift: 1, shortened: 0 };
        expect(parseTempo(tempoText(tempo))).toEqual(tempo);
      },
    ),
  );
});

test('reserve runs straight from the first set to the last', () => {
  const targets = setTargets(
    line('push-up', {
      scheme: { kind: 'straight', sets: 3, reps: { lo: 8, hi: 10 } },
      reserve: { first: 3, last: 1 },
    }),
  );
  expect(targets.map((t) => t.reserve)).toEqual([3, 2, 1]);
});

test('a set more or less', () => {
  expect(withSetCount({ kind: 'ascending', reps: [12, 9, 6] }, 4)).toEqual({
    kind: 'ascending',
    reps: [12, 9, 6, 6],
  });
  expect(withSetCount({ kind: 'straight', sets: 4, reps: { lo: 6, hi: 8 } }, 3)).toMatchObject({ sets: 3 });
});

test('tempo in words says which figure is which', () => {
  expect(tempoWords({ lower: 3, stretched: 1, lift: 1, shortened: 0 })).toBe(
    'lower 3 seconds, hold the stretch 1 second, lift 1 second',
  );
  expect(parseTempo('31x0')).toEqual({ lower: 3, stretched: 1, lift: 1, shortened: 0 });
});

test('sets beyond all bounds are refused at once: nothing is laid out for them', () => {
  const [block] = soundPush.blocks;
  const many = { ...block!.lines[0]!, scheme: { kind: 'straight', sets: 1e9, reps: { lo: 8, hi: 10 } } };
  const read = sessionSchema.safeParse({ ...soundPush, blocks: [{ ...block!, lines: [many] }] });
  expect(read.error!.issues.map((issue) => issue.path.join('.'))).toEqual(['blocks.0.lines.0.scheme.sets']);
});
