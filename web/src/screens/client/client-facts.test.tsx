import { type Client, neverAsked, unansweredBy } from '@drimbo/core/session';
import { sampleClient, sampleKit } from '@drimbo/core/examples';
import { kgFromLb } from '@drimbo/core/units';
import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState, type ReactNode } from 'react';
import { todayIso } from '../../data/queries';
import { answering } from '../../testing/answers';
import { show } from '../../testing/desk';
import { ClientFacts } from './client-facts';
import { NewClient } from '../clients/new-client';

const kits = [{ id: 'hall', revision: 1, updatedAt: '', document: sampleKit }];
const start = (patch: Partial<Client> = {}) => {
  let now: Client = { ...sampleClient, ...patch };
  function Desk(): ReactNode {
    const [client, setClient] = useState(now);
    now = client;
    return <ClientFacts client={client} kits={kits} change={(p) => setClient((c) => ({ ...c, ...p }))} />;
  }
  show(<Desk />);
  const user = userEvent.setup();
  const put = async (label: string, text: string): Promise<void> => {
    const field = screen.getByLabelText(label);
    await user.clear(field);
    await user.type(field, text);
  };
  return { now: () => now, user, put };
};

test('measures are read with point or comma and kept in metres and kilograms', async () => {
  const { now, put } = start();
  await put('Height, cm', '181,5');
  await put('Bodyweight, kg', '83.5');
  expect([now().statureM, now().massKg]).toEqual([1.815, 83.5]);
});

test('in pounds the bodyweight is typed in pounds', async () => {
  const { now, put } = start({ unit: 'lb' });
  await put('Bodyweight, lb', '200');
  expect(now().massKg).toBeCloseTo(kgFromLb(200), 2);
});

test.each([
  ['Height, cm', '90', '120 to 230'],
  ['Bodyweight, kg', 'light', '35 to 250'],
  ['Minutes a session', '5', '15 to 240'],
  ['Days a week', '9', '1 to 7'],
])('%s cannot be %p: the bounds are told and nothing changes', async (label, text, bounds) => {
  const { now, put } = start();
  await put(label, text);
  expect(screen.getByRole('alert').textContent).toBe(bounds);
  expect(now()).toEqual(sampleClient);
});

test('what lags and what is a limit is ticked on and off', async () => {
  const { now, user } = start();
  await user.click(screen.getByLabelText('upper chest'));
  await user.click(screen.getByLabelText('wrist'));
  expect(now().lagging).toEqual(['pecUpper']);
  expect(now().limits).toEqual([{ limit: 'wrist', note: '' }]);
  await user.click(screen.getByLabelText('wrist'));
  expect(now().limits).toEqual([]);
});

test('a yes on the health screen asks who cleared it and when, and says what it is not', async () => {
  const { now, user } = start({ health: neverAsked });
  expect(screen.getByText('Never asked')).toBeTruthy();
  const heart = screen.getByRole('radiogroup', { name: /heart condition/ });
  await user.click(within(heart).getByRole('radio', { name: 'yes' }));
  expect([now().health.answers.heart, now().health.askedOn]).toEqual([true, todayIso()]);
  await user.click(screen.getByRole('button', { name: 'No to the rest' }));
  expect(unansweredBy(now())).toEqual([]);
  expect(screen.getByText(/handing over waits for a name and a day/)).toBeTruthy();
  expect(screen.getByText(/does not diagnose or clear anyone/)).toBeTruthy();
  await user.type(screen.getByLabelText('Cleared by'), 'Dr Veld');
  expect(now().health.clearedBy).toBe('Dr Veld');
  expect(screen.getByText('Ask first: nobody has cleared it')).toBeTruthy();
});

test('a rule set aside for the client stands there with its reason and can speak again', async () => {
  const { now, user } = start({ aside: [{ rule: 'far-pair', reason: 'small hall', on: '2026-11-02' }] });
  expect(screen.getByText(/small hall/)).toBeTruthy();
  await user.click(screen.getByRole('button', { name: 'Let it speak again' }));
  expect(now().aside).toEqual([]);
});

describe('a new client', () => {
  const open = async (status = 201) => {
    const asked = answering(({ method, body }) =>
      method === 'POST'
        ? status === 201
          ? { status, body: { ...(body as object), revision: 1, updatedAt: '' } }
          : { status, body: { error: { code: 'x', message: 'The disk is full.' } } }
        : { body: [] },
    );
    show(<NewClient />, { kits });
    const user = userEvent.setup();
    await user.click(screen.getByRole('button', { name: 'Add a client' }));
    return { user, posts: () => asked.filter((a) => a.method === 'POST') };
  };

  const HEIGHT = 'Height, cm or ft in';
  const fill = async (
    user: ReturnType<typeof userEvent.setup>,
    height: string,
    mass: string,
  ): Promise<void> => {
    await user.type(screen.getByLabelText('Name'), 'Jorun Aske');
    await user.type(screen.getByLabelText(HEIGHT), height);
    await user.type(screen.getByLabelText('Bodyweight, kg'), mass);
  };

  test('needs a name and measures a person can have', async () => {
    const { user, posts } = await open();
    await user.click(screen.getByRole('button', { name: 'Add' }));
    expect(screen.getAllByRole('alert').map((alert) => alert.textContent)).toEqual([
      'Give a name.',
      'A height, like 178 cm or 5 ft 10.',
      'A bodyweight of 35 to 250 kg.',
    ]);
    await fill(user, '17', '400');
    await user.click(screen.getByRole('button', { name: 'Add' }));
    expect(screen.getAllByRole('alert')).toHaveLength(2);
    expect(posts()).toEqual([]);
  });

  test('is sent once with what was typed', async () => {
    const { user, posts } = await open();
    await fill(user, '5 ft 9', '68,5{Enter}');
    expect(posts()).toHaveLength(1);
    expect(posts()[0]!.body).toMatchObject({
      document: { name: 'Jorun Aske', massKg: 68.5, statureM: 1.7526, kitId: 'hall', tests: [] },
    });
  });

  test('what the server says is shown, and what was typed stays', async () => {
    const { user } = await open(507);
    await fill(user, '175', '68{Enter}');
    expect((await screen.findByRole('alert')).textContent).toBe('The disk is full.');
    expect(screen.getByLabelText<HTMLInputElement>('Name').value).toBe('Jorun Aske');
  });
});
