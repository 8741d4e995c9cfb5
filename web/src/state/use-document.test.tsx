import type { Kit } from '@drimbo/core/kit';
import { sampleKit } from '@drimbo/core/examples';
import { act, renderHook, waitFor } from '@testing-library/react';
import { answering } from '../testing/answers';
import { kitKind } from '@drimbo/core/documents';
import { useDocument } from './use-document';

const stored = { id: 'hall', revision: 3, updatedAt: '', document: sampleKit };

beforeEach(() => {
  localStorage.clear();
  sessionStorage.clear();
});

/** A server with one kit, as it answers. */
const start = () => {
  const server = { revision: 3, kit: sampleKit as Kit, down: false };
  const kept: number[] = [];
  const asked = answering(({ body }) => {
    if (server.down) return 'down';
    const sent = body as { revision: number; document: Kit };
    if (sent.revision !== server.revision)
      return {
        status: 409,
        body: {
          error: { code: 'stale', message: 'Changed elsewhere.' },
          current: { ...stored, revision: server.revision, document: server.kit },
        },
      };
    server.revision += 1;
    server.kit = sent.document;
    return { body: { ...stored, revision: server.revision, document: sent.document } };
  });
  const open = () =>
    renderHook(() => useDocument(kitKind, stored, (answer) => void kept.push(answer.revision)));
  const hook = open();
  const change = (patch: Partial<Kit>): void => act(() => hook.result.current.change(patch));
  return { server, asked, kept, open, hook, change, now: () => hook.result.current };
};

test('changes show at once and go to the server together, shortly after the last', async () => {
  const { server, asked, kept, change, now } = start();
  change({ name: 'Hall on the quay' });
  change({ dipBelt: false });
  expect(now().document).toMatchObject({ name: 'Hall on the quay', dipBelt: false });
  expect([now().says, asked.length]).toEqual(['Saving…', 0]);
  await waitFor(() => expect(now().says).toBe('Saved'), { timeout: 3000 });
  expect(asked).toHaveLength(1);
  expect(server.kit).toMatchObject({ name: 'Hall on the quay', dipBelt: false });
  expect(kept).toEqual([4]);
});

test('what the schema refuses is told and not sent; mended, it goes', async () => {
  const { asked, server, change, now } = start();
  change({ name: '' });
  await waitFor(() => expect(now().says).toMatch(/^Not saved: Name/), { timeout: 3000 });
  expect(asked).toEqual([]);
  change({ name: 'Mended' });
  await waitFor(() => expect(server.kit.name).toBe('Mended'), { timeout: 3000 });
});

test('changed elsewhere: nothing is written over until the coach says so', async () => {
  const { server, change, now } = start();
  server.revision = 8;
  server.kit = { ...sampleKit, name: 'Theirs' };
  change({ name: 'Mine' });
  await waitFor(() => expect(now().conflict).not.toBeNull(), { timeout: 3000 });
  expect(server.kit.name).toBe('Theirs');
  expect(now().document.name).toBe('Mine');
  act(() => now().conflict!.settle(now().document));
  await waitFor(() => expect(now().says).toBe('Saved'), { timeout: 3000 });
  expect([server.kit.name, now().conflict]).toEqual(['Mine', null]);
});

test('without an answer it is said, and tried again until there is one', async () => {
  const { server, change, now } = start();
  server.down = true;
  change({ name: 'Later' });
  await waitFor(() => expect(now().says).toMatch(/does not answer. Trying again/), { timeout: 3000 });
  server.down = false;
  await waitFor(() => expect(now().says).toBe('Saved'), { timeout: 8000 });
  expect(server.kit.name).toBe('Later');
});

test('leaving the page does not lose the last change', async () => {
  const { server, hook, change } = start();
  change({ name: 'On the way out' });
  hook.unmount();
  await waitFor(() => expect(server.kit.name).toBe('On the way out'));
});

test('what was changed while the server was away is there in the next tab, and goes when it answers', async () => {
  const { server, change, hook, open } = start();
  server.down = true;
  change({ name: 'Before the crash' });
  hook.unmount();
  const again = open();
  expect(again.result.current.document.name).toBe('Before the crash');
  server.down = false;
  await waitFor(() => expect(server.kit.name).toBe('Before the crash'), { timeout: 8000 });
  await waitFor(() => expect(again.result.current.says).toBe('Saved'));
  expect(Object.keys(localStorage).filter((key) => key.startsWith('drimbo.draft'))).toEqual([]);
});

test('a draft on a version that has been written over since asks which is to stay', async () => {
  const { server, change, hook, open } = start();
  server.down = true;
  change({ name: 'Mine' });
  hook.unmount();
  const kept = localStorage.getItem(
    Object.keys(localStorage).find((key) => key.startsWith('drimbo.draft'))!,
  )!;
  const from = { ...sampleKit, name: 'Before both' };
  const older = JSON.stringify({ ...JSON.parse(kept), base: 2, from });
  for (const key of Object.keys(localStorage)) localStorage.setItem(key, older);
  server.down = false;
  const again = open();
  await waitFor(() => expect(again.result.current.conflict).not.toBeNull());
  expect(again.result.current.document.name).toBe('Mine');
  act(() => again.result.current.conflict!.settle(sampleKit));
  expect([again.result.current.document.name, again.result.current.conflict]).toEqual([sampleKit.name, null]);
  expect(server.kit).toEqual(sampleKit);
});

test('what was filled in is undone field by field, after a reload too, and what was never valid first', async () => {
  const { change, now, hook, open, server } = start();
  change({ name: 'H' });
  change({ name: 'Ha' });
  change({ dipBelt: false });
  expect(now().canUndo).toBe('change dip belt');
  change({ name: '' });
  expect([now().document.name, now().canUndo]).toEqual(['', 'what was typed']);
  act(() => now().undo());
  expect([now().document.name, now().says]).toEqual(['Ha', 'Saving…']);
  await waitFor(() => expect(server.kit.name).toBe('Ha'), { timeout: 3000 });
  hook.unmount();
  stored.document = server.kit as never;
  stored.revision = server.revision;
  const again = open();
  act(() => again.result.current.undo());
  expect(again.result.current.document).toMatchObject({ name: 'Ha', dipBelt: true });
  act(() => again.result.current.undo());
  expect([again.result.current.document, again.result.current.canUndo]).toEqual([sampleKit, null]);
  act(() => again.result.current.redo());
  expect(again.result.current.document.name).toBe('Ha');
  Object.assign(stored, { revision: 3, document: sampleKit });
});

test('a conflict of a kind nobody knows is a refusal, not another version', async () => {
  localStorage.clear();
  answering(() => ({ status: 409, body: { error: { code: 'only-one', message: 'There is one.' } } }));
  const hook = renderHook(() => useDocument(kitKind, stored));
  act(() => hook.result.current.change({ name: 'Other' }));
  await waitFor(() => expect(hook.result.current.says).toBe('Not saved: There is one.'), { timeout: 3000 });
  expect(hook.result.current.conflict).toBeNull();
});
