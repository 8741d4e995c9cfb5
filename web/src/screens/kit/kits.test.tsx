import { kitSchema } from '@drimbo/core/kit';
import { sampleKit } from '@drimbo/core/examples';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { answering, type Asked } from '../../testing/answers';
import { show } from '../../testing/desk';
import { KitsScreen } from './kits';

const start = (kits = [{ id: 'hall', revision: 1, updatedAt: '', document: sampleKit }]) => {
  const asked = answering(({ method, body }) =>
    method === 'POST'
      ? { status: 201, body: { ...(body as object), revision: 1, updatedAt: '' } }
      : { body: kits },
  );
  show(<KitsScreen />, { kits });
  const user = userEvent.setup({ applyAccept: false });
  const posts = (): Asked[] => asked.filter((a) => a.method === 'POST');
  const importKit = (text: string): Promise<void> =>
    user.upload(
      document.querySelector<HTMLInputElement>('input[type="file"]')!,
      new File([text], 'kit.json'),
    );
  return { user, posts, importKit };
};

test('every gym is told in a line: plates and bells, benches, rack', () => {
  start();
  const cells = screen.getAllByRole('cell').map((c) => c.textContent);
  expect(cells[0]).toBe('Test hallin kg');
  expect(cells[1]).toContain('2 bars, dumbbells to 40 kg, cables');
  expect(cells[2]).toBe('0° 15° 30° 45° 60° 75°');
  expect(cells[3]).toBe('with safety arms');
});

test('a kit that was saved as a file is imported whole', async () => {
  const { posts, importKit } = start();
  await importKit(JSON.stringify(sampleKit));
  await waitFor(() => expect(posts()).toHaveLength(1));
  expect((posts()[0]!.body as { document: unknown }).document).toEqual(sampleKit);
});

test.each([
  ['not json at all', /not JSON/],
  ['{}', /This is not a kit: format/],
  [
    JSON.stringify({ ...sampleKit, dumbbells: [{ kg: -2, pairs: 1 }] }),
    /dumbbells\.0\.kg.*Nothing was imported/,
  ],
  [JSON.stringify({ ...sampleKit, extra: 1 }), /Nothing was imported/],
])('%.40s is refused in a sentence and nothing is sent', async (text, says) => {
  const { posts, importKit } = start();
  await importKit(text);
  expect((await screen.findByRole('alert')).textContent).toMatch(says);
  expect(posts()).toEqual([]);
});

test('a new gym begins empty and is valid; with none the page says what a gym is for', async () => {
  const { user, posts } = start([]);
  expect(screen.getByText(/Loads come from what stands there/)).toBeTruthy();
  await user.click(screen.getByRole('button', { name: 'Add a gym' }));
  await waitFor(() => expect(posts()).toHaveLength(1));
  const { document } = posts()[0]!.body as { document: unknown };
  expect(kitSchema.parse(document)).toMatchObject({ bars: [], dumbbells: [], stacks: [] });
});

test('a gym that cannot be read is told of, with its text to save', async () => {
  const text = '{"format":"drimbo.ki';
  answering(({ path }) => ({
    body: path.endsWith('/unreadable') ? [{ kind: 'kit', id: 'mill', why: 'it is not JSON', text }] : [],
  }));
  const saved: Blob[] = [];
  URL.createObjectURL = (blob) => `blob:${saved.push(blob as Blob)}`;
  URL.revokeObjectURL = () => undefined;
  show(<KitsScreen />, { kits: [] });
  expect((await screen.findByText(/mill/)).textContent).toContain('cannot be read: it is not JSON');
  await userEvent.setup().click(screen.getByRole('button', { name: 'Save its text' }));
  expect(saved.map((blob) => blob.size)).toEqual([text.length]);
});
