import { expect, test } from '../house';
import { expectAxeClean } from '../axe';
import { choose, makeSession, openSession, saved, selectOf, opened } from '../desk';

test('a session with an open stop is handed over only with its reason, given there and then', async ({
  page,
}) => {
  const id = await makeSession(page, 'bram-otterlund', 'Handed over', 'bram-chest-copy');
  await openSession(page, id);
  await choose(page, 'State', 'handed over');
  const asks = page.getByRole('alertdialog');
  const stops = asks.locator('li[data-severity="stop"]');
  await expect(stops.first()).toBeVisible();
  await expectAxeClean(page, '[role="alertdialog"]');
  const take = asks.getByRole('button', { name: 'Hand over' });
  // The list of the review, with its remedies, and each stop set aside with a reason.
  const open = asks.locator('li[data-severity="stop"]:not(:has-text("Going on"))');
  for (let n = await open.count(); n > 0; n--) {
    await expect(take).toBeDisabled();
    const one = await opened(open.first());
    await one.getByRole('button', { name: 'Set aside' }).click();
    await one.getByLabel('Why go on anyway').fill('I stand beside him');
    await one.getByRole('button', { name: 'Keep it' }).click();
    await expect(open).toHaveCount(n - 1);
  }
  await take.click();
  await expect(selectOf(page, 'State')).toHaveText(/handed over/);
  await expect(page.getByTestId('review-count')).not.toContainText('to stop for');
  await expect(page.getByText('Going on because: I stand beside him').first()).toBeVisible();
  await saved(page);
  // What was handed over holds when the client gets stronger; the review says what it would be, and takes it.
  const handedOver = async (): Promise<{ id: string; handed?: number[] }[]> => {
    const { document } = await (await page.request.get(`/api/sessions/${id}`)).json();
    return document.blocks
      .flatMap((b: { lines: { handed?: number[] }[] }) => b.lines)
      .filter((l: { handed?: number[] }) => l.handed);
  };
  const before = await handedOver();
  expect(before.length).toBeGreaterThan(1);
  const client = await (await page.request.get('/api/clients/bram-otterlund')).json();
  const today = new Date().toISOString().slice(0, 10);
  const tests = client.document.tests.map((t: { loadKg: number }) => ({
    ...t,
    loadKg: Math.round(t.loadKg * 1.1),
    date: today,
  }));
  const stronger = await page.request.put('/api/clients/bram-otterlund', {
    data: { revision: client.revision, document: { ...client.document, tests } },
  });
  expect(stronger.status()).toBe(200);
  await page.reload();
  const other = page.locator('[data-rule="load-was-another"]').first();
  await expect(other).toContainText(/was handed over at [\d.]+ kg.*; today [\d.]+ kg/);
  await (await opened(other)).getByRole('button', { name: 'Take the loads of today' }).click();
  await saved(page);
  expect(await handedOver()).toHaveLength(before.length - 1);
});

test('the health screen: its questions one by one, a yes that waits for clearance, and what it stops', async ({
  page,
}) => {
  await page.goto('/clients/tamsin-oyelo');
  const heart = page.getByRole('radiogroup', { name: /heart condition/ });
  await expect(page.getByText('Asked within the year')).toBeVisible();
  await heart.getByRole('radio', { name: 'yes' }).press('Space');
  await expect(page.getByText('Ask first: nobody has cleared it')).toBeVisible();
  await expectAxeClean(page);
  await saved(page);
  const id = await makeSession(page, 'tamsin-oyelo', 'Not cleared', 'tamsin-push');
  await openSession(page, id);
  await expect(page.locator('[data-rule="ask-first"]')).toContainText('cleared by nobody');
  await page.goto(`/sessions/${id}/sheet`);
  await expect(page.getByRole('alert')).toContainText('nobody has cleared the health screen');
  // Cleared with a name and a day.
  await page.goto('/clients/tamsin-oyelo');
  await page.getByLabel('Cleared by').fill('Dr Veld');
  const cleared = page.getByRole('group', { name: 'Cleared on' });
  await cleared.getByRole('spinbutton').first().press('2');
  await page.keyboard.type('0112026');
  await expect(page.getByText('Asked within the year')).toBeVisible();
});
