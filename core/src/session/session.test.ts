import fc from 'fast-check';
import { line, session, soundPush } from '../examples/samples';
import { linesOf, sessionSchema, type Session } from './document';
import { applyEdit, inverseOf, type Edit } from './edits';
import { commit, redo, startHistory, undo } from './history';
import { parseReserve, parseTempo, reserveText, tempoText, tempoWords } from './effort';
import { parseScheme, schemeText, setTargets, withSetCount } from './schemes';
import { singleBlock } from './starting';

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

const ids = linesOf(soundPush).map((l) => l.id);
const anyEdit: fc.Arbitrary<Edit> = fc.oneof(
  fc.record({
    do: fc.constant('move line' as const),
    line: fc.constantFrom(...ids),
    to: fc.integer({ min: -2, max: 8 }),
  }),
  fc.record({ do: fc.constant('remove line' as const), line: fc.constantFrom(...ids) }),
  fc.record({
    do: fc.constant('pair' as const),
    line: fc.constantFrom(...ids),
    with: fc.constantFrom(...ids),
  }),
  fc.record({
    do: fc.constant('part' as const),
    block: fc.constantFrom(...soundPush.blocks.map((b) => b.id)),
    newBlocks: fc.constant<string[]>(['n1', 'n2', 'n3', 'n4', 'n5', 'n6']),
  }),
  fc.record({
    do: fc.constant('line' as const),
    line: fc.constantFrom(...ids),
    patch: fc.record({ restS: fc.integer({ min: 0, max: 600 }) }),
  }),
  fc.record({
    do: fc.constant('head' as const),
    patch: fc.record({ minutes: fc.integer({ min: 10, max: 240 }) }),
  }),
  fc.record({
    do: fc.constant('dismiss' as const),
    finding: fc.constantFrom('a', 'b'),
    reason: fc.constant('because'),
  }),
);

/** Edits that part blocks use fixed ids; a document where they would stand twice is no document. */
const valid = (s: Session): boolean => sessionSchema.safeParse(s).success;

test('every edit has an inverse', () => {
  fc.assert(
    fc.property(anyEdit, (edit) => {
      const after = applyEdit(soundPush, edit);
      expect(applyEdit(after, inverseOf(soundPush, after))).toEqual(soundPush);
    }),
  );
});

test('undoing everything brings the first document back, redoing everything the last', () => {
  fc.assert(
    fc.property(fc.array(fc.tuple(anyEdit, fc.constantFrom(null, 'typing')), { maxLength: 25 }), (edits) => {
      let history = startHistory(soundPush);
      for (const [edit, key] of edits) {
        history = commit(history, edit, 'edit', key);
        expect(valid(history.present)).toBe(true);
      }
      const last = history.present;
      let back = history;
      while (back.past.length > 0) back = undo(back);
      expect(back.present).toEqual(soundPush);
      while (back.future.length > 0) back = redo(back);
      expect(back.present).toEqual(last);
    }),
  );
});

test('typing in one cell is one step back; an edit in between ends it', () => {
  const type = (h: ReturnType<typeof startHistory>, restS: number) =>
    commit(h, { do: 'line', line: ids[0]!, patch: { restS } }, 'rest', 'rest');
  let history = type(type(type(startHistory(soundPush), 1), 10), 100);
  expect(history.past).toHaveLength(1);
  history = type(commit(history, { do: 'head', patch: { minutes: 45 } }, 'minutes'), 30);
  expect(history.past).toHaveLength(3);
  expect(undo(undo(undo(history))).present).toEqual(soundPush);
});

test('an edit that changes nothing leaves no step', () => {
  expect(commit(startHistory(soundPush), { do: 'recall', finding: 'none' }, 'x').present.dismissed).toEqual(
    [],
  );
  expect(
    commit(startHistory(soundPush), { do: 'remove line', line: 'nobody' }, 'x').past.length,
  ).toBeLessThanOrEqual(1);
});

test('what a session did not have before is an edit like any other', () => {
  expect('ramp' in soundPush).toBe(false);
  const two = commit(startHistory(soundPush), { do: 'head', patch: { ramp: 'two sets' } }, 'ramp');
  expect(two.present.ramp).toBe('two sets');
  expect(two.past).toHaveLength(1);
  expect(undo(two).present).toEqual(soundPush);
  expect(redo(undo(two)).present.ramp).toBe('two sets');
});

test('an edit that would leave no valid session is refused in words and changes nothing', () => {
  const full = session(Array.from({ length: 40 }, (_, i) => line('push-up', { id: `p${i}` })));
  const one = startHistory(full);
  const more = commit(one, { do: 'add block', at: 40, block: singleBlock('b', line('face-pull')) }, 'add');
  expect(more).toEqual({ ...one, refused: 'a session holds at most forty movements and rounds' });
  // The next edit that can be done forgets it.
  expect(commit(more, { do: 'head', patch: { minutes: 50 } }, 'minutes').refused).toBeNull();
  expect(commit(one, { do: 'head', patch: { title: '' } }, 'title').present).toBe(full);
});

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
