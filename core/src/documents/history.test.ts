import fc from 'fast-check';
import { applyChange, sampleBlock, sound } from '../block';
import { line, sampleClient, session, soundPush } from '../examples';
import { applyEdit, type Edit, linesOf, type Session, sessionSchema, singleBlock } from '../session';
import { anyClient } from '../testing/any';
import {
  blockKind,
  bothOf,
  changesOf,
  clientKind,
  eachOf,
  historyOf,
  refusal,
  sessionKind,
  type Change,
  type History,
} from './index';

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

const ofSession = changesOf(sessionKind);
const { start, commit, undo, redo } = historyOf(ofSession);
const edited = (h: History<Session, Change>, edit: Edit, key: string | null = null) =>
  commit(h, applyEdit(h.present, edit), 'edit', key);
const after = (edits: readonly Edit[]): Session => edits.reduce(applyEdit, soundPush);

test('a change names the parts that are another, as they were and as they are', () => {
  const ofClient = changesOf(clientKind);
  const changed = { ...sampleClient, minutes: 50, cues: { dip: ['Lean'] } };
  expect(ofClient.between({ ...sampleClient, minutes: 60 }, changed)).toEqual({
    minutes: { was: 60, is: 50 },
    cues: { was: undefined, is: { dip: ['Lean'] } },
  });
  const [first] = ids;
  const rest = applyEdit(soundPush, { do: 'line', line: first!, patch: { restS: 75 } });
  expect(Object.keys(ofSession.between(soundPush, rest))).toEqual([`blocks:${first}`]);
  const block = sampleBlock(3);
  const moved = { ...block, moved: [{ day: 2, to: '2026-12-10' }] };
  expect(changesOf(blockKind).between(block, moved)).toEqual({
    'moved:2': { was: undefined, is: { day: 2, to: '2026-12-10' } },
  });
});

test('a change leads there, its inverse back, kept as JSON or not, and two changes are one', () => {
  fc.assert(
    fc.property(fc.array(anyEdit, { maxLength: 8 }), fc.array(anyEdit, { maxLength: 8 }), (first, second) => {
      const [one, two] = [after(first), after([...first, ...second])];
      const change = ofSession.between(soundPush, one);
      const kept = JSON.parse(JSON.stringify(change)) as Change;
      expect(ofSession.apply(soundPush, kept)).toEqual(one);
      expect(ofSession.apply(one, ofSession.inverse(kept))).toEqual(soundPush);
      const whole = ofSession.squash(change, ofSession.between(one, two));
      expect(whole).toEqual(ofSession.between(soundPush, two));
      expect(ofSession.isNothing(ofSession.squash(change, ofSession.inverse(change)))).toBe(true);
    }),
  );
});

test('undo takes back what was done, and nothing that somebody else did beside it', () => {
  fc.assert(
    fc.property(anyClient, fc.integer({ min: 15, max: 240 }), (client, minutes) => {
      const ofClient = changesOf(clientKind);
      const mine = { ...client, minutes };
      const theirs = { ...mine, about: 'told by somebody else' };
      const back = ofClient.apply(theirs, ofClient.inverse(ofClient.between(client, mine)));
      expect(back).toEqual({ ...client, about: 'told by somebody else' });
    }),
    { numRuns: 20 },
  );
});

