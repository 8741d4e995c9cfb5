import { changesOf, historyOf, sessionKind } from '@drimbo/core/documents';
import { soundPush } from '@drimbo/core/examples';
import type { Session } from '@drimbo/core/session';
import { forgetHistoryOf, KeptHistory } from './kept-history';

const history = historyOf(changesOf(sessionKind));
const { start, commit, undo, redo } = history;
const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);
const open = (id = 's', now = 1, storage: Storage = localStorage) =>
  new KeptHistory(id, { history, storage, fits: (session: Session) => session, same, now: () => now });
const titled = (title: string, from = start(soundPush)) =>
  commit(from, { ...from.present, title }, `title ${title}`);

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
  localStorage.setItem('drimbo.steps.s', '{"at": 3, "past"');
  expect(open().recover(soundPush).past).toEqual([]);
});

test('a step nobody can read is refused and changes nothing', () => {
  const left = titled('B');
  open().keep({ ...left, past: [{ change: { title: null }, says: 'x', key: null } as never] });
  const back = undo(open().recover(left.present));
  expect(back.present).toEqual(left.present);
  expect([back.past, back.refused]).toEqual([[], expect.stringContaining('no longer fits')]);
});

test('steps of twelve sessions are kept, the latest; with nothing to undo none are', () => {
  for (let i = 0; i < 15; i++) open(`s${i}`, i).keep(titled('B'));
  expect(localStorage.length).toBe(12);
  expect(open('s14').recover(titled('B').present).past).toHaveLength(1);
  expect(open('s0').recover(titled('B').present).past).toEqual([]);
  open('s14').keep(start(soundPush));
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
  expect(() => open('s', 1, full as unknown as Storage).keep(titled('B'))).not.toThrow();
});

test('steps keep to the part of what is there that they fit', () => {
  const onTitle = new KeptHistory('s', {
    history,
    storage: localStorage,
    fits: ({ title }: Session) => title,
    same,
  });
  const left = titled('B');
  onTitle.keep(left);
  expect(onTitle.recover({ ...left.present, minutes: 45 }).past).toHaveLength(1);
  expect(onTitle.recover({ ...left.present, title: 'C' }).past).toEqual([]);
});
