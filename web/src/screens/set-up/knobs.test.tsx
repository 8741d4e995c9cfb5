import { entries, findEntry, fullRig, type Rig } from '@drimbo/core/movements';
import userEvent from '@testing-library/user-event';
import { choose } from '../../testing/choose';
import { fireEvent, render, screen } from '@testing-library/react';
import { knobCount, KnobList } from './knobs';

const start = (id: string, rig: Rig = {}) => {
  const { movement, rig: begun } = findEntry(id)!;
  const turned: Rig[] = [];
  const view = render(
    <KnobList
      movement={movement}
      rig={fullRig(movement, { ...begun, ...rig })}
      onTurn={(patch) => turned.push(patch)}
    />,
  );
  return { turned, view };
};

test('a slider says its setting in words and gives the figure', () => {
  const { turned } = start('barbell-bench-press', { gripBiacromial: 1.5, tuckDeg: 60 });
  const grip = screen.getByRole('slider', { name: 'Grip' });
  expect(grip.getAttribute('aria-valuetext')).toBe('1.50 × shoulders');
  fireEvent.change(grip, { target: { value: '1.8' } });
  fireEvent.change(screen.getByRole('slider', { name: 'Tuck' }), { target: { value: '45' } });
  expect(turned).toEqual([{ gripBiacromial: 1.8 }, { tuckDeg: 45 }]);
});

test('feet up and hands up are told apart', () => {
  const { view } = start('push-up', { elevationM: 0.3 });
  expect(screen.getByRole('slider', { name: 'Feet or hands raised' }).getAttribute('aria-valuetext')).toBe(
    'feet 30 cm',
  );
  view.unmount();
  start('push-up', { elevationM: -0.6 });
  expect(screen.getByRole('slider', { name: 'Feet or hands raised' }).getAttribute('aria-valuetext')).toBe(
    'hands 60 cm',
  );
});

test('a choice is offered in words, and only where there is one', async () => {
  const { turned } = start('dumbbell-bench-press');
  await choose(userEvent.setup(), 'Hands', 'neutral grip');
  expect(turned).toEqual([{ forearm: 'neutral' }]);
});

test('every movement shows as many controls as it has knobs, each with a value that can be', () => {
  for (const { movement, rig } of entries) {
    const { container, unmount } = render(
      <KnobList movement={movement} rig={fullRig(movement, rig)} onTurn={() => undefined} />,
    );
    expect(container.querySelectorAll('input, [aria-haspopup="listbox"]')).toHaveLength(knobCount(movement));
    for (const slider of container.querySelectorAll('input')) {
      const [min, max, value] = [slider.min, slider.max, slider.value].map(Number);
      expect(value).toBeGreaterThanOrEqual(min!);
      expect(value).toBeLessThanOrEqual(max!);
    }
    expect(container.textContent).not.toMatch(/NaN|undefined/);
    unmount();
  }
});
