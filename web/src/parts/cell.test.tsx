import { jest } from '@jest/globals';
import { fireEvent, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState, type ReactNode } from 'react';
import { Cell } from './cell';

/** "8" or "8-10". */
const readReps = (text: string): { lo: number; hi: number } | null => {
  const m = /^\s*(\d{1,2})(?:\s*[-–]\s*(\d{1,2}))?\s*$/.exec(text);
  const [lo, hi] = m ? [Number(m[1]), Number(m[2] ?? m[1])] : [0, 0];
  return lo >= 1 && hi >= lo ? { lo, hi } : null;
};
const taken = jest.fn();
function Reps(): ReactNode {
  const [reps, setReps] = useState({ lo: 8, hi: 8 });
  return (
    <Cell
      label="Reps"
      text={reps.lo === reps.hi ? `${reps.lo}` : `${reps.lo}–${reps.hi}`}
      read={readReps}
      hint="A figure or a range"
      take={(next) => {
        taken(next);
        setReps(next);
      }}
    />
  );
}
const start = () => {
  taken.mockClear();
  render(<Reps />);
  return { cell: screen.getByLabelText<HTMLInputElement>('Reps'), user: userEvent.setup() };
};

test('what makes sense is taken while typing and rewritten on leaving', async () => {
  const { cell, user } = start();
  await user.clear(cell);
  await user.type(cell, '8-10');
  expect(taken).toHaveBeenLastCalledWith({ lo: 8, hi: 10 });
  await user.tab();
  expect(cell.value).toBe('8–10');
});

test('what makes no sense is marked, told, and changes nothing; Enter does not lose it', async () => {
  const { cell, user } = start();
  await user.clear(cell);
  await user.type(cell, 'many{Enter}');
  expect(taken).not.toHaveBeenCalled();
  expect(cell.value).toBe('many');
  expect(cell.getAttribute('aria-invalid')).toBe('true');
  expect(screen.getByRole('alert').textContent).toBe('A figure or a range');
  await user.keyboard('{Escape}');
  expect(cell.value).toBe('8');
  expect(screen.queryByRole('alert')).toBeNull();
});

test('the beginning of something that makes no sense does not stay behind', async () => {
  const { cell, user } = start();
  await user.clear(cell);
  await user.type(cell, '12 or so');
  expect(taken).toHaveBeenLastCalledWith({ lo: 8, hi: 8 });
  await user.tab();
  expect(cell.value).toBe('8');
});

test('Escape brings back what was there before the typing', async () => {
  const { cell, user } = start();
  await user.clear(cell);
  await user.type(cell, '12');
  expect(taken).toHaveBeenLastCalledWith({ lo: 12, hi: 12 });
  await user.keyboard('{Escape}');
  expect(cell.value).toBe('8');
});

test('an emptied cell is no error yet and comes back on leaving', async () => {
  const { cell, user } = start();
  await user.clear(cell);
  expect(screen.queryByRole('alert')).toBeNull();
  await user.tab();
  expect(cell.value).toBe('8');
});

test('a cell that wraps holds one value: a new line in it is a space', async () => {
  const taken: string[] = [];
  render(<Cell label="Loads" wraps text="20, 22, 24" read={(t) => t} take={(t) => taken.push(t)} hint="" />);
  const cell = screen.getByLabelText<HTMLTextAreaElement>('Loads');
  expect(cell.tagName).toBe('TEXTAREA');
  fireEvent.change(cell, { target: { value: '20,\n 22' } });
  expect(taken).toEqual(['20, 22']);
  expect(cell.value).toBe('20, 22');
});

test('Escape takes back what is typed; with nothing typed it reaches what the cell stands in', async () => {
  let heard = 0;
  render(
    <div role="presentation" onKeyDown={(e) => e.key === 'Escape' && (heard += 1)}>
      <Reps />
    </div>,
  );
  const user = userEvent.setup();
  const cell = screen.getByLabelText<HTMLInputElement>('Reps');
  await user.clear(cell);
  await user.type(cell, '12{Escape}');
  expect([cell.value, heard]).toEqual(['8', 0]);
  await user.click(cell);
  await user.keyboard('{Escape}');
  expect(heard).toBe(1);
  expect(document.activeElement).not.toBe(cell);
});
