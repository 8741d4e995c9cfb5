import fc from 'fast-check';
import { emptyNotebook } from '../movements';
import { applyEdit, sessionSchema } from '../session';
import { anyClient, anySession } from '../testing/any';
import { line, sampleClient, session, type soundPush } from '../examples';
import {
  clientKind,
  differing,
  kinds,
  merged,
  mergedAlone,
  notebookKind,
  partName,
  partText,
  sessionKind,
} from './index';

const keysOf = (parts: { key: string }[]): string[] => parts.map((p) => p.key).sort();

test('two versions of a session differ movement by movement, and in their order', () => {
  const base = session([line('push-up'), line('pushdown')]);
  const mine = applyEdit({ ...base, minutes: 50 }, { do: 'line', line: 'push-up', patch: { restS: 75 } });
  const theirs = session([line('push-up'), line('pushdown', { restS: 30 }), line('dumbbell-fly')]);
  const parts = differing(sessionKind, base, mine, theirs);
  expect(Object.fromEntries(parts.map((p) => [p.key, p.changedBy]))).toEqual({
    minutes: 'mine',
    blocks: 'theirs',
    'blocks:push-up': 'mine',
    'blocks:pushdown': 'theirs',
    'blocks:dumbbell-fly': 'theirs',
  });
  const both = mergedAlone(sessionKind, base, mine, theirs)!;
  expect(both.minutes).toBe(50);
  expect(both.blocks.map((b) => [b.lines[0]!.id, b.lines[0]!.restS])).toEqual([
    ['push-up', 75],
    ['pushdown', 30],
    ['dumbbell-fly', expect.any(Number)],
  ]);
});

test('two tabs of one notebook meet in one list without a question, over the same cues with one', () => {
  const base = { ...emptyNotebook, hidden: ['dip'], cues: { 'push-up': ['Long'] } };
  const mine = { ...base, hidden: ['dip', 'push-up'], cues: { 'push-up': ['Long'], dip: ['Lean'] } };
  const theirs = { ...base, hidden: ['push-down'] };
  expect(mergedAlone(notebookKind, base, mine, theirs)).toEqual({
    ...emptyNotebook,
    hidden: ['push-up', 'push-down'],
    cues: { 'push-up': ['Long'], dip: ['Lean'] },
  });
  expect(mergedAlone(notebookKind, base, mine, { ...theirs, cues: { dip: ['Tall'] } })).toBeNull();
});

test('what both changed is for the coach; without a common beginning everything is', () => {
  const mine = { ...sampleClient, minutes: 50, goal: 'Size' };
  const theirs = { ...sampleClient, minutes: 45, likes: 'Cables' };
  expect(mergedAlone(clientKind, sampleClient, mine, theirs)).toBeNull();
  expect(mergedAlone(clientKind, null, mine, sampleClient)).toBeNull();
  const chosen = merged(clientKind, mine, theirs, new Set(['minutes']));
  expect(chosen).toEqual({ ...sampleClient, minutes: 45, goal: 'Size', likes: sampleClient.likes });
});

test('all of theirs is theirs, none of theirs is mine, and a merge of valid sessions is valid', () => {
  const ids = (s: typeof soundPush) => sessionSchema.safeParse(s).success;
  fc.assert(
    fc.property(
      anySession.filter(ids),
      anySession.filter(ids),
      fc.infiniteStream(fc.boolean()),
      (mine, theirs, coin) => {
        const parts = differing(sessionKind, null, mine, theirs);
        const all = new Set(keysOf(parts));
        expect(merged(sessionKind, mine, theirs, all)).toEqual(theirs);
        expect(merged(sessionKind, mine, theirs, new Set())).toEqual(mine);
        const some = new Set([...all].filter(() => coin.next().value));
        expect(sessionSchema.safeParse(merged(sessionKind, mine, theirs, some)).success).toBe(true);
      },
    ),
    { numRuns: 30 },
  );
});

test('every part has a name and says what it is on both sides', () => {
  fc.assert(
    fc.property(
      fc.oneof(fc.tuple(anySession, anySession), fc.tuple(anyClient, anyClient)),
      ([mine, theirs]) => {
        const kind = kinds['blocks' in mine ? 'session' : 'client'] as never;
        for (const part of differing<object>(kind, null, mine, theirs)) {
          expect(partName(kind, part)).toMatch(/^[A-Z0-9]/);
          for (const side of ['mine', 'theirs'] as const)
            expect(partText(kind, part, side, 'kg')).not.toMatch(/^$|undefined|\[object/);
        }
      },
    ),
    { numRuns: 30 },
  );
});
