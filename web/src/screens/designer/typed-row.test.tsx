import { linesOf } from '@drimbo/core/session';
import { session } from '@drimbo/core/examples';
import { act, fireEvent, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { createRef } from 'react';
import { fetchReader } from '../../state/reader';
import { onBench } from '../../testing/desk';
import { TypedRow } from './typed-row';

beforeAll(async () => {
  await fetchReader();
  await import('./reading-back');
});

const readBack = async (): Promise<string> => (await screen.findByTestId('reading-back')).textContent!;

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
  const read = await readBack();
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
  expect(await readBack()).toContain('kept as a note');
  act(() => box.focus());
  await user.keyboard('{Enter}');
  expect(designer().refused).toBeNull();
  expect(lines()[0]!.note).toMatch(/^xylophonic xylophonic/);
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

test('a lift the catalogue does not have is never added as another one by Enter; a nearest name is, when marked', async () => {
  const { write, box, user, lines, designer } = start();
  write('leg press 4x12');
  expect(await readBack()).toContain('no such movement');
  act(() => box.focus());
  await user.keyboard('{Enter}');
  expect(lines()).toEqual([]);
  expect(screen.getByRole('status').textContent).toContain('no such movement');
  await user.click(screen.getByRole('button', { name: 'Keep it as a note' }));
  expect(designer().session.note).toBe('leg press 4x12');
  write('leg press 4x12');
  act(() => box.focus());
  await user.keyboard('{ArrowDown}{Enter}');
  expect(lines()).toHaveLength(1);
  expect(lines()[0]!.scheme).toEqual({ kind: 'straight', sets: 4, reps: { lo: 12, hi: 12 } });
});

test('two movements on one line become a pair, something of the warm-up goes there', async () => {
  const { write, box, user, designer } = start();
  act(() => box.focus());
  write('lat raise 3x15 ss w/ face pull 3x15');
  expect(await readBack()).toContain('in turn with');
  await user.keyboard('{Enter}');
  expect(designer().session.blocks.map((b) => b.kind)).toEqual(['superset']);
  write('warm up: band pull aparts 2x15');
  await user.keyboard('{Enter}');
  expect(designer().session.warmup).toMatchObject([{ movement: 'band-pull-apart', sets: 2, reps: 15 }]);
  expect(designer().session.blocks).toHaveLength(1);
});

test('a figure that may mean two things is asked about, and is what the coach says', async () => {
  const { write, box, user, lines } = start();
  write('lat raise 3x15 @8');
  await readBack();
  await user.click(screen.getByRole('button', { name: /^8: kept as a note/ }));
  const meanings = await screen.findAllByRole('menuitem');
  expect(meanings.map((m) => m.textContent).sort()).toEqual(['8 kg', 'leave 2']);
  await user.click(await screen.findByRole('menuitem', { name: 'leave 2' }));
  act(() => box.focus());
  await user.keyboard('{Enter}');
  expect(lines()[0]!.reserve).toEqual({ first: 2, last: 2 });
  expect(lines()[0]!.loadKg).toBeNull();
});
