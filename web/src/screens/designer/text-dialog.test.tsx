import { line, session, soundPush } from '@drimbo/core/examples';
import { linesOf, type Session } from '@drimbo/core/session';
import { fireEvent, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { find } from '../../testing/choose';
import { onBench } from '../../testing/desk';
import { TextDialog } from './text-dialog';

const start = (s: Session, begin = '') => {
  let closed = false;
  const { designer } = onBench(s, (d) => (
    <TextDialog designer={d} begin={begin} close={() => (closed = true)} />
  ));
  const rows = (): HTMLElement[] =>
    within(screen.getByRole('list', { name: 'What was understood' })).queryAllByRole('listitem');
  return { designer, rows, isClosed: () => closed, user: userEvent.setup() };
};
const write = (text: string): void => {
  fireEvent.change(screen.getByLabelText('Text'), { target: { value: text } });
};
const bench = session([line('barbell-bench-press')]);

test('reads while it is written, and takes nothing over until told to', () => {
  const { designer, rows, isClosed } = start(bench);
  expect(screen.getByText(/Nothing is taken over until you say so/)).toBeTruthy();
  write('incline db 4x8, then flys 3x12 super w/ pushups to failure, 90s rest');
  expect(rows().map((r) => r.querySelector('b')!.textContent)).toEqual([
    'Incline dumbbell press',
    'Dumbbell fly',
    'Push-up',
  ]);
  expect(rows()[2]!.dataset.paired).toBe('true');
  expect(designer().session).toEqual(bench);
  expect(isClosed()).toBe(false);
});

test('added movements follow those that are there, as one step back', async () => {
  const { designer, user, isClosed } = start(bench, 'lat raises 3x15\npushdowns 12, 10, 8');
  await user.click(screen.getByRole('button', { name: 'Add 2 movements' }));
  expect(linesOf(designer().session).map((l) => l.scheme.kind)).toEqual([
    'straight',
    'straight',
    'ascending',
  ]);
  expect(isClosed()).toBe(true);
});

test('a line with no movement asks which, and keeps its figures when one is chosen', async () => {
  const { designer, user, rows } = start(session([]), 'wobbly thing 3x10 leave 1');
  expect(rows()[0]!.textContent).toContain('Which movement?');
  expect(screen.getByRole<HTMLButtonElement>('button', { name: /^Add 0/ }).disabled).toBe(true);
  await find(user, 'Movement for “wobbly thing 3x10 leave 1”', 'Chest dip');
  await user.click(screen.getByRole('button', { name: 'Add 1 movement' }));
  expect(linesOf(designer().session)[0]).toMatchObject({
    movement: 'dip',
    scheme: { kind: 'straight', sets: 3, reps: { lo: 10, hi: 10 } },
    reserve: { first: 1, last: 1 },
  });
});

test.each(['Add 1 movement', 'Replace the line-up'])(
  '%s: words of a lost line stay in the note',
  async (act) => {
    const { designer, user } = start({ ...bench, note: 'Mind the elbow.' }, 'qqwzx 5x5\nbench 3x5');
    expect(screen.getByText(/One line names no movement of the catalogue/)).toBeTruthy();
    await user.click(screen.getByRole('button', { name: act }));
    expect(designer().session.note).toBe('Mind the elbow.\nqqwzx 5x5');
  },
);

test('the session as text replaces itself by itself', async () => {
  const { designer, user, rows } = start(soundPush);
  await user.click(screen.getByRole('button', { name: 'This session as text' }));
  expect(rows()).toHaveLength(linesOf(soundPush).length);
  expect(rows().every((r) => r.dataset.doubtful === 'false')).toBe(true);
  await user.click(screen.getByRole('button', { name: 'Replace the line-up' }));
  const bare = (s: Session): unknown =>
    linesOf(s).map(({ movement, scheme, reserve, restS, tempo }) => ({
      movement,
      scheme,
      reserve,
      restS,
      tempo,
    }));
  expect(bare(designer().session)).toEqual(bare(soundPush));
});

test('more than a session holds is told before it is taken over', () => {
  const { designer } = start(bench, Array.from({ length: 45 }, () => 'push-up 3x10').join('\n'));
  expect(screen.getByRole('alert').textContent).toContain('room for 39 more');
  const add = screen.getByRole<HTMLButtonElement>('button', { name: 'Add 45 movements' });
  const replace = screen.getByRole<HTMLButtonElement>('button', { name: 'Replace the line-up' });
  expect([add.disabled, replace.disabled]).toEqual([true, true]);
  expect(designer().session).toEqual(bench);
});

test('headings are no movements, remarks go to the note, a warm-up goes to the warm-up', async () => {
  const message = 'Push A\nWarm up: band pull aparts 2x15\nbench 5x5\n\nLet me know how it feels';
  const { designer, user, rows } = start(session([]), message);
  expect(rows().map((r) => r.dataset.kind)).toEqual(['heading', 'movement', 'remark']);
  await user.click(screen.getByRole('button', { name: 'Add 1 movement' }));
  expect(designer().session.note).toBe('Let me know how it feels');
  expect(designer().session.warmup).toHaveLength(1);
});

test('a text too long to be a session is refused in words', () => {
  start(session([]));
  write('bench 5x5\n'.repeat(2100));
  expect(screen.getByRole('alert').textContent).toContain('Paste it in parts');
  expect(screen.getByRole<HTMLButtonElement>('button', { name: /^Add 0/ }).disabled).toBe(true);
});