test('undoing everything brings the first document back, redoing everything the last', () => {
  fc.assert(
    fc.property(fc.array(fc.tuple(anyEdit, fc.constantFrom(null, 'typing')), { maxLength: 25 }), (edits) => {
      let history = start(soundPush);
      for (const [edit, key] of edits) {
        history = edited(history, edit, key);
        expect(sessionSchema.safeParse(history.present).success).toBe(true);
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
  const type = (h: ReturnType<typeof start>, restS: number) =>
    edited(h, { do: 'line', line: ids[0]!, patch: { restS } }, 'rest');
  let history = type(type(type(start(soundPush), 1), 10), 100);
  expect(history.past).toHaveLength(1);
  history = type(edited(history, { do: 'head', patch: { minutes: 45 } }), 30);
  expect(history.past).toHaveLength(3);
  expect(undo(undo(undo(history))).present).toEqual(soundPush);
});

test('two thousand letters typed into a note are one step, as long as the note', () => {
  let history = start(soundPush);
  for (let n = 1; n <= 2000; n += 1)
    history = edited(history, { do: 'head', patch: { note: 'x'.repeat(n) } }, 'note');
  expect(history.past).toEqual([
    { change: { note: { was: soundPush.note, is: 'x'.repeat(2000) } }, says: 'edit', key: 'note' },
  ]);
  // Typed and taken out again it was nothing.
  const none = edited(history, { do: 'head', patch: { note: soundPush.note } }, 'note');
  expect(none.past).toEqual([]);
});

test('after an undo the same key begins a step of its own', () => {
  const type = (h: ReturnType<typeof start>, title: string) =>
    edited(h, { do: 'head', patch: { title } }, 'title');
  const again = type(redo(undo(type(start(soundPush), 'A'))), 'B');
  expect(again.past.map((s) => s.change.title)).toEqual([
    { was: soundPush.title, is: 'A' },
    { was: 'A', is: 'B' },
  ]);
});

test('an edit that changes nothing leaves no step', () => {
  const history = start(soundPush);
  expect(edited(history, { do: 'recall', finding: 'none' })).toBe(history);
  expect(edited(history, { do: 'remove line', line: 'nobody' })).toBe(history);
});

test('what a session did not have before is an edit like any other', () => {
  expect('ramp' in soundPush).toBe(false);
  const two = edited(start(soundPush), { do: 'head', patch: { ramp: 'two sets' } });
  expect(two.present.ramp).toBe('two sets');
  expect(undo(two).present).toEqual(soundPush);
  expect(redo(undo(two)).present.ramp).toBe('two sets');
});

test('an edit that would leave no valid session is refused in words and changes nothing', () => {
  const full = session(Array.from({ length: 40 }, (_, i) => line('push-up', { id: `p${i}` })));
  const one = start(full);
  const more = edited(one, { do: 'add block', at: 40, block: singleBlock('b', line('face-pull')) });
  expect(more).toEqual({ ...one, refused: 'a session holds at most forty movements and rounds' });
  // The next edit that can be done forgets it.
  expect(edited(more, { do: 'head', patch: { minutes: 50 } }).refused).toBeNull();
  expect(edited(one, { do: 'head', patch: { title: '' } }).present).toBe(full);
  expect(refusal(clientKind, { ...sampleClient, minutes: 3 }, sampleClient)?.field).toBe('Minutes');
});

test('a step that no longer fits what is there is refused and forgotten, and the document stays', () => {
  const history = edited(start(soundPush), { do: 'remove line', line: ids[0]! });
  // Somebody has put a movement of that id into another pair meanwhile.
  const full = session(Array.from({ length: 40 }, (_, i) => line('push-up', { id: `p${i}` })));
  const elsewhere = { ...history, present: { ...full, blocks: full.blocks.slice(0, 39) } };
  const back = undo({
    ...elsewhere,
    past: [{ ...history.past[0]!, change: { minutes: { was: 'many', is: 60 } } }],
  });
  expect(back).toEqual({ ...elsewhere, past: [], refused: expect.stringContaining('no longer fits') });
});

test('a block and its sessions are changed, and taken back, as one', () => {
  const of = bothOf(changesOf(blockKind), eachOf(ofSession));
  const history = historyOf(of);
  const before = [sampleBlock(3), { ...sound }] as const;
  const next = applyChange(...before, {
    block: { title: 'Other', rotateEvery: 5 },
    sessions: [{ id: 'b', edit: { do: 'head', patch: { title: 'Changed' } } }],
  });
  const done = history.commit(history.start(before), [next.block, next.sessions], 'both');
  expect(done.past[0]!.change).toEqual([
    { title: expect.anything(), rotateEvery: expect.anything() },
    { b: { title: { was: sound.b!.title, is: 'Changed' } } },
  ]);
  expect(history.undo(done).present).toEqual(before);
  expect(history.redo(history.undo(done)).present).toEqual([next.block, next.sessions]);
  // Typed to and fro it is nothing, in whichever of them.
  const back = history.commit(
    history.commit(history.start(before), done.present, 'x', 'k'),
    before,
    'x',
    'k',
  );
  expect(back.past).toEqual([]);
});
