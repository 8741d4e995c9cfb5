import { figureOf } from '@drimbo/core/mechanics';
import { entries, findEntry, fullRig } from '@drimbo/core/movements';
import { fireEvent, render, screen } from '@testing-library/react';
import type { ReactNode } from 'react';
import type { Notches } from './bench';
import { FromAbove } from './from-above';
import { MovementDrawing } from './movement-drawing';
import { StillMovement } from './still';
import { useDrawn } from './use-drawn';

const size = { widthPx: 420, heightPx: 300 };
const short = { statureM: 1.52, massKg: 52 };
const tall = { statureM: 2.02, massKg: 118 };

test.each(entries.map(({ id }) => id))('%s is drawn whole on a small and a large body', (id) => {
  const { movement, rig } = findEntry(id)!;
  for (const body of [short, tall]) {
    const { container, unmount } = render(
      <StillMovement movement={movement} rig={fullRig(movement, rig)} body={body} says={id} {...size} />,
    );
    expect(screen.getByRole('img', { name: id })).toBeTruthy();
    expect(container.innerHTML).not.toMatch(/NaN|Infinity|undefined/);
    expect(container.querySelectorAll('path').length).toBeGreaterThan(8);
    for (const joint of container.querySelectorAll('circle')) {
      const [x, y] = ['cx', 'cy'].map((at) => Number(joint.getAttribute(at))) as [number, number];
      expect([x >= 0 && x <= size.widthPx, y >= 0 && y <= size.heightPx]).toEqual([true, true]);
    }
    unmount();
  }
});

const fromAbove = entries.filter(
  ({ movement, rig }) => figureOf(movement, fullRig(movement, rig), tall, 3).above !== null,
);
test.each(fromAbove.map(({ id }) => id))('%s from above the chest has its hands in the picture', (id) => {
  const { movement, rig } = findEntry(id)!;
  const figure = figureOf(movement, fullRig(movement, rig), tall, 9);
  const { container } = render(
    <FromAbove figure={figure} pulls={[]} statureM={tall.statureM} at={0} tuck={null} grip={null} />,
  );
  const svg = screen.getByRole('group', { name: 'The arms from above the chest' });
  const [, , right, bottom] = svg.getAttribute('viewBox')!.split(' ').map(Number) as number[];
  const hands = [...container.querySelectorAll('circle')];
  expect(hands.length).toBeGreaterThan(3);
  for (const hand of hands) {
    const [x, y, r] = ['cx', 'cy', 'r'].map((at) => Number(hand.getAttribute(at))) as [
      number,
      number,
      number,
    ];
    expect([x - r >= 0, x + r <= right!, y - r >= 0, y + r <= bottom!]).toEqual([true, true, true, true]);
  }
});

/** An incline press at a bench of five notches. */
function Turning({ deg, onTurn }: { deg: number; onTurn: Notches['onTurn'] }): ReactNode {
  const { movement, rig } = findEntry('incline-dumbbell-press')!;
  const turned = fullRig(movement, { ...rig, benchDeg: deg });
  const { figure, pulls } = useDrawn(movement, turned, tall);
  return (
    <MovementDrawing
      {...{ figure, pulls, movement, rig: turned, at: 0, isLoaded: true, says: 'Incline press', ...size }}
      statureM={tall.statureM}
      bench={{ notches: [0, 15, 30, 45, 60], deg, onTurn }}
    />
  );
}

test.each([
  ['ArrowUp', 45],
  ['ArrowLeft', 15],
  ['PageUp', 45],
  ['Home', 0],
  ['End', 60],
])('%s turns the bench from 30° to the notch at %i°', (key, to) => {
  const turned: number[] = [];
  render(<Turning deg={30} onTurn={(deg) => turned.push(deg)} />);
  fireEvent.keyDown(screen.getByRole('slider', { name: 'Bench angle' }), { key });
  expect(turned).toEqual([to]);
});

test('a bench between two notches goes to the next one; at the last it stays', () => {
  const turned: number[] = [];
  const { rerender } = render(<Turning deg={22} onTurn={(deg) => turned.push(deg)} />);
  const press = (key: string): void => {
    fireEvent.keyDown(screen.getByRole('slider', { name: 'Bench angle' }), { key });
  };
  press('ArrowDown');
  press('ArrowUp');
  rerender(<Turning deg={60} onTurn={(deg) => turned.push(deg)} />);
  press('ArrowUp');
  press('a');
  expect(turned).toEqual([15, 30]);
});

test('the notch that is set stands out, and a press on another sets it', () => {
  const turned: number[] = [];
  const { container } = render(<Turning deg={30} onTurn={(deg) => turned.push(deg)} />);
  const ticks = [...container.querySelectorAll('g[aria-hidden] > g')].slice(0, 5);
  expect(ticks.map((g) => Number(g.querySelector('path')!.getAttribute('stroke-width')))).toEqual([
    1.3, 1.3, 3, 1.3, 1.3,
  ]);
  fireEvent.click(ticks[3]!);
  expect(turned).toEqual([45]);
});
