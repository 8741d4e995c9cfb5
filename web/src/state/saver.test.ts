import type { Stored } from '@drimbo/core/contract';
import { jest } from '@jest/globals';
import type { Session } from '@drimbo/core/session';
import { mergedAlone, sessionKind } from '@drimbo/core/documents';
import { soundPush } from '@drimbo/core/examples';
import { ApiError, Unreachable } from '../data/api';

import { Drafts } from './drafts';
import { sameBy } from './saving';
import { Saver, type SaveState } from './saver';

const titled = (title: string): Session => ({ ...soundPush, title });
const stored = (revision: number, document: Session): Stored<Session> => ({
  id: 's',
  revision,
  updatedAt: '2026-11-24T10:00:00Z',
  document,
});

/** A server with one document that answers as the real one does. */
function fakeServer() {
  const server = { revision: 1, document: titled('start'), writes: 0, down: false, answerless: false };
  const put = async (revision: number, document: Session): Promise<Stored<Session>> => {
    await Promise.resolve();
    server.writes += 1;
    if (server.down) throw new Unreachable();
    if (revision !== server.revision)
      throw new ApiError(409, 'stale', 'stale', stored(server.revision, server.document));
    server.revision += 1;
    server.document = document;
    if (server.answerless) throw new Unreachable();
    return stored(server.revision, document);
  };
  return { server, put };
}

function start() {
  localStorage.clear();
  const { server, put } = fakeServer();
  const told: SaveState<Session>[] = [];
  const drafts = new Drafts('s', 'tab', localStorage, sessionKind.any);
  const became: Session[] = [];
  const saver = new Saver({
    revision: 1,
    base: server.document,
    drafts,
    same: sameBy(sessionKind),
    merge: (base, mine, theirs) => mergedAlone(sessionKind, base, mine, theirs),
    became: (both) => became.push(both),
    put,
    tell: (s) => told.push(s),
    pauseMs: 10,
    retryMs: 20,
  });
  return { server, told, drafts, saver, became, last: () => told[told.length - 1]! };
}

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());
const pass = (ms: number) => jest.advanceTimersByTimeAsync(ms);

test('typing is one write of the last version; the draft goes when the server has it', async () => {
  const { saver, server, drafts, last } = start();
  for (const t of ['a', 'ab', 'abc']) saver.change(titled(t));
  expect(drafts.recover(Date.now())!.document.title).toBe('abc');
  await pass(50);
  expect([server.writes, server.document.title, last().is]).toEqual([1, 'abc', 'saved']);
  expect(drafts.recover(Date.now())).toBeNull();
});

test('a lost server keeps the work and tries again until it is there', async () => {
  const { saver, server, drafts, last } = start();
  server.down = true;
  saver.change(titled('offline'));
  await pass(60);
  expect(last().is).toBe('waiting');
  expect(drafts.recover(Date.now())!.document.title).toBe('offline');
  server.down = false;
  await pass(60);
  expect([server.document.title, last().is]).toEqual(['offline', 'saved']);
});

test('a conflict writes nothing until the coach chooses; keeping mine writes over it', async () => {
  const { saver, server, last } = start();
  server.revision = 5;
  server.document = titled('theirs');
  saver.change(titled('mine'));
  await pass(50);
  expect(last().is).toBe('conflict');
  saver.change(titled('mine, further'));
  await pass(200);
  expect(server.document.title).toBe('theirs');
  saver.settle(titled('mine, further'));
  await pass(50);
  expect([server.document.title, server.revision, last().is]).toEqual(['mine, further', 6, 'saved']);
});

test('taking theirs ends the conflict and drops the draft', async () => {
  const { saver, server, drafts, last } = start();
  server.revision = 5;
  saver.change(titled('mine'));
  await pass(50);
  saver.yieldTo();
  expect([last().is, drafts.recover(Date.now())]).toEqual(['saved', null]);
  saver.change(titled('after'));
  await pass(50);
  expect(server.document.title).toBe('after');
});

