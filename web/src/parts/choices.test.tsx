import { jest } from '@jest/globals';
import { fireEvent, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { Button } from './button';
import { CheckBox } from './check-box';
import { ChoiceMenu } from './choice-menu';
import { RadioGroup } from './radio-group';
import { Slider } from './slider';
import { Steps } from './steps';
import { Switch } from './switch';
import { Tabs } from './tabs';

test('a check box and a switch say whether they are on, and turn by Space', async () => {
  const box = jest.fn();
  const way = jest.fn();
  render(
    <>
      <CheckBox isOn onChange={box}>
        Dip belt
      </CheckBox>
      <Switch isOn={false} onChange={way}>
        Spotter
      </Switch>
    </>,
  );
  const user = userEvent.setup();
  expect(screen.getByRole<HTMLInputElement>('checkbox', { name: 'Dip belt' }).checked).toBe(true);
  await user.tab();
  await user.keyboard(' ');
  await user.click(screen.getByRole('switch', { name: 'Spotter' }));
  expect([box.mock.calls, way.mock.calls]).toEqual([[[false]], [[true]]]);
});

test('a radio group takes one by arrow', async () => {
  const onChange = jest.fn();
  render(
    <RadioGroup
      label="Which stays"
      value="mine"
      options={[
        { value: 'mine', words: 'This one', about: 'changed here' },
        { value: 'theirs', words: 'The other' },
      ]}
      onChange={onChange}
    />,
  );
  const user = userEvent.setup();
  await user.tab();
  await user.keyboard('{ArrowDown}');
  expect(onChange.mock.calls).toEqual([['theirs']]);
  expect(screen.getByRole('radiogroup', { name: 'Which stays' })).toBeTruthy();
});

test('a slider with notches goes from one to the next however far they are, and says its value in words', () => {
  const onChange = jest.fn();
  render(
    <Slider
      label="Bench"
      min={0}
      max={75}
      notches={[0, 30, 45, 75]}
      value={30}
      says={(v) => `${v} degrees`}
      onChange={onChange}
    />,
  );
  const thumb = screen.getByRole('slider', { name: 'Bench' });
  expect(thumb.getAttribute('aria-valuetext')).toBe('30 degrees');
  for (const value of ['31', '29', '60', '61', '74']) fireEvent.change(thumb, { target: { value } });
  expect(onChange.mock.calls.flat()).toEqual([45, 0, 45, 75, 75]);
});

test('tabs make only what is shown and change by arrow', async () => {
  const onChange = jest.fn();
  const hidden = jest.fn(() => 'Elbows');
  render(
    <Tabs
      label="About"
      value="load"
      onChange={onChange}
      tabs={[
        { id: 'load', name: 'Load', shows: () => '24 kg' },
        { id: 'cues', name: 'Cues', shows: hidden },
      ]}
    />,
  );
  expect(screen.getByRole('tabpanel').textContent).toBe('24 kg');
  expect(hidden).not.toHaveBeenCalled();
  const user = userEvent.setup();
  await user.tab();
  await user.keyboard('{ArrowRight}');
  expect(onChange.mock.lastCall).toEqual(['cues']);
});

test('steps and a choice menu tell which of a few holds', async () => {
  const step = jest.fn();
  const unit = jest.fn();
  render(
    <>
      <Steps<'a' | 'b'> label="Parts" steps={{ a: 'Line-up', b: 'Review' }} value="a" onChange={step} />
      <ChoiceMenu<'kg' | 'lb'>
        label="Unit"
        choices={{ kg: 'Kilograms', lb: 'Pounds' }}
        value="kg"
        onChange={unit}
        trigger={<Button>Unit</Button>}
      />
    </>,
  );
  const user = userEvent.setup();
  await user.click(screen.getByRole('radio', { name: 'Review' }));
  await user.click(screen.getByRole('button', { name: 'Unit' }));
  expect(screen.getByRole('menuitemradio', { checked: true }).textContent).toContain('Kilograms');
  await user.click(screen.getByRole('menuitemradio', { name: 'Pounds' }));
  expect([step.mock.lastCall, unit.mock.lastCall]).toEqual([['b'], ['lb']]);
});
