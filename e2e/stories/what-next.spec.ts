import { expect, test } from '../house';
import { expectAxeClean } from '../axe';
import { copyClient, makeSession, openSession, row, saved } from '../desk';

test('what was logged becomes proposals for the next session: up after a clean top, taken and taken back', async ({
  page,
}) => {
  const client = await copyClient(page, 'corvin-haldt', 'corvin-next');
  const id = await makeSession(page, client, 'What comes next', 'corvin-push');
  const { document } = await (await page.request.get(`/api/sessions/${id}`)).json();
  const [press] = document.blocks[0].lines;
  const done = await makeSession(page, client, 'What was done', 'corvin-push');
  const day = new Date(Date.now() - 4 * 86_400_000).toISOString().slice(0, 10);
  const log = (technique: string, comfort: number, n: number) =>
    page.request.post('/api/sets', {
      data: {
        sets: [0, 1, 2].map((setIndex) => ({
          id: `next-${n}-${setIndex}`,
          clientId: client,
          sessionId: done,
          lineId: press.id,
          setIndex,
          movement: press.movement,
          rig: press.rig,
          doneOn: day,
          loadKg: 20,
          reps: 12,
          reserve: 5,
          asked: { lo: 8, hi: 10, reserve: 3, restS: 120 },
          tired: 0,
          repS: 6,
          technique: setIndex === 2 ? technique : null,
          comfort: setIndex === 2 ? comfort : null,
        })),
      },
    });
  expect((await log('clean', 8, 1)).status()).toBe(201);
  // The coach keeps it at what it was; the log says it may go up.
  await openSession(page, id);
  const cell = row(page, 'Neutral-grip dumbbell press').getByTestId('cell-load');
  await cell.fill('20');
  await cell.press('Enter');
  await page.getByRole('button', { name: /^\d proposals?$/ }).click();
  const dialog = page.getByRole('dialog', { name: 'What the log says' });
  const up = dialog.getByRole('listitem').filter({ hasText: /20 kg each → 22(\.5)? kg each/ });
  await expect(up).toContainText(/20 kg each is expected to leave \d where \d (is|are) asked for/);
  await expectAxeClean(page, '[role="dialog"]');
  await up.getByRole('button', { name: 'Take' }).click();
  await expect(up).toHaveCount(0);
  await dialog.getByRole('button', { name: 'Close' }).click();
  await expect(cell).toHaveValue(/22/);
  await saved(page);
  await page.getByRole('button', { name: /^Undo Neutral/ }).click();
  await expect(cell).toHaveValue(/20/);
});
