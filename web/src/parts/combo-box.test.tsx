import { jest } from '@jest/globals';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { ComboBox } from './combo-box';

const many = Array.from({ length: 500 }, (_, i): [string, string] => [`c${i}`, `Client ${i}`]);
const start = (find?: (text: string) => string[]) => {
  const onChange = jest.fn();
  render(<ComboBox label="For" value="c3" options={many} onChange={onChange} {...(find ? { find } : {})} />);
  const box = screen.getByRole<HTMLInputElement>('combobox', { name: 'For' });
  return { onChange, box, user: userEvent.setup() };
};

test('a name is found by typing part of it and taken with Enter', async () => {
  const { onChange, box, user } = start();
  expect(box.value).toBe('Client 3');
  await user.clear(box);
  await user.type(box, '499');
  expect(screen.getAllByRole('option')).toHaveLength(1);
  await user.keyboard('{ArrowDown}{Enter}');
  expect(onChange.mock.calls).toEqual([['c499']]);
});

test('what is typed and not taken changes nothing, and the name comes back', async () => {
  const { onChange, box, user } = start();
  await user.clear(box);
  await user.type(box, 'nobody');
  expect(screen.getByText('Nothing by that name.')).toBeTruthy();
  await user.tab();
  expect(box.value).toBe('Client 3');
  expect(onChange).not.toHaveBeenCalled();
});

test('a long list is drawn in part and says so; a way of finding of its own is used', async () => {
  const { user, box } = start((text) => (text === 'ohp' ? ['c7'] : []));
  await user.click(screen.getByRole('button'));
  expect(screen.getByText(/380 more: type part of the name/)).toBeTruthy();
  await user.keyboard('{Escape}');
  await user.clear(box);
  await user.type(box, 'ohp');
  expect(screen.getAllByRole('option').map((o) => o.textContent)).toEqual(['Client 7']);
});
