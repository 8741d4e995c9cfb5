import { appraise } from '@drimbo/core';
import type { Fix } from '@drimbo/core/review';
import { line, sampleContext, sampleKit, session, soundPush } from '@drimbo/core/examples';
import { act, fireEvent, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { onBench } from '../../testing/desk';
import { effectText, furtherText } from './fix-button';
import { ReviewPane } from './review-pane';

const alone = { ...sampleContext, kit: { ...sampleKit, rack: { count: 1, safetyArms: false } } };
const risky = session([
  line('barbell-bench-press', { reserve: { first: 2, last: 0 } }),
  line('dumbbell-fly'),
]);
const start = (s = risky, context = alone) => {
  const { designer } = onBench(s, (d) => <ReviewPane designer={d} />, { context });
  const finding = (rule: string): HTMLElement | null => document.querySelector(`[data-rule="${rule}"]`);
  const user = userEvent.setup();
  const opened = async (rule: string): Promise<HTMLElement> => {
    await user.click(within(finding(rule)!).getByRole('button', { expanded: false }));
    return finding(rule)!;
  };
  return { designer, finding, opened, user };
};

test.each([
  [{ minutes: 0, sets: 0 }, 'same time and sets'],
  [{ minutes: -2.6, sets: -1 }, '−2.5 min, −1 set'],
  [{ minutes: 4, sets: 2 }, '+4 min, +2 sets'],
  [{ minutes: 0.1, sets: 3 }, '+3 sets'],
])('%j is told as %p', (effect, text) => {
  expect(effectText({ effect } as Fix)).toBe(text);
});

test('what else a fix does is told: the dose, what goes with it', () => {
  const effect = {
    minutes: 0,
    sets: 1,
    dose: { chest: 1.04, deltRear: -0.5 },
    gone: ['A.', 'B.'],
    comes: [],
  };
  expect(furtherText({ effect } as unknown as Fix)).toBe(
    'Sets that count: chest +1, rear delt −0.5. Also mends: A. B.',
  );
  start(session([line('dumbbell-bench-press'), line('seated-dumbbell-press')]), sampleContext);
});

test('what the fix of a real finding says is what it does', () => {
  const { findings } = appraise(
    session([line('dumbbell-bench-press'), line('incline-dumbbell-press'), line('cable-lateral-raise')]),
    sampleContext,
  );
  const fix = findings.find((f) => f.rule === 'missing-long-head')!.fixes[0]!;
  expect(effectText(fix)).toMatch(/^\+\d+(\.5)? min, \+3 sets$/);
});

test('the list is single lines; arrows and Enter go through it, one opens in place of another', async () => {
  const { opened, user } = start();
  expect(screen.queryAllByRole('button', { expanded: true })).toEqual([]);
  const heads = screen.getAllByRole('button', { expanded: false });
  const first = within(await opened('bar-alone')).getByRole('button', { expanded: true });
  screen.getByRole('list', { name: 'Findings' }).focus();
  await user.keyboard('{ArrowDown}{ArrowDown}');
  const second = document.activeElement as HTMLElement;
  expect([heads.includes(second), second === first]).toEqual([true, false]);
  await user.keyboard('{Enter}');
  expect([first, second].map((head) => head.getAttribute('aria-expanded'))).toEqual(['false', 'true']);
});

test('of two findings the loudest is open until another is asked for', () => {
  const heavy = session([line('barbell-bench-press', { reserve: { first: 2, last: 0 } })]);
  const { designer, finding } = start(heavy);
  const open = designer().appraisal.findings.filter((f) => f.dismissed === null);
  expect(open.length).toBeLessThanOrEqual(2);
  expect(within(finding('bar-alone')!).getByRole('button', { expanded: true })).toBeTruthy();
});

test('what a remedy mended stays struck through in its place until the pointer leaves, and the focus in the list', async () => {
  const { opened, user } = start();
  await user.click(
    within(await opened('bar-alone')).getByRole('button', { name: /^A spotter will be there/ }),
  );
  expect(document.querySelector('[data-mended="bar-alone"]')!.textContent).toContain(
    'A spotter will be there',
  );
  expect(document.activeElement?.id).toBe('review');
  fireEvent.pointerLeave(screen.getByRole('list', { name: 'Findings' }));
  expect(document.querySelector('[data-mended]')).toBeNull();
});

test('a finding says what, why, on what ground, and its fix mends it', async () => {
  const { designer, finding, opened, user } = start();
  const bar = await opened('bar-alone');
  expect(within(bar).getByText(/Neither a spotter/)).toBeTruthy();
  expect(bar.textContent).toContain('common practice');
  await user.click(within(bar).getByRole('button', { name: /^A spotter will be there/ }));
  expect(designer().session.spotter).toBe(true);
  expect(finding('bar-alone')).toBeNull();
});

test('set aside only with a reason, which stays to be read; brought back without', async () => {
  const { designer, finding, opened, user } = start();
  const bar = (): HTMLElement => finding('bar-alone')!;
  await opened('bar-alone');
  await user.click(within(bar()).getByRole('button', { name: 'Set aside' }));
  const keep = await within(bar()).findByRole<HTMLButtonElement>('button', { name: 'Keep it' });
  expect(keep.disabled).toBe(true);
  await user.type(screen.getByLabelText('Why go on anyway'), 'her brother stands by{Enter}');
  expect(designer().session.dismissed).toEqual([
    { finding: 'bar-alone barbell-bench-press', reason: 'her brother stands by' },
  ]);
  expect(bar().textContent).toContain('Going on because: her brother stands by');
  expect(within(bar()).queryByRole('button', { name: /^Use dumbbells/ })).toBeNull();
  await user.click(within(bar()).getByRole('button', { name: 'Bring back' }));
  expect(designer().session.dismissed).toEqual([]);
});

test('the count says how loud, and a finding leads to its movement', async () => {
  const { designer, finding, user } = start();
  expect(screen.getByTestId('review-count').textContent).toMatch(/^\d+ to stop for/);
  act(() => designer().select('dumbbell-fly'));
  const head = within(finding('bar-alone')!).getByRole('button', { name: /reserve/ });
  await user.click(head);
  await user.click(head);
  expect(designer().selected).toBe('barbell-bench-press');
});

test('an empty session is told what the review will look at; a sound one that nothing was found', () => {
  start(session([]));
  expect(screen.getByText(/Add a movement and the review begins/)).toBeTruthy();
  expect(screen.getByTestId('review-count').textContent).toBe('nothing found');
});

test('a sound session has nothing to stop for', () => {
  start(soundPush, sampleContext);
  expect(screen.getByTestId('review-count').textContent).not.toMatch(/stop|watch/);
});
