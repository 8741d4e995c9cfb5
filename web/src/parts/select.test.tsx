import { jest } from '@jest/globals';
import { render, screen } from '@testing-library/react';
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
  await user.click(screen.getByRole('option', { name: 'stretched' }));
  expect(onChange).not.toHaveBeenCalled();
  await user.keyboard('{End}{Enter}');
  expect(onChange.mock.calls).toEqual([['varies']]);
});
