import { expect, test, type Page } from '../house';
import { expectAxeClean } from '../axe';
import { copyClient } from '../desk';

test.use({ viewport: { width: 360, height: 740 } });

interface Logged {
  lineId: string;
  setIndex: number;
  loadKg: number;
  reps: number;
}
const loggedIn = async (page: Page, id: string): Promise<Logged[]> =>
  (await page.request.get(`/api/sets?session=${id}&size=500`)).json();

/** The session once the server has heard that it is finished. */
async function finished(page: Page, id: string) {
  const stored = async () => (await (await page.request.get(`/api/sessions/${id}`)).json()).document;
  await expect.poll(async () => (await stored()).status).toBe('finished');
  return stored();
}

/** Ticks what comes before the first set. */
async function warmUp(page: Page): Promise<void> {
  const done = page.getByRole('button', { name: 'Done', exact: true });
  const set = page.getByRole('button', { name: 'Set done' });
  for (;;) {
    await expect(done.or(set).first()).toBeVisible();
    if (await set.isVisible()) return;
    const name = await page.getByRole('heading', { level: 2 }).textContent();
    const load = await page.locator('.load').textContent();
    await done.click();
    await expect(async () => {
      const now =
        (await page.getByRole('heading', { level: 2 }).textContent()) +
        (await page.locator('.load').textContent())!;
      expect(now).not.toBe(`${name}${load}`);
    }).toPass();
  }
}

/** A set that went to plan: two touches; then the rest is cut short. */
async function asPlanned(page: Page): Promise<void> {
  const count = page.getByText(/^\d+ of \d+ sets$/);
  const before = await count.textContent();
  await page.getByRole('button', { name: 'Set done' }).click();
  await page.getByRole('button', { name: /^Log / }).click();
  await expect(count).not.toHaveText(before!);
  const on = page.getByRole('button', { name: /Go on now|Next set/ });
  const next = page.getByRole('button', { name: /Set done|Done|Finish the session/ });
  await expect(on.or(next).first()).toBeVisible();
  if (await on.isVisible()) await on.click();
}

async function ownSession(page: Page, from: string, title: string): Promise<string> {
  const { document } = await (await page.request.get(`/api/sessions/${from}`)).json();
  const clientId = await copyClient(page, document.clientId, `${document.clientId}-floor`);
  const id = `floor-${title.toLowerCase().replaceAll(' ', '-')}`;
  const blocks = document.blocks.slice(0, 2);
  expect(
    (
      await page.request.post('/api/sessions', {
        data: { id, document: { ...document, clientId, title, blocks } },
      })
    ).status(),
  ).toBe(201);
  return id;
}

test('a whole session on a phone, half of it without reception and over a reload: nothing is lost, nothing is double', async ({
  page,
  context,
}) => {
  const id = await ownSession(page, 'bram-push', 'Half offline');
  await page.goto(`/floor/${id}`);
  await warmUp(page);
  await expect(page.getByTestId('sync')).toHaveText('All sent');
  await expectAxeClean(page);
  await asPlanned(page);
  await expect.poll(async () => (await loggedIn(page, id)).length).toBe(1);

  // The pages are kept on the device by now; from here on nobody answers.
  await page.evaluate(() => navigator.serviceWorker.ready);
  await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
  await context.setOffline(true);
  await warmUp(page);
  await asPlanned(page);
  await expect(page.getByTestId('sync')).toContainText('waiting');
  await page.reload();
  await expect(page.getByText('2 of 7 sets')).toBeVisible();
  await expect(page.getByTestId('sync')).toContainText('waiting');

  // A set that went badly takes load off the next, says so, and can be taken back.
  const load = await page.locator('.load').textContent();
  await page.getByRole('button', { name: 'Set done' }).click();
  await page.getByRole('textbox', { name: 'Reps' }).fill('1');
  await page.getByRole('textbox', { name: 'Reps' }).blur();
  await page.getByRole('radio', { name: '0', exact: true }).check({ force: true });
  await page.getByRole('button', { name: 'Log 1 reps, 0 left' }).click();
  await page.getByRole('button', { name: /Go on now|Next set/ }).click();
  await expect(page.getByText(/would end short of/)).toBeVisible();
  await expect(page.locator('.load')).not.toHaveText(load!);
  await page.getByRole('button', { name: 'Keep the plan' }).click();
  await expect(page.locator('.load')).toHaveText(load!);
  // It can be put right, and taken back, but not by a slip of the thumb beside "done".
  await page.getByRole('button', { name: 'More' }).click();
  await page.getByRole('menuitem', { name: /So far/ }).click();
  const soFar = page.getByRole('dialog', { name: 'So far' });
  await expectAxeClean(page, '[role="dialog"]');
  await soFar.getByRole('button', { name: /× 1, 0 left/ }).click();
  await soFar.getByRole('textbox', { name: 'Reps' }).fill('2');
  await soFar.getByRole('textbox', { name: 'Reps' }).blur();
  await soFar.getByRole('button', { name: 'Keep 2 reps, 0 left' }).click();
  await soFar.getByRole('button', { name: /× 2, 0 left/ }).click();
  await soFar.getByRole('button', { name: 'Take this set back' }).click();
  await soFar.getByRole('button', { name: 'Back to the session' }).click();
  await expect(page.getByText('2 of 7 sets')).toBeVisible();
  expect((await loggedIn(page, id)).length).toBe(1);

  await context.setOffline(false);
  for (let left = 5; left > 0; left -= 1) {
    await warmUp(page);
    await asPlanned(page);
  }
  await expect(page.getByRole('heading', { name: 'Finish' })).toBeVisible();
  await page.getByRole('radio', { name: '4' }).check({ force: true });
  await page.getByRole('button', { name: 'Finish the session' }).click();
  await expect(page.getByText('All sent')).toBeVisible();
  const document = await finished(page, id);
  const sets = await loggedIn(page, id);
  expect(new Set(sets.map((s) => `${s.lineId} ${s.setIndex}`)).size).toBe(7);
  expect(sets).toHaveLength(7);
  expect([document.status, document.done.readiness]).toEqual(['finished', 4]);
});

