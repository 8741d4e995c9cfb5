import type { Client } from '@drimbo/core/session';
import type { LiftRecord } from '@drimbo/core/strength';
import { sampleClient, sampleKit } from '@drimbo/core/examples';
import { kgFromLb } from '@drimbo/core/units';
import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { choose, find } from '../../testing/choose';
import { useState, type ReactNode } from 'react';
import { todayIso } from '../../data/queries';
import { show } from '../../testing/desk';
import { ClientMaxes } from './client-maxes';

const test100: LiftRecord = { ...sampleClient.tests[0]!, date: todayIso() };
const start = (patch: Partial<Client> = {}, logged: LiftRecord[] = []) => {
  let now: Client = { ...sampleClient, tests: [test100], ...patch };
  const stored = { id: 'c', revision: 1, updatedAt: '', document: now };
  function Desk(): ReactNode {
    const [client, setClient] = useState(now);
    now = client;
    return (
      <ClientMaxes
        client={client}
        file={{ ...stored, sessions: [], needs: [], blocks: [], planned: [], torn: [], logged }}
        change={(change) => setClient((c) => ({ ...c, ...change }))}
      />
    );
  }
  const kit = { id: 'hall', revision: 1, updatedAt: '', document: sampleKit };
  show(<Desk />, { kits: [kit] });
  const row = (name: string): HTMLElement =>
    screen.getAllByRole('row').find((r) => r.textContent?.startsWith(name))!;
  const add = async (load: string, reps: string, left: string): Promise<void> => {
    for (const [label, text] of [
      [/^Load in/, load],
      ['Reps', reps],
      ['Reps left', left],
    ] as const) {
      const field = screen.getByLabelText(label);
      await user.clear(field);
      if (text !== '') await user.type(field, text);
    }
    await user.click(screen.getByRole('button', { name: 'Add test' }));
  };
  const user = userEvent.setup();
  return { now: () => now, row, add, user };
};

test('each lift says its max, how sure, and whether tested, borrowed or still to be found', () => {
  const { row } = start();
  expect(row('Barbell bench press').textContent).toMatch(/1\d\d kg± \d+ %, tested/);
  expect(row('Incline barbell press').textContent).toMatch(/± \d+ %, borrowed/);
  expect(row('Dumbbell bench press').textContent).toMatch(/kg each/);
  expect(row('Dumbbell lateral raise').textContent).toMatch(/calibrate|borrowed/);
});

test('with no test and no set every lift is still to be found, and the page says how', () => {
  const { row } = start({ tests: [] });
  expect(row('Barbell bench press').textContent).toContain('calibrate');
  expect(screen.getByText(/None yet: loads are found on the day/)).toBeTruthy();
});

test('a test is added and tightens what is known; taken out, it is gone', async () => {
  const { now, row, add, user } = start();
  const spread = (): number => Number(/± (\d+) %/.exec(row('Incline barbell press').textContent!)![1]);
  const before = spread();
  await find(user, 'Movement tested', 'Incline barbell press');
  await add('77.5', '5', '1');
  expect(now().tests[1]).toMatchObject({
    movement: 'barbell-press',
    loadKg: 77.5,
    reps: 5,
    reserve: 1,
    kind: 'test',
  });
  expect(row('Incline barbell press').textContent).toContain('tested');
  expect(spread()).toBeLessThanOrEqual(before);
  const tests = screen.getAllByRole('button', { name: /^Delete the test/ });
  await user.click(tests[1]!);
  expect(now().tests).toEqual([test100]);
});

test('a load is read with a comma, in pounds when it says so, and nought for the body alone', async () => {
  const { now, add } = start({ tests: [] });
  await add('102,5', '3', '0');
  await add('225 lb', '5', '0,5');
  await add('0', '12', '');
  expect(now().tests.map((t) => t.loadKg)).toEqual([102.5, Number(kgFromLb(225).toFixed(4))]);
  expect(now().tests[1]!.reserve).toBe(0.5);
  // What was left cannot be left out: the set would count for more than it was.
  expect(screen.getByRole('alert').textContent).toBe('0 to 10.');
  await add('0', '12', '2');
  expect(now().tests).toHaveLength(3);
  expect(now().tests[2]!.loadKg).toBe(0);
});

test.each([
  ['', '5', '0', 'A load in kg.'],
  ['heavy', '5', '0', 'A load in kg.'],
  ['100', '', '0', 'Whole reps, from 1.'],
  ['100', '5.5', '0', 'Whole reps, from 1.'],
  ['-20', '5', '0', 'A load in kg.'],
])('%p × %p with %p left is no test: it is told and nothing is added', async (load, reps, left, says) => {
  const { now, add } = start();
  await add(load, reps, left);
  expect(screen.getByRole('alert').textContent).toBe(says);
  expect(now().tests).toEqual([test100]);
});

test('another formula, another max; logged sets count and are drawn', async () => {
  const sets = [1, 8, 15].map((days): LiftRecord => ({
    ...test100,
    kind: 'set',
    date: new Date(Date.now() - days * 86_400_000).toISOString().slice(0, 10),
    loadKg: 90,
    reserve: 1,
  }));
  const { now, row, user } = start({}, sets);
  expect(screen.getByText('3 logged sets count too')).toBeTruthy();
  expect(within(row('Barbell bench press')).getByRole('img')).toBeTruthy();
  const before = row('Barbell bench press').textContent;
  await choose(user, 'by', 'Brzycki');
  expect(now().formula).toBe('brzycki');
  expect(row('Barbell bench press').textContent).not.toBe(before);
});
