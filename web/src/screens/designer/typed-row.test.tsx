import { linesOf } from '@drimbo/core/session/document';
import { session } from '@drimbo/core/testing/samples';
import { act, fireEvent, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { createRef } from 'react';
import { onBench } from '../../testing/desk';
import { TypedRow } from './typed-row';

const start = () => {
  const pasted: string[] = [];
  const ref = createRef<HTMLInputElement>();
  const { designer } = onBench(session([]), (d) => (
    <TypedRow
      designer={d}
      inputRef={ref}
      onBrowse={() => undefined}
      onManyLines={(text) => pasted.push(text)}
    />
  ));
  const box = screen.getByRole<HTMLInputElement>('combobox');
  const write = (text: string): void => void fireEvent.change(box, { target: { value: text } });
  return { lines: () => linesOf(designer().session), designer, box, write, pasted, user: userEvent.setup() };
};
const options = (): string[] =>
  within(screen.getByRole('listbox'))
    .getAllByRole('option')
    .map((o) => o.firstChild!.textContent!);

test('a typed line is read back while it is typed and becomes a movement with Enter', async () => {
  const { write, box, user, lines } = start();
  write('incline db press 30 deg 4x6-8 leave 3 then 1 rest 2 min');
  expect(options()[0]).toBe('Incline dumbbell press');
  const read = screen.getByTestId('reading-back').textContent!;
  expect(read).toMatch(/bench 30°.*4 × 6–8.*leave 3 → 1.*rest 2:00/);
  act(() => box.focus());
  await user.keyboard('{Enter}');
  expect(lines()[0]).toMatchObject({
    movement: 'dumbbell-press',
    rig: { benchDeg: 30 },
    scheme: { kind: 'straight', sets: 4, reps: { lo: 6, hi: 8 } },
    reserve: { first: 3, last: 1 },
    restS: 120,
  });
  expect(box.value).toBe('');
  expect(screen.getByRole('status').textContent).toBe('Incline dumbbell press added.');
});

test('arrows choose another of the movements offered, a click takes one', async () => {
  const { write, box, user, lines } = start();
  write('fly 3x12');
  const offered = options();
  act(() => box.focus());
  await user.keyboard('{ArrowDown}');
  const second = screen.getAllByRole('option')[1]!;
  expect(second.getAttribute('aria-selected')).toBe('true');
  expect(box.getAttribute('aria-activedescendant')).toBe(second.id);
  await user.keyboard('{ArrowUp}{ArrowUp}');
  expect(screen.getAllByRole('option').at(-1)!.getAttribute('aria-selected')).toBe('true');
  await user.click(screen.getAllByRole('option')[1]!);
  expect(lines()).toHaveLength(1);
  expect(screen.getByRole('status').textContent).toBe(`${offered[1]} added.`);
});

test('words nobody understands are shown as such and kept in the note, however many', async () => {
  const { write, box, user, lines, designer } = start();
  write(`pushdown 3x12 ${'xylophonic '.repeat(60)}`);
  expect(screen.getByTestId('reading-back').textContent).toContain('kept as a note');
  act(() => box.focus());
  await user.keyboard('{Enter}');
  expect(designer().refused).toBeNull();
  expect(lines()[0]!.note).toMatch(/^Not understood: xylophonic xylophonic/);
});

test('no movement at all: it says so and what to type, and adds nothing', async () => {
  const { write, box, user, lines } = start();
  write('zzqx 3x12');
  act(() => box.focus());
  await user.keyboard('{Enter}');
  expect(lines()).toEqual([]);
  expect(screen.getByRole('status').textContent).toContain('name one');
  await user.keyboard('{Escape}');
  expect(box.value).toBe('');
});

test('several pasted lines go to the page for texts, one stays here', () => {
  const { box, pasted } = start();
  const paste = (text: string): void => void fireEvent.paste(box, { clipboardData: { getData: () => text } });
  paste('bench 4x8');
  paste('bench 4x8\nflys 3x12\n');
  expect(pasted).toEqual(['bench 4x8\nflys 3x12\n']);
});
