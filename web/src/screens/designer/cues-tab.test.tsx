import { emptyNotebook, findEntry } from '@drimbo/core/movements';
import { cueList, teachingOf } from '@drimbo/core/movements/teaching';
import { line, sampleClient, sampleContext, session } from '@drimbo/core/examples';
import { fireEvent, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { answering } from '../../testing/answers';
import { onBench } from '../../testing/desk';
import { CuesTab } from './cues-tab';

const id = 'dumbbell-bench-press';
const entry = findEntry(id)!;
const taught = cueList(teachingOf(entry.movement, entry.rig).cues);
const start = (context = sampleContext) => {
  const { designer } = onBench(
    session([line(id)]),
    (d) => <CuesTab line={d.appraisal.lines[0]!} designer={d} />,
    { context },
  );
  const now = () => designer().session.blocks[0]!.lines[0]!;
  const boxes = (): HTMLInputElement[] => screen.getAllByRole<HTMLInputElement>('checkbox');
  return { now, boxes, user: userEvent.setup() };
};

test('the first three of the movement are picked; a fourth waits until one is taken out', async () => {
  const { now, boxes, user } = start();
  expect(boxes().map((b) => b.checked)).toEqual(taught.map((_, i) => i < 3));
  expect(boxes()[3]!.disabled).toBe(true);
  await user.click(boxes()[1]!);
  expect(now().cues).toEqual([taught[0], taught[2]]);
  await user.click(boxes()[3]!);
  expect(now().cues).toEqual([taught[0], taught[2], taught[3]]);
});

test('a cue of the coach’s own is added once', async () => {
  const { now, boxes, user } = start();
  await user.click(boxes()[2]!);
  const own = screen.getByLabelText('A cue of your own');
  await user.type(own, '  Knuckles to the rafters {Enter}');
  expect(now().cues).toEqual([taught[0], taught[1], 'Knuckles to the rafters']);
  await user.click(boxes()[0]!);
  await user.type(screen.getByLabelText('A cue of your own'), 'Knuckles to the rafters{Enter}');
  expect(now().cues).toEqual([taught[1], 'Knuckles to the rafters']);
});

test('what works for this client comes before what the coach tells everybody', () => {
  const context = {
    ...sampleContext,
    client: { ...sampleClient, cues: { [id]: ['Like rowing upside down'] } },
    notebook: { ...emptyNotebook, cues: { [id]: ['Slow is smooth'] } },
  };
  const { boxes } = start(context);
  expect(boxes().map((b) => b.checked)).toEqual([true, false, ...taught.map(() => false)]);
  expect(boxes()[0]!.closest('label')!.textContent).toBe('Like rowing upside down');
});

test('picked cues are kept for the client over what was changed meanwhile', async () => {
  let held = { id: 'c', revision: 3, document: sampleClient };
  let isMet = false;
  const asked = answering(({ method, body }) => {
    if (method === 'GET') return { body: held };
    // Between the first reading and its writing somebody else gives more time.
    if (!isMet) {
      isMet = true;
      held = { ...held, revision: 4, document: { ...sampleClient, minutes: 75 } };
    }
    const sent = body as Pick<typeof held, 'revision' | 'document'>;
    if (sent.revision !== held.revision)
      return { status: 409, body: { error: { code: 'stale', message: '' }, current: held } };
    held = { ...held, revision: held.revision + 1, document: sent.document };
    return { body: held };
  });
  const { user } = start();
  await user.click(screen.getByRole('button', { name: 'Keep for Test' }));
  expect(await screen.findByText('Kept for Test.')).toBeTruthy();
  expect(asked.at(-1)!.body).toMatchObject({
    revision: 4,
    document: { minutes: 75, cues: { [id]: taught.slice(0, 3) } },
  });
});

test('a note that does not reach the server is said not to be kept', async () => {
  answering(() => 'down');
  const { user } = start();
  await user.click(screen.getByRole('button', { name: 'Keep for Test' }));
  expect(await screen.findByText(/^Not kept: The Drimbo server does not answer/)).toBeTruthy();
});

test('the reason is written where the client will read it, and faults say what to look for', () => {
  const { now } = start();
  fireEvent.change(screen.getByLabelText('Why this movement'), { target: { value: 'Range before load' } });
  expect(now().note).toBe('Range before load');
  expect(document.querySelectorAll('.fault').length).toBeGreaterThan(1);
});
