import { jest } from '@jest/globals';
import { render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { MemoryRouter } from 'react-router';
import { Blank } from './blank';
import { Button } from './button';
import { DateField } from './date-field';
import { Failed } from './failed';
import { FileDrop } from './file-drop';
import { DownloadButton, LinkButton } from './link-button';
import { Mark } from './mark';
import { Progress } from './progress';
import { QrCode } from './qr-code';
import { TextField } from './text-field';
import { TextButton } from './text-button';

test('buttons are pressed by mouse and by key, and not while they are off', async () => {
  const pressed = jest.fn();
  render(
    <>
      <Button onPress={() => pressed('on')}>On</Button>
      <Button isDisabled onPress={() => pressed('off')}>
        Off
      </Button>
      <TextButton onPress={() => pressed('words')}>Words</TextButton>
    </>,
  );
  const user = userEvent.setup();
  await user.click(screen.getByRole('button', { name: 'On' }));
  await user.click(screen.getByRole('button', { name: 'Off' }));
  screen.getByRole('button', { name: 'Words' }).focus();
  await user.keyboard('{Enter}');
  expect(pressed.mock.calls.flat()).toEqual(['on', 'words']);
});

test('a link that looks like a button is a link; a file to keep is one to download', () => {
  render(
    <MemoryRouter>
      <LinkButton to="/clients">Clients</LinkButton>
      <DownloadButton href="/api/data/export">Export</DownloadButton>
    </MemoryRouter>,
  );
  expect(screen.getByRole('link', { name: 'Clients' }).getAttribute('href')).toBe('/clients');
  expect(screen.getByRole('link', { name: 'Export' }).hasAttribute('download')).toBe(true);
});

test('progress says how far it is where that is known, and can be stopped', async () => {
  const onStop = jest.fn();
  const view = render(<Progress says="Measuring" done={0.4} onStop={onStop} />);
  expect(screen.getByRole('progressbar', { name: 'Measuring' }).getAttribute('aria-valuenow')).toBe('0.4');
  await userEvent.setup().click(screen.getByRole('button', { name: 'Stop' }));
  expect(onStop).toHaveBeenCalledTimes(1);
  view.rerender(<Progress says="Reading" />);
  expect(screen.getByRole('progressbar').hasAttribute('aria-valuenow')).toBe(false);
  expect(screen.queryByRole('button')).toBeNull();
});

test('what failed says what, why, and tries again; what is empty teaches; a severity has a word', async () => {
  const again = jest.fn();
  render(
    <>
      <Failed what="No clients" error={new Error('The server does not answer.')} again={again} />
      <Blank title="Empty">Add one.</Blank>
      <Mark severity="watch" wordless />
    </>,
  );
  expect(screen.getAllByRole('status').map((s) => s.textContent)).toEqual([
    'No clientsThe server does not answer.Try again',
    'EmptyAdd one.',
  ]);
  await userEvent.setup().click(screen.getByRole('button', { name: 'Try again' }));
  expect(again).toHaveBeenCalledTimes(1);
  expect(screen.getByText('Watch')).toBeTruthy();
});

test('a day is picked from the month, none after the latest', async () => {
  const onChange = jest.fn();
  render(<DateField label="Tested on" value="2026-11-20" latest="2026-11-26" onChange={onChange} />);
  const user = userEvent.setup();
  await user.click(screen.getByRole('button', { name: /Calendar/ }));
  await user.click(screen.getByRole('button', { name: /27 November|November 27/ }));
  expect(onChange).not.toHaveBeenCalled();
  await user.click(screen.getByRole('button', { name: /3 November|November 3,/ }));
  expect(onChange.mock.calls).toEqual([['2026-11-03']]);
});

test('a day is stepped by the keys of its parts, and taken away', async () => {
  const onChange = jest.fn();
  render(<DateField label="Asked on" value="2026-11-20" onChange={onChange} />);
  screen.getByRole('spinbutton', { name: /^day/ }).focus();
  await userEvent.setup().keyboard('{ArrowUp}');
  expect(onChange.mock.lastCall).toEqual(['2026-11-21']);
});

test('one file is chosen', async () => {
  const onFile = jest.fn();
  render(<FileDrop accept=".zip" choose="Import an export" onFile={(f) => onFile(f.name)} />);
  await userEvent.setup().upload(document.querySelector('input[type="file"]')!, new File(['x'], 'house.zip'));
  expect(onFile.mock.calls).toEqual([['house.zip']]);
});

test('a code is drawn for its text, another for another; a passcode is not shown', async () => {
  const { rerender } = render(<QrCode text="http://192.0.2.7:4310/" label="The address" />);
  const first = (await screen.findByRole('img', { name: 'The address' })).getAttribute('src')!;
  expect(decodeURIComponent(first)).toContain('<svg');
  rerender(<QrCode text="http://192.0.2.8:4310/" label="The address" />);
  await waitFor(() => expect(screen.getByRole('img').getAttribute('src')).not.toBe(first));
  render(<TextField label="Passcode" isSecret value="correct horse" onChange={() => undefined} />);
  expect(screen.getByLabelText('Passcode').getAttribute('type')).toBe('password');
});
