import type { Kit } from '@drimbo/core/kit';
import { sampleKit } from '@drimbo/core/examples';
import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { choose, chosenIn } from '../../testing/choose';
import { show } from '../../testing/desk';
import { LoadsScreen } from './loads';

const stored = <T,>(id: string, document: T) => ({ id, revision: 1, updatedAt: '', document });
const open = (at: string, kit: Partial<Kit> = {}) => {
  const bare: Kit = { ...sampleKit, name: 'Bare room', bars: [], plates: [], benches: [] };
  show(
    <LoadsScreen />,
    {
      kits: [stored('hall', { ...sampleKit, ...kit }), stored('bare', bare)],
      notebook: stored('notebook', undefined),
    },
    at,
  );
  return userEvent.setup();
};
const sheet = (name: string): HTMLElement => screen.getByRole('heading', { name }).closest('section')!;
const rows = (name: string): string[] =>
  within(sheet(name))
    .getAllByRole('row')
    .map((r) => r.textContent ?? '');

/** Brzycki 1993 and Epley 1985 meet at ten repetitions: 100 × 10 is 133.3 by both. */
test('a set gives a max by every formula and their median, with what it rests on', () => {
  open('/loads?load=100&reps=10');
  expect(rows('Max from a set').filter((r) => /Epley|Brzycki/.test(r))).toEqual([
    'Epley133.3 kg',
    'Brzycki133.3 kg',
  ]);
  expect(screen.getByTestId('max').textContent).toBe(
    '132.7 kg ± 5 %, between the median of seven formulas and that of four.',
  );
});

test.each([
  ['1', /^100 kg ± 2 %, a single is the max itself/],
  ['15', /the median of four formulas\.$/],
  ['25', /the mean of two formulas\. So many repetitions make it rough\.$/],
])('%s repetitions say which formulas count', (reps, says) => {
  open(`/loads?load=100&reps=${reps}`);
  expect(screen.getByTestId('max').textContent).toMatch(says);
});

test('shares of the max are loads of the kit with their plates, and fall', () => {
  open('/loads?load=100&reps=5');
  const loads = rows('Percentages of it on a bar')
    .slice(1)
    .map((r) => Number(/%([\d.]+) kg/.exec(r)![1]));
  expect(loads).toHaveLength(11);
  expect(loads).toEqual([...loads].sort((a, b) => b - a));
  for (const kg of loads) expect((kg - 20) % 2.5).toBeCloseTo(0, 9);
  expect(within(sheet('Percentages of it on a bar')).getAllByRole('img')).toHaveLength(11);
});

test('the ramp climbs to the share that is chosen, or is two sets', async () => {
  const user = open('/loads?load=100&reps=5');
  const steps = (): number[] => rows('Ramp to a working set').map((r) => Number.parseFloat(r));
  const at80 = steps();
  expect(at80).toEqual([...at80].sort((a, b) => a - b));
  await choose(user, 'Work at', '90 %');
  expect(steps().at(-1)).toBeGreaterThan(at80.at(-1)!);
  await choose(user, 'Way up', 'two sets of 12–15');
  expect(steps()).toHaveLength(3);
});

test('chains weigh more locked out than on the chest; a bar in a landmine lightens as it rises', () => {
  open('/loads?load=100&reps=5&plates=20', {
    chains: [{ id: 'links', name: 'Links', kgPerMetre: 6, metres: 2, aSide: 1 }],
  });
  const figures = (name: string): number[] =>
    [...sheet(name).querySelectorAll('tbody td')].map((c) => Number.parseFloat(c.textContent!));
  const [chest, middle, top] = figures('With chains');
  expect(chest! < middle! && middle! < top!).toBe(true);
  expect(within(sheet('With chains')).getByText(/on the bar and links/)).toBeTruthy();
  const held = figures('On a landmine');
  expect(held).toHaveLength(4);
  expect(held).toEqual([...held].sort((a, b) => b - a));
});

test('what makes no sense is told and nothing is computed from it', async () => {
  const user = open('/loads?load=100&reps=many&work=often&ramp=up&plates=lots');
  expect(screen.getAllByRole('alert').map((a) => a.textContent)).toEqual([
    'Reps are a whole number from 1 to 36.',
    'Plates are a figure from 0 to 300.',
  ]);
  expect(screen.queryByTestId('max')).toBeNull();
  await user.clear(screen.getByLabelText('Reps'));
  await user.type(screen.getByLabelText('Reps'), '5');
  expect(screen.getByTestId('max').textContent).toContain('kg');
  expect(chosenIn('Work at')).toBe('80 %');
});

test('a gym without a bar says so', async () => {
  const user = open('/loads?load=100&reps=5');
  await choose(user, 'On the kit of', 'Bare room');
  expect(screen.getByText(/Bare room has no straight bar/)).toBeTruthy();
  expect(screen.getByText('It appears with a max.')).toBeTruthy();
});

test('in pounds the plates stay what they are and the figures turn', async () => {
  const user = open('/loads?load=225&reps=1');
  await choose(user, 'in', 'lb');
  expect(screen.getByTestId('max').textContent).toMatch(/^225 lb/);
});