test('a station is taken, then a shoulder complains: stop signs first, and what was swapped is kept with its reason', async ({
  page,
}) => {
  const id = await ownSession(page, 'mirelle-push-b', 'Taken and sore');
  await page.goto(`/floor/${id}`);
  await warmUp(page);
  const planned = await page.getByRole('heading', { level: 2 }).textContent();
  const stored = await (await page.request.get(`/api/sessions/${id}`)).json();
  const first = stored.document.blocks[0].lines[0].movement;
  await page.getByRole('button', { name: 'More' }).click();
  await page.getByRole('menuitem', { name: 'Station taken' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('list').getByRole('button').first().click();
  await expect(dialog).toHaveCount(0);
  await expect(page.getByRole('heading', { level: 2 })).not.toHaveText(planned!);
  await warmUp(page);
  await page.getByRole('button', { name: 'More' }).click();
  await page.getByRole('menuitem', { name: 'It hurts' }).click();
  const hurts = page.getByRole('alertdialog', { name: 'It hurts' });
  await expect(hurts).toContainText('Stop for today when pain is sharp');
  await expectAxeClean(page, '[role="alertdialog"]');
  await hurts.getByRole('button', { name: /None of that/ }).click();
  await hurts.getByRole('list').getByRole('button').first().click();
  await expect(hurts).toHaveCount(0);
  await expect(page.getByTestId('sync')).toHaveText('All sent');
  await page.getByRole('button', { name: 'More' }).click();
  await page.getByRole('menuitem', { name: 'Finish now' }).click();
  // Ending before everything is done is asked about, and not taken for done.
  await expect(page.getByRole('button', { name: 'Finish the session' })).toBeDisabled();
  await page.getByRole('radio', { name: 'They are left out' }).check({ force: true });
  await page.getByRole('textbox', { name: /^Why/ }).fill('shoulder');
  await expectAxeClean(page);
  await page.getByRole('button', { name: 'Finish the session' }).click();
  await expect(page.getByText('All sent')).toBeVisible();
  const document = await finished(page, id);
  expect(document.done.swaps.map((s: { why: string }) => s.why)).toEqual([
    'station taken',
    'front of the shoulder complained',
  ]);
  // The plan stays what the coach wrote.
  expect(document.blocks[0].lines[0].movement).toBe(first);
  expect(document.done.swaps[0].from).toBe(planned);
});

test('fifteen minutes left: the rest is made to fit, what was done stays, and the coach sees it', async ({
  page,
}) => {
  const id = await ownSession(page, 'bram-push', 'Short of time');
  await page.goto(`/floor/${id}`);
  await warmUp(page);
  await asPlanned(page);
  await page.getByRole('button', { name: 'More' }).click();
  await page.getByRole('menuitem', { name: 'Short of time' }).click();
  const dialog = page.getByRole('dialog', { name: 'Short of time' });
  await expect(dialog.getByRole('list', { name: 'What changes' })).toBeVisible();
  await expectAxeClean(page, '[role="dialog"]');
  await dialog.getByRole('textbox', { name: 'Minutes you have' }).fill('8');
  await dialog.getByRole('textbox', { name: 'Minutes you have' }).blur();
  await expect(dialog.getByText(/Then about [3-8] minutes|goes no shorter/)).toBeVisible();
  const before = await page.getByText(/^1 of \d+ sets$/).textContent();
  await dialog.getByRole('button', { name: 'Do it so' }).click();
  await expect(dialog).toHaveCount(0);
  await expect(page.getByText(/^1 of \d+ sets$/)).not.toHaveText(before!);
  await expect
    .poll(async () => {
      const { document } = await (await page.request.get(`/api/sessions/${id}`)).json();
      const sets = document.blocks.flatMap((b: { lines: { scheme: { sets: number } }[] }) =>
        b.lines.map((l) => l.scheme.sets),
      );
      const planned = sets.reduce((a: number, b: number) => a + b, 0);
      return [planned, document.changes?.map((c: { why: string }) => c.why)];
    })
    .toEqual([7, ['8 minutes left']]);
  expect(await loggedIn(page, id)).toHaveLength(1);
});
