import { jest } from '@jest/globals';
import { render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState, type ReactNode } from 'react';
import { Ask } from './ask';
import { Button } from './button';
import { Dialog } from './dialog';
import { Disclosure } from './disclosure';
import { Menu } from './menu';
import { Popover } from './popover';
import { tell, Toasts } from './toast';
import { Tooltip } from './tooltip';

function Opened({ side }: { side: 'middle' | 'right' }): ReactNode {
  const [isOpen, setOpen] = useState(false);
  return (
    <>
      <Button onPress={() => setOpen(true)}>Open</Button>
      <Dialog title="Copy" side={side} isOpen={isOpen} onClose={() => setOpen(false)}>
        {(close) => <Button onPress={close}>Close</Button>}
      </Dialog>
    </>
  );
}

test.each(['middle', 'right'] as const)(
  'a dialog in the %s has its title, closes by Escape or its button, and gives the focus back',
  async (side) => {
    render(<Opened side={side} />);
    const user = userEvent.setup();
    const open = screen.getByRole('button', { name: 'Open' });
    await user.click(open);
    expect(screen.getByRole('dialog', { name: 'Copy' })).toBeTruthy();
    await user.keyboard('{Escape}');
    expect(screen.queryByRole('dialog')).toBeNull();
    await waitFor(() => expect(document.activeElement).toBe(open));
    await user.click(open);
    await user.click(screen.getByRole('button', { name: 'Close' }));
    expect(screen.queryByRole('dialog')).toBeNull();
  },
);

test('what is asked for is done on yes alone, and not before it is ready', async () => {
  const onYes = jest.fn();
  const asked = (isReady: boolean): ReactNode => (
    <Ask
      asks="Erase?"
      does="Erase it"
      keeps="Keep it"
      isReady={isReady}
      about={<p>For good.</p>}
      onYes={onYes}
    >
      Erase…
    </Ask>
  );
  const view = render(asked(false));
  const user = userEvent.setup();
  await user.click(screen.getByRole('button', { name: 'Erase…' }));
  expect(screen.getByRole('alertdialog', { name: 'Erase?' }).textContent).toContain('For good.');
  expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Erase it' }).disabled).toBe(true);
  view.rerender(asked(true));
  await user.click(screen.getByRole('button', { name: 'Keep it' }));
  expect(onYes).not.toHaveBeenCalled();
  await user.click(screen.getByRole('button', { name: 'Erase…' }));
  await user.click(screen.getByRole('button', { name: 'Erase it' }));
  expect(onYes).toHaveBeenCalledTimes(1);
});

test('a menu does what is picked; a popover and a disclosure show what they hold when asked', async () => {
  const does = jest.fn();
  render(
    <>
      <Menu
        label="Adapt"
        trigger={<Button>Adapt</Button>}
        groups={[
          { name: 'Less time', items: [{ id: '45', words: 'In 45 minutes', about: 'two sets fewer', does }] },
          { name: 'Another gym', items: [] },
        ]}
      />
      <Popover title="Why 24 kg" trigger={<Button>Why</Button>}>
        {() => <p>Max 34 kg</p>}
      </Popover>
      <Disclosure says="More">
        <p>Hidden until asked</p>
      </Disclosure>
    </>,
  );
  const user = userEvent.setup();
  await user.click(screen.getByRole('button', { name: 'Adapt' }));
  await user.click(await screen.findByRole('menuitem', { name: 'In 45 minutes' }));
  expect(does).toHaveBeenCalledTimes(1);
  await user.click(screen.getByRole('button', { name: 'Why' }));
  expect((await screen.findByRole('dialog', { name: 'Why 24 kg' })).textContent).toContain('Max 34 kg');
  await user.keyboard('{Escape}');
  const more = screen.getByRole('button', { name: 'More' });
  expect(more.getAttribute('aria-expanded')).toBe('false');
  await user.click(more);
  expect(more.getAttribute('aria-expanded')).toBe('true');
});

test('a tooltip tells of a button that has the focus', async () => {
  render(
    <Tooltip says="On A4 or Letter">
      <Button>Paper</Button>
    </Tooltip>,
  );
  await userEvent.setup().tab();
  expect((await screen.findByRole('tooltip')).textContent).toBe('On A4 or Letter');
});

test('what was done is told with its undo, and closes', async () => {
  const undo = jest.fn();
  render(<Toasts />);
  const user = userEvent.setup();
  tell('“Push A” is deleted.', undo);
  tell('Saved.');
  expect((await screen.findByText('“Push A” is deleted.')).textContent).toBeTruthy();
  await user.click(screen.getByRole('button', { name: 'Undo' }));
  expect(undo).toHaveBeenCalledTimes(1);
  await waitFor(() => expect(screen.queryByText('“Push A” is deleted.')).toBeNull());
  await user.click(screen.getByRole('button', { name: 'Close' }));
  await waitFor(() => expect(screen.queryByText('Saved.')).toBeNull());
});
