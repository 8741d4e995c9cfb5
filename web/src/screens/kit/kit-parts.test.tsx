import { type Kit, kitSchema } from '@drimbo/core/kit';
import { sampleKit } from '@drimbo/core/examples';
import { kgFromLb } from '@drimbo/core/units';
import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { choose } from '../../testing/choose';
import { useState, type ReactNode } from 'react';
import { show } from '../../testing/desk';
import { Bands } from './bands';
import { Benches } from './benches';
import { Chains } from './chains';
import { Floor } from './floor';
import { Gym } from './gym';
import { Bars, Dumbbells, Plates } from './bars-and-bells';
import type { PartProps } from './parts';
import { Stacks, stackStations } from './stacks';

const start = (Part: (props: PartProps) => ReactNode, patch: Partial<Kit> = {}) => {
  let now: Kit = { ...sampleKit, ...patch };
  function Desk(): ReactNode {
    const [kit, setKit] = useState(now);
    now = kit;
    return <Part kit={kit} change={(change) => setKit((k) => ({ ...k, ...change }))} />;
  }
  show(<Desk />);
  const user = userEvent.setup();
  const put = async (label: string | RegExp, text: string): Promise<void> => {
    const cell = screen.getByLabelText(label);
    await user.clear(cell);
    await user.type(cell, `${text}{Enter}`);
  };
  return { kit: () => now, user, put };
};

test('plates are read in the gym’s unit or their own, and the two markings are drawn apart', async () => {
  const { kit, put } = start(Plates);
  await put('Plates by size and pairs', '20 x 3, 10, 45 lb x 2');
  expect(kit().plates).toEqual([
    { kg: 10, pairs: 1 },
    { kg: 20, pairs: 3 },
    { kg: Number(kgFromLb(45).toFixed(4)), pairs: 2 },
  ]);
  expect(screen.getAllByRole('img').map((i) => i.getAttribute('aria-label'))).toEqual([
    'On each side, from the inside: 20, 20, 20, 10 kg',
    'On each side, from the inside: 45, 45 lb',
  ]);
  await put('Plates by size and pairs', 'none');
  expect(kit().plates).toEqual([]);
});

test('a dumbbell list that makes no sense changes nothing', async () => {
  const { kit, put } = start(Dumbbells);
  await put('Dumbbells by size and pairs', '5-2 by 1');
  expect(kit().dumbbells).toEqual(sampleKit.dumbbells);
  expect(screen.getByRole('alert').textContent).toContain('Sizes in kg');
  await put('Dumbbells by size and pairs', '2-10 by 2 x 2, 25 lb');
  expect(kit().dumbbells).toHaveLength(6);
});

test('bars are added, weighed, given a use and removed', async () => {
  const { kit, user, put } = start(Bars, { bars: [] });
  await user.click(screen.getByRole('button', { name: 'Add a bar' }));
  await put('Weight of Bar', '45 lb');
  expect(kit().bars[0]!.kg).toBeCloseTo(kgFromLb(45), 4);
  expect(screen.getByLabelText<HTMLInputElement>('Weight of Bar').value).toBe('45 lb');
  await choose(user, 'Use of Bar', 'curl');
  expect(kit().bars[0]!.use).toBe('curl');
  await put('Weight of Bar', '900');
  expect(kit().bars[0]!.kg).toBeCloseTo(kgFromLb(45), 4);
  await user.click(screen.getByRole('button', { name: 'Remove Bar' }));
  expect(kit().bars).toEqual([]);
});

test('a band is drawn from its pulls', async () => {
  const { kit, user, put } = start(Bands);
  await user.click(screen.getByRole('button', { name: 'Add a band' }));
  await put('Lengths and pulls of Band', '0.4 m 0 N, 1 m 120 N');
  expect(kit().bands![0]!.points).toEqual([
    { lengthM: 0.4, newtons: 0 },
    { lengthM: 1, newtons: 120 },
  ]);
  expect(screen.getByRole('img', { name: 'Band: slack to 0.4 m, 120 newtons at 1 m' })).toBeTruthy();
  await put('Lengths and pulls of Band', '1 m 120 N, 0.4 m 0 N');
  expect(screen.getByRole('alert')).toBeTruthy();
  expect(kit().bands![0]!.points).toHaveLength(2);
});

test('chains, benches, distances and stacks are added with figures that are valid', async () => {
  for (const [Part, add] of [
    [Chains, 'Add chains'],
    [Benches, 'Add a bench'],
    [Floor, 'Add a distance'],
    [Stacks, 'Add a stack'],
    [Bands, 'Add a band'],
    [Bars, 'Add a bar'],
  ] as const) {
    const { kit, user } = start(Part);
    await user.click(screen.getAllByRole('button', { name: add }).at(-1)!);
    expect(() => kitSchema.parse(kit())).not.toThrow();
    expect(kit()).not.toEqual(sampleKit);
  }
});

test('a gym that says nothing of ropes is taken to have them; one taken out leaves the rest', async () => {
  const { kit, user } = start(Gym);
  const rope = screen.getByLabelText<HTMLInputElement>('Rope');
  expect(rope.checked).toBe(true);
  await user.click(rope);
  expect(kit().attachments).toEqual(['single handles', 'straight bar', 'lifting belt']);
  await user.click(screen.getByLabelText('Somebody is usually there to spot'));
  expect(kit().spotter).toBe(true);
  await user.click(screen.getByLabelText('Dip bars'));
  expect(kit().places).not.toContain('dip bars');
});

test('a name is never left empty', async () => {
  const { kit, user } = start(Gym);
  await user.clear(screen.getByLabelText('Name'));
  expect(kit().name).not.toBe('');
});

test('distances name two stations once', async () => {
  const { kit, user, put } = start(Floor);
  await user.click(screen.getByRole('button', { name: 'Add a distance' }));
  await user.click(screen.getByRole('button', { name: 'Add a distance' }));
  const pairs = kit().apart!.map((w) => [w.a, w.b].sort().join());
  expect(new Set(pairs).size).toBe(2);
  await put('Metres of distance 2', '250');
  expect(kit().apart![1]!.metres).toBe(15);
});

test('a stack serves several stations, never none', async () => {
  const { kit, user } = start(Stacks);
  const [station] = kit().stacks[0]!.serves;
  expect(screen.queryByRole('button', { name: `Cables no longer serves ${station}` })).toBeNull();
  const other = stackStations.find((s) => s !== station)!;
  await choose(user, 'What else Cables serves', other);
  expect(kit().stacks[0]!.serves).toEqual([station, other]);
  await user.click(screen.getByRole('button', { name: `Cables no longer serves ${station}` }));
  expect(kit().stacks[0]!.serves).toEqual([other]);
});

test('a stack is measured by its plates, its pulley and its add-ons, and refuses what it cannot be', async () => {
  const { kit, put } = start(Stacks);
  await put('Step, kg, Cables', '5');
  await put('Whole stack, kg, Cables', '95');
  await put('Hand feels, of the stack, Cables', '1');
  await put('Add-ons, Cables', '1.25, 2.5');
  expect(kit().stacks[0]).toMatchObject({ stepKg: 5, maxKg: 95, ratio: 1, addOnsKg: [1.25, 2.5] });
  await put('Hand feels, of the stack, Cables', '4');
  expect(screen.getByRole('alert').textContent).toContain('two to one');
  await put('Add-ons, Cables', 'none');
  await put('How many, Cables', '0');
  expect(kit().stacks[0]).toMatchObject({ ratio: 1, addOnsKg: [], count: 2 });
});
