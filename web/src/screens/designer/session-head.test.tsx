import { askedOn } from '@drimbo/core/session';
import type { Context } from '@drimbo/core';
import { schools } from '@drimbo/core/schools';
import { sampleClient, sampleContext, sampleKit, session, soundPush } from '@drimbo/core/examples';
import { fireEvent, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { choose, chosenIn, selectOf } from '../../testing/choose';
import { onBench } from '../../testing/desk';
import { SessionHead } from './session-head';

const kits = ['hall', 'loft'].map((id) => ({
  id,
  revision: 1,
  updatedAt: '',
  document: { ...sampleKit, name: id },
}));
const nothing = (): void => undefined;
const ways = { here: nothing, byLink: nothing, rehearse: nothing, closeLog: nothing };
const start = (s = soundPush, context: Context = sampleContext) => {
  let texts = 0;
  let logs = 0;
  const { designer } = onBench(
    s,
    (d) => (
      <SessionHead
        designer={d}
        id="s"
        kits={kits}
        onText={() => (texts += 1)}
        toFloor={{ ...ways, log: () => (logs += 1) }}
        isLogging={false}
        showsWeek={null}
        setShowsWeek={nothing}
      />
    ),
    { context, fetched: { kits } },
  );
  return { now: () => designer().session, texts: () => texts, logs: () => logs, user: userEvent.setup() };
};

test('what frames the session is changed where it stands', async () => {
  const { now, user } = start();
  fireEvent.change(screen.getByLabelText('Title of the session'), { target: { value: 'Heavy Monday' } });
  const minutes = screen.getByLabelText('Minutes the client has');
  await user.clear(minutes);
  await user.type(minutes, '75{Enter}');
  await choose(user, 'For', 'side delt');
  await choose(user, 'School', schools.pyramid.name);
  await choose(user, 'Gym', 'loft');
  await user.click(screen.getByLabelText('Spotter'));
  expect(now()).toMatchObject({
    title: 'Heavy Monday',
    minutes: 75,
    emphasis: 'deltSide',
    school: 'pyramid',
    kitId: 'loft',
    spotter: true,
  });
});

test('a title is never empty and minutes stay within a day’s reason', async () => {
  const { now, user } = start();
  fireEvent.change(screen.getByLabelText('Title of the session'), { target: { value: '  ' } });
  expect(now().title).toBe(soundPush.title);
  const minutes = screen.getByLabelText('Minutes the client has');
  await user.clear(minutes);
  await user.type(minutes, '900');
  expect(screen.getByRole('alert').textContent).toContain('10 to 240');
  expect(now().minutes).toBe(soundPush.minutes);
});

test('what the session is for is shown whatever it is', () => {
  start(session([], { emphasis: 'triLateral' }));
  expect(chosenIn('For')).toBe('lateral head');
});

test('somebody who must be asked first is not handed over to', async () => {
  const asked = askedOn('2026-10-01', ['heart']);
  const { now, logs, user } = start(soundPush, {
    ...sampleContext,
    client: { ...sampleClient, health: asked },
  });
  await user.click(selectOf('State'));
  await user.click(await screen.findByRole('option', { name: 'handed over' }));
  expect(now().status).toBe('draft');
  await user.keyboard('{Escape}');
  // Finished asks for what was done first.
  await choose(user, 'State', 'finished');
  expect([now().status, logs()]).toEqual(['draft', 1]);
});

test('nothing to undo at first; the text opens; the sheet is a link', async () => {
  const { texts, user } = start();
  expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Undo' }).disabled).toBe(true);
  await user.click(screen.getByRole('button', { name: 'Text' }));
  expect(texts()).toBe(1);
  expect(screen.getByTestId('to-sheet').getAttribute('href')).toBe('/sessions/s/sheet');
});
