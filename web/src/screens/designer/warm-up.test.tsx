import fc from 'fast-check';
import { session } from '@drimbo/core/examples';
import type { WarmupItem } from '@drimbo/core/session';
import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { choose } from '../../testing/choose';
import { onBench } from '../../testing/desk';
import { WarmUp } from './warm-up';
import { warmupDose } from './warm-up-words';
import { readWarmupDose } from './warm-up-inside';

const item = (patch: Partial<WarmupItem>): WarmupItem => ({
  id: 'w',
  movement: 'pass-through',
  sets: 1,
  reps: 12,
  seconds: null,
  note: '',
  ...patch,
});

test.each([
  ['2x15', { sets: 2, reps: 15, seconds: null }],
  ['2 × 15', { sets: 2, reps: 15, seconds: null }],
  ['12', { sets: 1, reps: 12, seconds: null }],
  ['4 min', { sets: 1, reps: null, seconds: 240 }],
  ['2x30s', { sets: 2, reps: null, seconds: 30 }],
  ['9x10', null],
  ['0x10', null],
  ['2x', null],
  ['2x200', null],
  ['1 s', null],
  ['a while', null],
])('%p is read as %j', (text, dose) => expect(readWarmupDose(text)).toEqual(dose));

test('a dose that is written is read back', () => {
  const sets = fc.integer({ min: 1, max: 6 });
  const doses = fc.oneof(
    fc.record({ sets, reps: fc.integer({ min: 1, max: 100 }), seconds: fc.constant(null) }),
    fc.record({ sets, reps: fc.constant(null), seconds: fc.integer({ min: 1, max: 20 }).map((m) => m * 60) }),
    fc.record({ sets, reps: fc.constant(null), seconds: fc.integer({ min: 5, max: 59 }) }),
  );
  fc.assert(fc.property(doses, (dose) => expect(readWarmupDose(warmupDose(item(dose)))).toEqual(dose)));
});

test('things are added, dosed, moved and taken out, and the first lift led up to another way', async () => {
  const { designer } = onBench(session([]), (d) => <WarmUp designer={d} />);
  const user = userEvent.setup();
  const warm = () => designer().session.warmup;
  expect(screen.getByText(/none yet/)).toBeTruthy();
  await user.click(screen.getByRole('button', { name: 'Edit warm-up' }));
  const dialog = await screen.findByRole('dialog');
  await within(dialog).findByRole('button', { name: /Add to the warm-up/ });
  await choose(user, 'Add to the warm-up', 'Easy cardio');
  await choose(user, 'Add to the warm-up', 'Shoulder pass-through');
  expect(warm().map((w) => [w.movement, w.reps, w.seconds])).toEqual([
    ['easy-cardio', null, 240],
    ['pass-through', 12, null],
  ]);
  const name = screen
    .getAllByLabelText(/^Dose of/)[1]!
    .getAttribute('aria-label')!
    .slice('Dose of '.length);
  const dose = screen.getByLabelText(`Dose of ${name}`);
  await user.clear(dose);
  await user.type(dose, '2x10{Enter}');
  expect(warm()[1]).toMatchObject({ sets: 2, reps: 10 });
  await user.click(screen.getByRole('button', { name: `Move ${name} up` }));
  expect(warm()[0]!.movement).toBe('pass-through');
  await user.click(screen.getByRole('button', { name: `Remove ${name}` }));
  expect(warm()).toHaveLength(1);
  await choose(user, 'Lead up to the first lift by', 'two sets of 12–15');
  expect(designer().session.ramp).toBe('two sets');
});

test('what a warm-up lacks is filled up in one step, and then no longer offered', async () => {
  const { designer } = onBench(session([], { warmup: [item({ movement: 'wall-slide' })] }), (d) => (
    <WarmUp designer={d} />
  ));
  const user = userEvent.setup();
  await user.click(screen.getByRole('button', { name: 'Edit warm-up' }));
  await user.click(screen.getByRole('button', { name: 'Fill it up: general, activation' }));
  expect(designer().session.warmup.map((w) => w.movement)).toEqual([
    'easy-cardio',
    'wall-slide',
    'band-pull-apart',
  ]);
  expect(screen.queryByRole('button', { name: /^Fill it up/ })).toBeNull();
  expect([...document.querySelectorAll('.part')].map((p) => p.textContent)).toEqual([
    'general',
    'range',
    'activation',
  ]);
});
