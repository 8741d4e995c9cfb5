import { zodResolver } from '@hookform/resolvers/zod';
import { jest } from '@jest/globals';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState, type ReactNode } from 'react';
import { useForm } from 'react-hook-form';
import { z } from 'zod';
import { figureFrom } from './figure';
import { FormField } from './form-field';
import { NumberField } from './number-field';
import { SearchBox } from './search-box';
import { TextField } from './text-field';

test.each([
  ['81,5', 81.5],
  ['35', 35],
  ['34.9', null],
  ['', null],
  ['heavy', null],
])('%p from 35 to 250 is %p', (text, figure) => expect(figureFrom(35, 250)(text)).toBe(figure));

test('a text field is marked and says what is wrong as long as it is', () => {
  const view = render(<TextField label="Name" value="" onChange={() => undefined} wrong="Give it a name." />);
  const box = screen.getByRole('textbox', { name: 'Name' });
  expect([box.getAttribute('aria-invalid'), screen.getByRole('alert').textContent]).toEqual([
    'true',
    'Give it a name.',
  ]);
  view.rerender(<TextField label="Name" value="A" onChange={() => undefined} about="As on the sheet" />);
  expect(box.getAttribute('aria-invalid')).not.toBe('true');
  expect(screen.getByText('As on the sheet').id).toBe(box.getAttribute('aria-describedby')!.trim());
});

test('a figure is taken as it is typed, with a comma or its unit; out of range it stays, marked, untaken', async () => {
  const taken = jest.fn();
  function Held(): ReactNode {
    const [kg, setKg] = useState(80);
    taken(kg);
    return (
      <NumberField label="Bodyweight" unit="kg" decimals={1} value={kg} lo={35} hi={250} onChange={setKg} />
    );
  }
  render(<Held />);
  const user = userEvent.setup();
  const box = screen.getByRole<HTMLInputElement>('textbox', { name: 'Bodyweight, kg' });
  await user.clear(box);
  await user.type(box, '81,5 kg');
  expect(taken.mock.lastCall).toEqual([81.5]);
  await user.clear(box);
  await user.type(box, '400');
  expect(screen.getByRole('alert').textContent).toBe('35 to 250');
  await user.tab();
  expect([box.value, taken.mock.lastCall]).toEqual(['40', [40]]);
});

test('a field of a form says what its schema says, once the form is sent', async () => {
  const sent = jest.fn();
  function Form(): ReactNode {
    const { control, handleSubmit } = useForm({
      resolver: zodResolver(z.object({ name: z.string().min(1, 'Give a name.') })),
      defaultValues: { name: '' },
    });
    return (
      <form onSubmit={(e) => void handleSubmit((f) => sent(f))(e)}>
        <FormField control={control} name="name" label="Name" />
      </form>
    );
  }
  render(<Form />);
  const user = userEvent.setup();
  await user.type(screen.getByRole('textbox'), '{Enter}');
  expect((await screen.findByRole('alert')).textContent).toBe('Give a name.');
  await user.type(screen.getByRole('textbox'), 'Ada{Enter}');
  expect(sent.mock.calls).toEqual([[{ name: 'Ada' }]]);
});

test('Escape empties a search', async () => {
  const onChange = jest.fn();
  render(<SearchBox label="Look for a client" value="ada" onChange={onChange} />);
  await userEvent.setup().type(screen.getByRole('searchbox', { name: 'Look for a client' }), '{Escape}');
  expect(onChange.mock.calls).toEqual([['']]);
});
