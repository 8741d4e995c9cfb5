import { expect, test } from '../house';
import { addByTyping, makeSession, openSession, row, saved, storedSession, opened } from '../desk';

test('the best notch for a lagging upper chest is found and taken, and can be taken back', async ({
  page,
}) => {
  const id = await makeSession(page, 'mirelle-vandoorn', 'Best notch');
  await openSession(page, id);
  await addByTyping(page, 'incline db press 60° 4x6-8 leave 2');
  await page.getByRole('tab', { name: 'Work' }).click();
  // Asked about what lags in this client, without being told.
  const curve = page.getByRole('img', { name: /Effort of the upper chest by bench angle/ });
  await expect(curve).toBeVisible();
  const best = /Counts most at (\d+)°/.exec((await curve.getAttribute('aria-label'))!)![1]!;
  expect(['15', '30', '45']).toContain(best);
  await expect(await opened(page.locator('[data-rule="steep-incline"]'))).toContainText('By the model');
  const before = await row(page, 'Incline dumbbell press').getByTestId('cell-load').inputValue();
  await page.getByRole('button', { name: `Take ${best}°` }).click();
  await expect(row(page, 'Incline dumbbell press')).toContainText(`${best}°`);
  await expect(page.locator('[data-rule="steep-incline"]')).toHaveCount(0);
  await expect(row(page, 'Incline dumbbell press').getByTestId('cell-load')).not.toHaveValue(before);
  await expect(page.getByRole('button', { name: `Take ${best}°` })).toHaveCount(0);
  await saved(page);
  const stored = await storedSession(page, id);
  expect(JSON.stringify(stored.document.blocks)).toContain(`"benchDeg":${best}`);
  await page.keyboard.press('Control+z');
  await expect(row(page, 'Incline dumbbell press')).toContainText('60°');
});

test('every credit says why, and a pinned one counts', async ({ page }) => {
  const id = await makeSession(page, 'mirelle-vandoorn', 'Pinned credit');
  await openSession(page, id);
  await addByTyping(page, 'incline barbell press 3x8 tuck 85');
  await page.getByRole('button', { name: /^upper chest/ }).click();
  const why = page.getByRole('dialog', { name: /^Upper chest: / });
  await expect(why).toContainText('By the table, at these settings');
  await expect(why).toContainText(/× 0\.\d/);
  await why.getByLabel('Credit for the upper chest, 0 to 1').fill('2');
  await expect(why.getByRole('button', { name: 'Pin' })).toBeDisabled();
  await why.getByLabel('Credit for the upper chest, 0 to 1').fill('0,4');
  await why.getByRole('button', { name: 'Pin' }).click();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('button', { name: /^upper chest 0.4 pinned/ })).toBeVisible();
  await expect(page.getByRole('row', { name: /^Upper chest/ })).toContainText('1.2');
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('button', { name: /pinned/ })).toHaveCount(0);
});

test('the drawing moves when asked, by hand and by keys, and says what it shows', async ({ page }) => {
  await page.goto('/movements/incline-dumbbell-press');
  const along = page.getByRole('slider', { name: 'Where in the range' });
  await along.focus();
  await page.keyboard.press('End');
  await expect(along).toHaveValue('1');
  await page.getByRole('button', { name: /^Move at 2-1-1-0/ }).click();
  await expect(page.getByRole('button', { name: 'Hold' })).toBeVisible();
  const seen = new Set<string>();
  for (let i = 0; i < 8; i++) {
    seen.add(await along.inputValue());
    await page.waitForTimeout(180);
  }
  expect(seen.size).toBeGreaterThan(2);
  await page.getByRole('button', { name: 'Hold' }).click();
  await expect(
    page.getByRole('group', {
      name: /lying back on a bench, seen from the side\. The elbow begins below the shoulder/,
    }),
  ).toBeVisible();
});
