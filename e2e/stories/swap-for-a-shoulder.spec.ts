import { expect, test } from '../house';
import { expectAxeClean } from '../axe';
import { selectOf, addByTyping, choose, lineNames, makeSession, openSession, row, saved } from '../desk';

test('a movement is swapped because the shoulder complains, and the numbers say what changes', async ({
  page,
}) => {
  const id = await makeSession(page, 'corvin-haldt', 'Kinder press');
  await openSession(page, id);
  await addByTyping(page, 'dumbbell bench press 3x8-10 leave 3 then 2');
  await addByTyping(page, 'chest dip 3x8 leave 3');
  await expect(
    page.getByRole('heading', { name: 'Chest dip is hard on the front of the shoulder.' }),
  ).toBeVisible();
  await row(page, 'Chest dip').click();
  await page.getByRole('tab', { name: 'Swap' }).click();
  // What this client has to mind is asked for already.
  await expect(selectOf(page, 'easy on')).toHaveText('shoulder front');
  const offers = page.locator('[data-swap]');
  expect(await offers.count()).toBeGreaterThan(1);
  await expect(offers.first()).toContainText(/kg|find the load|bodyweight/);
  await expect(offers.first()).toContainText(/hard/);
  await expectAxeClean(page);
  // The reasons behind the order.
  await offers
    .first()
    .getByText(/fits \d+ of 100: why/)
    .click();
  await expect(offers.first()).toContainText('Kind to this client');
  await expect(offers.first()).toContainText('meets none of the limits noted');
  const to = (await offers.first().locator('b').first().textContent())!;
  await offers
    .first()
    .getByRole('button', { name: /^Swap in/ })
    .click();
  expect(await lineNames(page)).toEqual(['Dumbbell bench press', to]);
  await expect(
    page
      .locator('[data-rule="client-limits"]')
      .filter({ hasText: `${to} is hard on the front of the shoulder` }),
  ).toHaveCount(0);
  await saved(page);
  await page.keyboard.press('Control+z');
  expect(await lineNames(page)).toEqual(['Dumbbell bench press', 'Chest dip']);
});

test('other kit, another angle, and something that does a different job', async ({ page }) => {
  const id = await makeSession(page, 'ansgar-pellikaan', 'Other kit');
  await openSession(page, id);
  await addByTyping(page, 'incline db press 30° 4x8');
  await page.getByRole('tab', { name: 'Swap' }).click();
  await choose(page, 'with', 'other kit');
  // A wrist that complains is not offered a straight bar.
  await expect(page.locator('[data-swap]').first()).toBeVisible();
  await expect(page.locator('[data-swap="incline-barbell-press"]')).toHaveCount(0);
  await choose(page, 'with', 'another angle');
  await expect(page.locator('[data-swap]').first()).toContainText(/15°|45°/);
  const other = page.locator('[data-complement]').first();
  await expect(other).toContainText(/\+\d+ %/);
  await other.getByRole('button', { name: /^Add/ }).click();
  expect(await lineNames(page)).toHaveLength(2);
});
