import { linesOf } from '@drimbo/core/session';
import { sampleKit, soundPush } from '@drimbo/core/examples';
import { act, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { onBench } from '../../testing/desk';
import { Button } from '../../parts/button';
import { Adapt } from './adapt';

const shed = { ...sampleKit, name: 'Shed', bars: [], stacks: [] };
const kits = [
  { id: 'hall', revision: 1, updatedAt: '', document: sampleKit },
  { id: 'shed', revision: 1, updatedAt: '', document: shed },
];

const start = async () => {
  const { designer } = onBench(soundPush, (d) => <Adapt designer={d} button={<Button>Adapt</Button>} />, {
    fetched: { kits },
  });
  const user = userEvent.setup();
  return { designer, user };
};
const items = async (): Promise<string[]> =>
  (await screen.findAllByRole('menuitem')).map((i) => i.textContent!);

test('offers somebody else, less time than it takes now, and the other gyms', async () => {
  const { designer } = await start();
  const minutes = designer().appraisal.totals.minutes;
  const offered = await items();
  expect(offered.filter((t) => t.startsWith('For '))).toHaveLength(3);
  expect(offered.filter((t) => t.startsWith('At '))).toEqual(['At Shed']);
  for (const t of offered.filter((x) => x.startsWith('In '))) {
    expect(Number(/\d+/.exec(t)![0])).toBeLessThan(minutes);
  }
});

test('less time fits, and one undo brings the session back', async () => {
  const { designer, user } = await start();
  await user.click(await screen.findByRole('menuitem', { name: 'In 45 minutes…' }));
  const take = screen.getByRole('button', { name: 'Make these cuts' });
  await waitFor(() => expect(take.hasAttribute('disabled')).toBe(false));
  await user.click(take);
  expect(designer().appraisal.totals.minutes).toBeLessThanOrEqual(45);
  expect(designer().session.minutes).toBe(45);
  act(() => designer().undo());
  expect(designer().session).toEqual(soundPush);
});

test('at another gym the session belongs there and nothing of it is missing', async () => {
  const { designer, user } = await start();
  await user.click(await screen.findByRole('menuitem', { name: 'At Shed' }));
  expect(designer().session.kitId).toBe('shed');
  expect(linesOf(designer().session)).toHaveLength(linesOf(soundPush).length);
  expect(linesOf(designer().session).some((l) => l.movement.startsWith('cable'))).toBe(false);
});
