import { line, session } from '@drimbo/core/examples';
import { type Scheme, schemeModules, setTargets } from '@drimbo/core/session';
import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { choose, chosenIn, offeredIn } from '../../testing/choose';
import { onBench } from '../../testing/desk';
import { SchemeForm } from './scheme-form';

const start = (patch: Parameters<typeof line>[1] = {}, id = 'dumbbell-bench-press') => {
  const { designer } = onBench(session([line(id, patch)]), (d) => (
    <SchemeForm line={d.appraisal.lines[0]!} designer={d} />
  ));
  return { now: () => designer().session.blocks[0]!.lines[0]!, user: userEvent.setup(), designer };
};
const put = async (user: ReturnType<typeof userEvent.setup>, label: RegExp, text: string) => {
  const cell = screen.getByLabelText(label);
  await user.clear(cell);
  await user.type(cell, `${text}{Enter}`);
};

test.each(schemeModules.map((m) => [m.name, m.kind] as const))(
  '%s: chosen in the form it has its own figures, and every one of them is there to change',
  async (name, kind) => {
    const { now, user } = start();
    await choose(user, 'Sets go', name.toLowerCase());
    expect(now().scheme.kind).toBe(kind);
    const module = schemeModules.find((m) => m.kind === kind)!;
    for (const field of module.fields) {
      const label = field.is === 'choice' ? field.label : `${field.label}, dumbbell bench press`;
      expect(screen.getByLabelText(label)).toBeTruthy();
    }
    expect(setTargets(now()).length).toBeGreaterThan(0);
  },
);

test('a pyramid is written step by step, and nonsense leaves it', async () => {
  const { now, user } = start({ scheme: { kind: 'ascending', reps: [12, 10, 8] } });
  await put(user, /^Reps/, '12, 9, 6, 4');
  expect(now().scheme).toEqual({ kind: 'ascending', reps: [12, 9, 6, 4] });
  await put(user, /^Reps/, '12, some');
  expect(screen.getByRole('alert').textContent).toContain('A figure for each set');
  expect(now().scheme).toEqual({ kind: 'ascending', reps: [12, 9, 6, 4] });
});

test('a drop set takes its drops and how much lighter', async () => {
  const { now, user } = start({
    scheme: { kind: 'drop', sets: 3, reps: { lo: 8, hi: 10 }, drops: 2, lighter: 20, on: 'last set' },
  });
  await put(user, /^Drops/, '3');
  await put(user, /^Each lighter by/, '15');
  await choose(user, 'On', 'every set');
  expect(now().scheme).toMatchObject({ drops: 3, lighter: 15, on: 'every set' });
  await put(user, /^Drops/, '9');
  expect(screen.getByRole('alert').textContent).toContain('from 1 to 4');
  expect((now().scheme as Scheme & { kind: 'drop' }).drops).toBe(3);
});

test('a mechanical drop offers only the settings the movement has, and new ones come with figures that fit', async () => {
  const { now, user } = start({
    scheme: {
      kind: 'mechanical drop',
      sets: 2,
      reps: { lo: 8, hi: 8 },
      knob: 'tuckDeg',
      easier: [80],
    },
  });
  const options = await offeredIn(user, 'Easier by');
  expect(options).toHaveLength(2);
  await choose(user, 'Easier by', options[0]!);
  expect(now().scheme).toMatchObject({ knob: 'benchDeg', easier: [0] });
  await put(user, /^To,/, '30, 15');
  expect(now().scheme).toMatchObject({ easier: [30, 15] });
});

test('a load is taken from another lift, squeezes stand between sets, loads come down', async () => {
  const { now, user } = start({}, 'standing-barbell-press');
  await choose(user, 'Over the sets', 'hold the reps, loads come down');
  expect(now().loads).toBe('down');
  await choose(user, 'Between sets', 'squeeze hard for 10 s, breathing');
  expect(now().squeezeS).toBe(10);
  await choose(user, 'Load from', 'barbell bench press');
  expect(now().percentOf).toEqual({ lift: 'barbell-bench-press', percent: 80 });
  await put(user, /^Percentage of that lift/, '72');
  expect(now().percentOf!.percent).toBe(72);
  expect(screen.queryByText('Over the sets')).toBeNull();
});

test('a share of any lift that was typed is shown as what it is', () => {
  start({ percentOf: { lift: 'dumbbell-bench-press', percent: 70 } }, 'incline-dumbbell-press');
  expect(chosenIn('Load from')).toBe('dumbbell bench press');
});
