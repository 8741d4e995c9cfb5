import { findEntry, type OwnMovement, ownMovementSchema } from '@drimbo/core/movements';
import { ownFrom } from '@drimbo/core/movements/teaching';
import { fireEvent, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { show } from '../../testing/desk';
import { OwnForm } from './own-form';

const made = { ...ownFrom(findEntry('incline-dumbbell-press')!, {}, 'own-1'), name: 'Quay press' };
const start = (save: (own: OwnMovement) => Promise<void> = () => Promise.resolve()) => {
  const kept: OwnMovement[] = [];
  show(
    <OwnForm
      own={made}
      base="Incline dumbbell press"
      taken={new Set(['dumbbell fly'])}
      isNew
      save={(own) => {
        kept.push(own);
        return save(own);
      }}
      leave={() => undefined}
    />,
  );
  const put = (label: string, value: string): void =>
    void fireEvent.change(screen.getByLabelText(label), { target: { value } });
  const user = userEvent.setup();
  const keep = (): Promise<void> => user.click(screen.getByRole('button', { name: 'Keep it' }));
  return { kept, put, keep };
};

test('what is written is what is kept, and it is valid', async () => {
  const { kept, put, keep } = start();
  put('Name', '  Harbour press ');
  put('Other names, with commas', 'hp, harbour , ,quay one');
  put('Reps from', '6');
  put('to', '12');
  put('Cues for the path, one a line', 'Down slow\n\n Up like a crane ');
  await keep();
  expect(kept[0]).toMatchObject({
    name: 'Harbour press',
    aliases: ['hp', 'harbour', 'quay one'],
    homeReps: { lo: 6, hi: 12 },
    cues: { path: ['Down slow', 'Up like a crane'] },
    movement: 'dumbbell-press',
  });
  expect(ownMovementSchema.safeParse(kept[0]).error).toBe(undefined);
});

test.each([
  ['Name', '  ', /Give it a name/],
  ['Name', 'Dumbbell Fly', /is taken/],
  ['Reps from', '20', /Not below the first/],
  ['to', '8.5', /A whole number/],
  ['Cue for the set-up', '', /Write this cue/],
  ['Cues for the path, one a line', 'a\nb\nc\nd', /At most three/],
  ['Choose it when', ' ', /when to choose it/],
])('%s as %j is refused in a sentence, and nothing is kept', async (label, value, says) => {
  const { kept, put, keep } = start();
  put(label, value);
  await keep();
  expect(screen.getByRole('alert').textContent).toMatch(says);
  expect(kept).toEqual([]);
});

test('what the server says is shown, and what was written stays', async () => {
  const { put, keep } = start(() => Promise.reject(new Error('The notebook is full.')));
  put('Name', 'Harbour press');
  await keep();
  expect((await screen.findByRole('alert')).textContent).toBe('Not saved: The notebook is full.');
  expect(screen.getByLabelText<HTMLInputElement>('Name').value).toBe('Harbour press');
});
