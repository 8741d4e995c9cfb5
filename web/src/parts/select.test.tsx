import { jest } from '@jest/globals';
import { render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { choose, selectOf } from '../testing/choose';
import { Select } from './select';

const start = (value: string | null, refused: string[] = []) => {
  const onChange = jest.fn();
  render(
    <Select
      label="Hard where"
      none="any"
      value={value}
      options={[
        ['stretched', 'stretched'],
        ['shortened', 'short'],
      ]}
      groups={[{ name: 'Others', options: [['varies', 'it varies']] }]}
      refused={refused}
      onChange={onChange}
    />,
  );
  return { onChange, user: userEvent.setup() };
};

test('shows the words of its value, takes another, and nothing at all', async () => {
  const { onChange, user } = start('shortened');
  expect(selectOf('Hard where').textContent).toBe('short');
  await choose(user, 'Hard where', 'it varies');
  await choose(user, 'Hard where', 'any');
  expect(onChange.mock.calls).toEqual([['varies'], [null]]);
});

test('opens and takes by keyboard; what is refused stays', async () => {
  const { onChange, user } = start(null, ['stretched']);
  await user.tab();
  await user.keyboard('{Enter}');
  await user.click(await screen.findByRole('option', { name: 'stretched' }));
  expect(onChange).not.toHaveBeenCalled();
  await user.keyboard('{End}{Enter}');
  expect(onChange.mock.calls).toEqual([['varies']]);
});

test('closed, arrows go on and letters find; the same again changes nothing and closes', async () => {
  const { onChange, user } = start('shortened', ['stretched']);
  await user.tab();
  await user.keyboard('{ArrowRight}');
  await user.keyboard('{ArrowLeft}');
  await user.keyboard('i');
  expect(onChange.mock.calls).toEqual([['varies'], [null], ['varies']]);
  await user.keyboard('{ArrowDown}');
  await user.click(await screen.findByRole('option', { name: 'short' }));
  await waitFor(() => expect(document.activeElement).toBe(selectOf('Hard where')));
  expect(screen.queryByRole('listbox')).toBeNull();
  expect(onChange).toHaveBeenCalledTimes(3);
});
