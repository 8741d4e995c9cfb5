import { sessionKind } from '@drimbo/core/documents';
import { soundPush } from '@drimbo/core/examples';
import { Drafts } from '../state/drafts';
import { askLiveTabs, holdTab, isTabLive } from './live-tabs';

/** Locks as a browser holds them: until the page that asked is gone. */
const browser = () => {
  const held = new Set<string>();
  Object.defineProperty(navigator, 'locks', {
    configurable: true,
    value: {
      request: (name: string) => (held.add(name), new Promise(() => undefined)),
      query: () => Promise.resolve({ held: [...held].map((name) => ({ name })) }),
    },
  });
  return { dies: (tab: string) => held.forEach((name) => name.endsWith(`.${tab}`) && held.delete(name)) };
};
const draftsOf = (tab: string) => new Drafts('s1', tab, localStorage, sessionKind.any);

beforeEach(() => localStorage.clear());
afterEach(async () => {
  Reflect.deleteProperty(navigator, 'locks');
  // What was known is forgotten: other tests have no such browser.
  await askLiveTabs();
});

test('where the browser cannot tell, nothing is known of any tab', async () => {
  await askLiveTabs();
  expect(isTabLive('a')).toBeNull();
});

test('the work of a tab that died is taken over at once, that of an open one is left to it', async () => {
  const locks = browser();
  holdTab('a');
  holdTab('b');
  draftsOf('a').keep({ base: 3, at: 1000, document: { ...soundPush, title: 'Of a' } });
  await askLiveTabs();
  expect([isTabLive('a'), isTabLive('never')]).toEqual([true, false]);
  expect(draftsOf('b').recover(1500)).toBeNull();
  locks.dies('a');
  await askLiveTabs();
  expect(draftsOf('b').recover(1500)?.document.title).toBe('Of a');
  Reflect.deleteProperty(navigator, 'locks');
  await askLiveTabs();
  expect(isTabLive('b')).toBeNull();
});