test('what was changed in different parts becomes one version, is told and written without a question', async () => {
  const { saver, server, drafts, became, last } = start();
  server.document = { ...server.document, minutes: 45 };
  server.revision = 5;
  saver.change(titled('Mine'));
  await pass(50);
  expect(last().is).toBe('saved');
  expect([server.revision, server.document.title, server.document.minutes]).toEqual([6, 'Mine', 45]);
  expect(became.map((d) => [d.title, d.minutes])).toEqual([['Mine', 45]]);
  expect(drafts.recover(Date.now())).toBeNull();
});

test('a conflict over the same words is none', async () => {
  const { saver, server, last } = start();
  server.revision = 5;
  server.document = titled('same');
  saver.change(titled('same'));
  await pass(50);
  expect(last().is).toBe('saved');
});

test('work of a tab that is gone is found, of a live one is not taken', () => {
  localStorage.clear();
  new Drafts('s', 'gone', localStorage, sessionKind.any).keep({
    base: 3,
    at: 1_000,
    document: titled('lost'),
  });
  expect(new Drafts('s', 'new', localStorage, sessionKind.any).recover(2_000)).toBeNull();
  expect(new Drafts('s', 'new', localStorage, sessionKind.any).recover(60_000)).toMatchObject({
    base: 3,
    document: { title: 'lost' },
  });
});

test('a spoiled draft is left out, not trusted', () => {
  localStorage.clear();
  localStorage.setItem('drimbo.draft.s.tab', '{"base":1,"at":1,"document":{"title":5}}');
  expect(new Drafts('s', 'tab', localStorage, sessionKind.any).recover(Date.now())).toBeNull();
});

test('a write whose answer was lost is one of our own: taking it back afterwards is not undone', async () => {
  const { saver, server, last } = start();
  server.answerless = true;
  saver.change(titled('said'));
  await pass(15);
  expect([server.document.title, last().is]).toEqual(['said', 'waiting']);
  // Back to what both began with, before the server answers again.
  saver.change(titled('start'));
  server.answerless = false;
  await pass(60);
  expect([server.document.title, last().is]).toEqual(['start', 'saved']);
});

test('what the page before this one sent at the last moment is its own too', async () => {
  const { saver, server, became, last } = start();
  saver.goOn(titled('said'));
  // It lands after this page read the document.
  server.revision = 2;
  server.document = titled('said');
  saver.change(titled('start'));
  await pass(60);
  expect([server.document.title, last().is, became]).toEqual(['start', 'saved', []]);
});

test('another way of writing comes after what is unsaved and before what is changed meanwhile; nothing is refused', async () => {
  const { saver, server, became, drafts, last } = start();
  saver.change(titled('typed before'));
  let answered: (() => void) | undefined;
  const finished = saver.through(async () => {
    expect(server.document.title).toBe('typed before');
    server.revision += 1;
    server.document = { ...server.document, status: 'finished' };
    const answer = stored(server.revision, server.document);
    await new Promise<void>((done) => (answered = done));
    return answer;
  }, 'finish');
  await pass(5);
  saver.change(titled('typed meanwhile'));
  await pass(40);
  expect(server.writes).toBe(1);
  answered!();
  await finished;
  await pass(40);
  expect(server).toMatchObject({
    writes: 2,
    revision: 4,
    document: { title: 'typed meanwhile', status: 'finished' },
  });
  expect(became).toMatchObject([{ title: 'typed meanwhile', status: 'finished' }]);
  expect([last().is, drafts.recover(Date.now())]).toEqual(['saved', null]);
});

test('what another way of writing made is taken where nothing was unsaved, and writes nothing again', async () => {
  const { saver, server, became } = start();
  await saver.through(async () => {
    server.revision += 1;
    server.document = { ...server.document, status: 'finished' };
    return stored(server.revision, server.document);
  }, 'finish');
  await pass(40);
  expect([server.writes, became.map((s) => s.status)]).toEqual([0, ['finished']]);
  saver.change({ ...server.document, title: 'after' });
  await pass(40);
  expect([server.writes, server.document.title, server.document.status]).toEqual([1, 'after', 'finished']);
  await expect(saver.through(() => Promise.reject(new Unreachable()), 'finish')).rejects.toThrow(Unreachable);
});
