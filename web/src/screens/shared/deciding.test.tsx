import { clientKind } from '@drimbo/core/documents';
import type { Client } from '@drimbo/core/session';
import { sampleClient } from '@drimbo/core/examples';
import { render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { Deciding } from './deciding';

const base: Client = { ...sampleClient, minutes: 60, likes: 'Cables', goal: 'Size' };
const start = () => {
  const settled: Client[] = [];
  const mine = { ...base, minutes: 75, likes: 'Machines' };
  const theirs = { ...base, minutes: 45, goal: 'Strength' };
  render(
    <Deciding
      unit="kg"
      conflict={{
        kind: clientKind as never,
        base,
        mine,
        theirs: { id: 'c', revision: 4, updatedAt: '2026-11-24T10:00:00Z', document: theirs },
        settle: (chosen) => settled.push(chosen),
      }}
    />,
  );
  const user = userEvent.setup();
  const press = (name: string) => user.click(screen.getByRole('button', { name }));
  return { settled, user, press, mine, theirs };
};

test('only what differs is asked about, and what one side alone changed is chosen already', () => {
  start();
  const chosen = screen
    .getAllByRole('radiogroup')
    .map((group) => [
      group.firstChild!.textContent,
      within(group).getByRole<HTMLInputElement>('radio', { checked: true }).closest('label')!.textContent,
    ]);
  expect(Object.fromEntries(chosen)).toEqual({
    Minutes: 'here: 75',
    'Likes, and feels': 'here: Machines',
    Goal: 'there: Strength',
  });
});

test('it is saved part by part as chosen, or as one of the two', async () => {
  const { settled, user, press, mine, theirs } = start();
  await user.click(screen.getByRole('radio', { name: 'there: 45' }));
  await press('Save it as chosen');
  await press('Keep mine');
  await press('Take theirs');
  expect(settled).toEqual([{ ...base, minutes: 45, likes: 'Machines', goal: 'Strength' }, mine, theirs]);
});
