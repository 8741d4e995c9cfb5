import { linesOf, type Session } from '@drimbo/core/session';
import { line, session } from '@drimbo/core/examples';
import { act, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { ReactNode } from 'react';
import type { Designer } from '../../state/use-designer';
import { onBench } from '../../testing/desk';
import { LineUp } from './line-up';
import { useDesignerKeys } from './use-keys';

const names = (s: Session): string[] => linesOf(s).map((l) => l.movement);
const kinds = (s: Session): string[] => s.blocks.map((b) => b.kind);
const four = session([
  line('barbell-bench-press'),
  line('dumbbell-fly'),
  line('cable-lateral-raise'),
  line('pushdown'),
]);

function Keyed({ designer }: { designer: Designer }): ReactNode {
  useDesignerKeys(designer, {}, () => null);
  return <LineUp designer={designer} onSign={designer.ask} />;
}

const start = (s: Session = four) => {
  const { designer } = onBench(s, (d): ReactNode => (
    <>
      <Keyed designer={d} />
      <button type="button" onClick={d.undo}>
        Back
      </button>
    </>
  ));
  const name = (id: string): HTMLElement => document.querySelector(`[data-name="${id}"]`)!;
  const focus = (id: string): void => act(() => name(id).focus());
  return { now: () => designer().session, designer, name, focus, user: userEvent.setup() };
};

test('arrows walk, Enter edits the sets and reps, Tab goes on to the tempo', async () => {
  const { name, focus, user, designer } = start();
  focus('barbell-bench-press');
  await user.keyboard('{ArrowDown}');
  await waitFor(() => expect(document.activeElement).toBe(name('dumbbell-fly')));
  expect(designer().selected).toBe('dumbbell-fly');
  await user.keyboard('{ArrowUp}{ArrowUp}');
  await waitFor(() => expect(document.activeElement).toBe(name('barbell-bench-press')));
  await user.keyboard('{Enter}');
  expect(document.activeElement!.getAttribute('data-testid')).toBe('cell-scheme');
  await user.keyboard('12, 9, 6{Enter}{Tab}');
  expect(designer().session.blocks[0]!.lines[0]!.scheme).toEqual({ kind: 'ascending', reps: [12, 9, 6] });
  expect(document.activeElement!.getAttribute('data-testid')).toBe('cell-tempo');
});

test('a finding has its sign at the figure it is about; pressed it asks for the finding, Tab passes it by', async () => {
  const { user, designer } = start(session([line('barbell-bench-press', { restS: 20 }), line('pushdown')]));
  const sign = document.querySelector<HTMLElement>('[data-sign="short-rests"]')!;
  expect(sign.parentElement!.querySelector('[data-testid="cell-rest"]')).not.toBeNull();
  expect(sign.tabIndex).toBe(-1);
  await user.click(sign);
  expect(designer().asked).toBe('short-rests barbell-bench-press');
});

test('Alt with an arrow moves, and at the ends nothing happens', async () => {
  const { focus, user, now } = start();
  focus('dumbbell-fly');
  await user.keyboard('{Alt>}{ArrowUp}{/Alt}');
  expect(names(now()).slice(0, 2)).toEqual(['dumbbell-fly', 'barbell-press']);
  await user.keyboard('{Alt>}{ArrowUp}{/Alt}');
  expect(names(now())[0]).toBe('dumbbell-fly');
  await user.keyboard('{Alt>}{ArrowDown}{ArrowDown}{ArrowDown}{ArrowDown}{/Alt}');
  expect(names(now()).at(-1)).toBe('dumbbell-fly');
});

test('P pairs with the next and parts again; J makes a round of three; two steps back part it', async () => {
  const { focus, user, now } = start();
  focus('dumbbell-fly');
  await user.keyboard('p');
  expect(kinds(now())).toEqual(['single', 'superset', 'single']);
  await user.keyboard('j');
  expect(kinds(now())).toEqual(['single', 'giant']);
  const back = screen.getByRole('button', { name: 'Back' });
  await user.click(back);
  await user.click(back);
  expect(now()).toEqual(four);
  focus('dumbbell-fly');
  await user.keyboard('pp');
  expect(kinds(now())).toEqual(['single', 'single', 'single', 'single']);
});

test('D duplicates with an id of its own, Delete takes out and goes on to the next', async () => {
  const { focus, user, now } = start();
  focus('dumbbell-fly');
  await user.keyboard('d');
  expect(names(now())).toEqual([
    'barbell-press',
    'dumbbell-fly',
    'dumbbell-fly',
    'cable-lateral-raise',
    'pushdown',
  ]);
  expect(new Set(linesOf(now()).map((l) => l.id)).size).toBe(5);
  await user.keyboard('{Delete}');
  expect(names(now())).toHaveLength(4);
  await waitFor(() => expect(document.activeElement!.getAttribute('data-name')).toMatch(/^line-/));
});

test('figures are edited where they stand', async () => {
  const { user, now } = start();
  const put = async (label: RegExp, text: string): Promise<void> => {
    const cell = screen.getAllByLabelText(label)[0]!;
    await user.clear(cell);
    await user.type(cell, `${text}{Enter}`);
  };
  await put(/^Reps left in reserve, Barbell/, '3-1');
  await put(/^Tempo of Barbell/, '3-1-x-0');
  await put(/^Load of Barbell/, '60, 65, 62.5');
  await put(/^Rest of Barbell/, '2:30');
  expect(linesOf(now())[0]).toMatchObject({
    reserve: { first: 3, last: 1 },
    tempo: { lower: 3, stretched: 1, lift: 1, shortened: 0 },
    loadKg: [60, 65, 62.5],
    restS: 150,
  });
  await put(/^Load of Barbell/, 'auto');
  expect(linesOf(now())[0]!.loadKg).toBeNull();
  await put(/^Rest of Barbell/, 'ages');
  expect(screen.getByRole('alert').textContent).toContain('2 min');
  expect(linesOf(now())[0]!.restS).toBe(150);
});

test('in a pair the first line has the seconds to the next, the last the rest', async () => {
  const { focus, user, now } = start();
  focus('dumbbell-fly');
  await user.keyboard('p');
  expect(screen.queryByLabelText(/^Rest of Dumbbell fly/)).toBeNull();
  const between = screen.getByLabelText(/^Seconds between Dumbbell fly/);
  await user.clear(between);
  await user.type(between, '20{Enter}');
  expect(now().blocks[1]!.betweenS).toBe(20);
});
