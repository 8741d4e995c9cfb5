import { sampleKit } from '@drimbo/core/examples';
import { act, fireEvent, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useLocation } from 'react-router';
import type { ReactNode } from 'react';
import { answering } from '../../testing/answers';
import { show } from '../../testing/desk';
import { Find } from './find';
import { setHit } from './hits';

function Where(): ReactNode {
  const { pathname, search } = useLocation();
  return <output data-testid="where">{`${pathname}${search}`}</output>;
}
const stored = <T,>(id: string, document: T) => ({ id, revision: 1, updatedAt: '', document });
const start = () => {
  answering(({ path }) => {
    const text = new URL(path, 'http://here').searchParams.get('text')!;
    const clients = [{ id: 'c', name: 'Jorun Aske' }].filter((c) => c.name.toLowerCase().includes(text));
    const sessions = [
      { id: 's1', title: 'Heavy Monday', status: 'draft', date: null, client: 'Jorun Aske' },
    ].filter((s) => s.title.toLowerCase().includes(text));
    return { body: { clients, sessions } };
  });
  show(
    <>
      <Find />
      <Where />
    </>,
    {
      kits: [stored('loft', { ...sampleKit, name: 'Rope loft' })],
      notebook: stored('notebook', undefined),
    },
  );
  const user = userEvent.setup();
  const ask = async (text: string): Promise<string[]> => {
    if (!screen.queryByRole('combobox')) fireEvent.keyDown(window, { key: '/' });
    const box = await screen.findByRole('combobox');
    fireEvent.change(box, { target: { value: text } });
    // What comes from the server comes a moment later.
    await act(() => new Promise((done) => setTimeout(done, 30)));
    return screen.queryAllByRole('option').map((o) => o.firstChild!.textContent!);
  };
  return { ask, user, where: () => screen.getByTestId('where').textContent };
};

test.each([
  ['jorun', 'Jorun Aske', '/clients/c'],
  ['heavy mon', 'Heavy Monday', '/sessions/s1'],
  ['rope', 'Rope loft', '/kit/loft'],
  ['loads', 'Loads', '/loads'],
  ['225 lb x 3', 'Max from 225 lb × 3', '/loads?load=225&reps=3&unit=lb'],
])('%p finds %p and goes there', async (text, name, to) => {
  const { ask, user, where } = start();
  await ask(text);
  // A busy machine answers later.
  await waitFor(() => expect(screen.queryAllByRole('option')[0]?.firstChild?.textContent).toBe(name));
  await user.type(screen.getByRole('combobox'), '{Enter}');
  expect(where()).toBe(to);
  expect(screen.queryByRole('combobox')).toBeNull();
});

test('a movement is found by any of its names, arrows walk what was found', async () => {
  const { ask, user, where } = start();
  const found = await ask('ohp');
  expect(found.length).toBeGreaterThan(1);
  await user.type(screen.getByRole('combobox'), '{ArrowDown}{ArrowUp}{ArrowUp}');
  expect(screen.getAllByRole('option').at(-1)!.getAttribute('aria-selected')).toBe('true');
  await user.click(screen.getAllByRole('option')[0]!);
  expect(where()).toMatch(/^\/movements\//);
});

test('nothing by that name is said; Escape closes', async () => {
  const { ask, user } = start();
  expect(await ask('qqzzq')).toEqual([]);
  expect(await screen.findByText('Nothing by that name.')).toBeTruthy();
  await user.keyboard('{Escape}');
  expect(screen.queryByRole('combobox')).toBeNull();
});

test('? lists the keys', async () => {
  start();
  fireEvent.keyDown(window, { key: '?' });
  expect(await screen.findByText(/^Undo, without limit/)).toBeTruthy();
});

test.each(['100x5', '102,5 kg x 3', '60 × 12'])('%p is a set', (text) =>
  expect(setHit(text)!.to).toMatch(/^\/loads\?load=[\d.]+&reps=\d+/),
);
test.each(['100', 'x5', 'bench 100x5', '100x500', '-5x5'])('%p is none', (text) =>
  expect(setHit(text)).toBeNull(),
);
