import { askedOn, type Client, linesOf, type Session } from '@drimbo/core/session';
import { emptyNotebook } from '@drimbo/core/movements';
import { line, sampleClient, sampleKit, session } from '@drimbo/core/examples';
import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { choose } from '../../testing/choose';
import { answering } from '../../testing/answers';
import { show } from '../../testing/desk';
import { SheetScreen } from './sheet';

Object.defineProperty(document, 'fonts', { value: { ready: Promise.resolve() } });
const stored = <T,>(id: string, document: T) => ({ id, revision: 1, updatedAt: '', document });
const open = async (s: Session, client: Partial<Client> = {}): Promise<HTMLElement> => {
  answering(({ path }) => {
    if (path.includes('/sessions/')) return { body: stored('s', s) };
    if (path.includes('/file'))
      return {
        body: { ...stored('c', { ...sampleClient, ...client }), sessions: [], needs: [], logged: [] },
      };
    if (path.includes('/schools')) return { body: [] };
    if (path.includes('/kits')) return { body: [stored('hall', sampleKit)] };
    return { body: stored('coach', emptyNotebook) };
  });
  show(<SheetScreen />, {}, '/sessions/s/sheet');
  return screen.findByTestId('sheet');
};
const plan = session([
  line('barbell-bench-press', { scheme: { kind: 'ascending', reps: [8, 6, 4] }, note: 'Chest first' }),
  line('dumbbell-fly', { squeezeS: 10 }),
  line('wall-slide'),
  line('cable-lateral-raise'),
]);

test('one page says whose it is, every lift with load, effort, rest and cues, and when to stop', async () => {
  const page = await open(plan);
  expect(page.querySelector('h1')!.textContent).toBe('Test push');
  expect(page.textContent).toContain('Test client · Test hall · about');
  const lifts = [...page.querySelectorAll('h2')].map((h) => h.textContent);
  expect(lifts).toHaveLength(linesOf(plan).length);
  expect(page.textContent).toMatch(/8, 6, 4 at \d/);
  expect(page.textContent).toContain('Ramp: 20 kg × ');
  expect(page.textContent).toContain('Chest first');
  expect(page.textContent).toContain('squeeze hard for 10 seconds and keep breathing');
  expect(page.textContent).toContain('Stop when: pain is sharp');
  expect(page.textContent).toContain('not medical advice');
  expect(page.querySelectorAll('.cues li').length).toBeLessThanOrEqual(3 * lifts.length);
});

test('where no load is chosen none is printed, and where it is to be found that is said', async () => {
  const page = await open(plan);
  const figures = [...page.querySelectorAll('.figures')].map((f) => f.textContent!.trim());
  expect(figures[2]).toMatch(/^2 × \d+(–\d+)?$/);
  expect(figures[3]).toMatch(/at a load the first set finds$/);
});

test('loads are in the client’s unit', async () => {
  const page = await open(plan, { unit: 'lb' });
  expect(page.textContent).toMatch(/8, 6, 4 at [\d., ]+ lb/);
  expect(page.textContent).not.toMatch(/\d kg\b(?!\))/);
});

test('another paper is chosen; somebody nobody has cleared gets no sheet to take away', async () => {
  await open(plan);
  const user = userEvent.setup();
  await choose(user, 'Paper', 'Letter');
  expect(screen.getByRole('button', { name: 'Letter Paper' })).toBeTruthy();
  expect(screen.getByRole('button', { name: 'Print' })).toBeTruthy();
});

test('somebody nobody has cleared is not handed a sheet', async () => {
  await open(plan, { health: askedOn('2026-10-01', ['heart']) });
  expect(screen.getByRole('alert').textContent).toContain('nobody has cleared the health screen');
  expect(screen.queryByRole('button', { name: 'Print' })).toBeNull();
});
