import { sessionKind } from '@drimbo/core/documents';
import { soundPush } from '@drimbo/core/examples';
import { Drafts, tabId } from './drafts';

const draft = (at: number, title = 'Mine') => ({ base: 3, at, document: { ...soundPush, title } });

beforeEach(() => {
  localStorage.clear();
  sessionStorage.clear();
});

test('a tab finds its own draft again, and nothing once it is dropped', () => {
  const drafts = new Drafts('s1', 'tab-a', localStorage, sessionKind.any);
  expect(drafts.recover(0)).toBeNull();
  drafts.keep(draft(1000));
  expect(drafts.recover(1000)).toEqual(draft(1000));
  drafts.drop();
  expect(drafts.recover(1000)).toBeNull();
});

test('the draft of a tab that is gone is taken over; that of a live tab and of another session is not', () => {
  new Drafts('s1', 'gone', localStorage, sessionKind.any).keep(draft(1000, 'Left behind'));
  new Drafts('s2', 'gone', localStorage, sessionKind.any).keep(draft(1000, 'Another session'));
  const mine = new Drafts('s1', 'mine', localStorage, sessionKind.any);
  expect(mine.recover(2000)).toBeNull();
  expect(mine.recover(60_000)?.document.title).toBe('Left behind');
  // It is this tab's now.
  expect(new Drafts('s1', 'third', localStorage, sessionKind.any).recover(3000)).toBeNull();
  expect(mine.recover(60_000)?.document.title).toBe('Left behind');
});

test.each(['not json', '{}', '{"base":1,"at":2,"document":{"title":"half"}}'])(
  'a damaged draft %p is no draft',
  (raw) => {
    localStorage.setItem('drimbo.draft.s1.tab-a', raw);
    expect(new Drafts('s1', 'tab-a', localStorage, sessionKind.any).recover(9_999_999)).toBeNull();
  },
);

test('a full device does not stop the coach', () => {
  const full = {
    setItem: () => {
      throw new Error('full');
    },
  } as unknown as Storage;
  expect(() => new Drafts('s1', 'tab-a', full, sessionKind.any).keep(draft(1))).not.toThrow();
});

test('a tab keeps its name over a reload', () => {
  const name = tabId(sessionStorage);
  expect(tabId(sessionStorage)).toBe(name);
  sessionStorage.clear();
  expect(tabId(sessionStorage)).not.toBe(name);
});
