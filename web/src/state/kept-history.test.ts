import { commit, redo, startHistory, undo } from '@drimbo/core/session/history';
import { soundPush } from '@drimbo/core/examples/samples';
import { forgetHistoryOf, KeptHistory } from './kept-history';

const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);
const open = (id = 's', now = 1) => new KeptHistory(id, localStorage, same, () => now);
const titled = (title: string, from = startHistory(soundPush)) =>
  commit(from, { do: 'head', patch: { title } }, `title ${title}`);

beforeEach(() => localStorage.clear());

test('after a reload what was done is undone and done again', () => {
  const left = titled('C', titled('B'));
  open().keep(left);
  const back = open().recover(JSON.parse(JSON.stringify(left.present)));
  expect(undo(undo(back)).present).toEqual(soundPush);
  open().keep(undo(back));
  const half = open().recover(undo(back).present);
  expect([half.past.length, half.future.length]).toEqual([1, 1]);
  expect(redo(half).present.title).toBe('C');
});

test('steps do not fit a session that was changed elsewhere, nor one that is torn', () => {
  open().keep(titled('B'));
  expect(open().recover({ ...soundPush, title: 'Elsewhere' }).past).toEqual([]);
  localStorage.setItem('drimbo.history.s', '{"at": 3, "past"');
  expect(open().recover(soundPush).past).toEqual([]);
});

test('a step nobody can read is refused and changes nothing', () => {
  const left = titled('B');
  open().keep({ ...left, past: [{ undo: { do: 'odd' }, redo: {}, says: 'x', key: null } as never] });
  const back = undo(open().recover(left.present));
  expect(back.present).toEqual(left.present);
  expect([back.past, back.refused]).toEqual([[], 'this step no longer fits the session']);
});

test('steps of twelve sessions are kept, the latest; with nothing to undo none are', () => {
  for (let i = 0; i < 15; i++) open(`s${i}`, i).keep(titled('B'));
  expect(localStorage.length).toBe(12);
  expect(open('s14').recover(titled('B').present).past).toHaveLength(1);
  expect(open('s0').recover(titled('B').present).past).toEqual([]);
  open('s14').keep(startHistory(soundPush));
  forgetHistoryOf(localStorage, ['s13']);
  expect(localStorage.length).toBe(10);
});

test('a full device keeps no steps and says nothing', () => {
  const full = {
    setItem: () => {
      throw new Error('full');
    },
    removeItem: () => undefined,
    length: 0,
  };
  expect(() => new KeptHistory('s', full as unknown as Storage, same).keep(titled('B'))).not.toThrow();
});
