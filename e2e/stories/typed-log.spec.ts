import { expect, test } from '../house';
import { expectAxeClean } from '../axe';
import { choose, copyClient, makeSession, openSession } from '../desk';

test('what was done is typed from paper, read back beside the plan, and makes the session finished with its sets', async ({
  page,
}) => {
  const client = await copyClient(page, 'corvin-haldt', 'corvin-on-paper');
  const id = await makeSession(page, client, 'From paper', 'corvin-push');
  await openSession(page, id);
  await choose(page, 'State', 'finished');
  const dialog = page.getByRole('dialog', { name: 'Log what was done' });
  const text = dialog.getByRole('textbox', { name: /A movement a line/ });
  await expect(text).toHaveValue(/Neutral/);
  await text.fill('neutral db press 24 9 8 8 leave 1\nsquat 100 5');
  await expect(dialog.getByRole('alert')).toContainText('no movement of this session is called “squat”');
  await expect(dialog.getByRole('button', { name: /^Log/ })).toBeDisabled();
  await text.fill('neutral db press 24 9 8 8 leave 1\nfly 10x14 10x12');
  await expect(dialog.getByRole('row', { name: /^Neutral/ })).toContainText('24 kg × 9, 8, 8, 1 left');
  await expectAxeClean(page, '[role="dialog"]');

  // The same from a table: one that is none changes nothing and says why.
  const give = async (csv: string): Promise<void> => {
    const chosen = page.waitForEvent('filechooser');
    await dialog.getByRole('button', { name: 'Read a CSV' }).click();
    await (await chosen).setFiles({ name: 'log.csv', mimeType: 'text/csv', buffer: Buffer.from(csv) });
  };
  const typed = await text.inputValue();
  await give('movement,reps\nFly,12\n');
  await expect(dialog.getByRole('alert')).toContainText('log.csv: The heading has no column for load');
  await expect(text).toHaveValue(typed);
  await give(
    'Movement,Load (kg),Reps,RIR\nneutral db press,24,9,\nneutral db press,24,8,\nneutral db press,24,8,1\nfly,10,14,\nfly,10,12,\n',
  );
  await expect(dialog.getByRole('row', { name: /^Neutral/ })).toContainText('24 kg × 9, 8, 8, 1 left');
  await choose(dialog, 'Ready, 1 to 5', '3');
  // The answer is lost; pressed again after a correction and a reload it is the same log, not a second one.
  let lost = 0;
  await page.route('**/api/sets', async (route) => {
    await route.fetch();
    lost += 1;
    await route.abort('connectionreset');
  });
  await dialog.getByRole('button', { name: 'Log 5 sets' }).click();
  await expect.poll(() => lost).toBe(1);
  await page.unroute('**/api/sets');
  await expect(page.getByRole('dialog', { name: 'What was done' })).toContainText('24 kg × 9, 8, 8, 1 left');
  const again = page.getByRole('dialog', { name: 'What was done' });
  await choose(again, 'Ready, 1 to 5', '3');
  await again.getByRole('button', { name: 'Say that it is finished' }).click();
  await expect(again).toHaveCount(0);
  await expect
    .poll(async () => (await (await page.request.get(`/api/sessions/${id}`)).json()).document.done?.readiness)
    .toBe(3);
  const sets = (await (await page.request.get(`/api/sets?session=${id}`)).json()) as {
    loadKg: number;
    reserve: number;
  }[];
  expect(sets.map((s) => s.loadKg).sort()).toEqual([10, 10, 24, 24, 24]);
  await page.getByRole('button', { name: 'Done', exact: true }).click();
  await expect(page.getByRole('dialog', { name: 'What was done' })).toContainText('ready 3 of 5');
});

test('a session the weeks follow is not finished itself: the day gets one of its own', async ({ page }) => {
  await openSession(page, 'ansgar-push');
  await page.getByRole('button', { name: 'Log it' }).click();
  await expect(page.getByRole('dialog', { name: 'Log what was done' })).toBeVisible();
  await expect(page).not.toHaveURL(/ansgar-push/);
  const { document } = await (await page.request.get('/api/sessions/ansgar-push')).json();
  expect(document.status).toBe('handed over');
  const block = await (await page.request.get('/api/blocks/ansgar-upper')).json();
  expect(block.document.made.some((m: { on: string | null }) => m.on === null)).toBe(true);
});
