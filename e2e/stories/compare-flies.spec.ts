import { expect, test } from '../house';
import { expectAxeClean } from '../axe';
import { find } from '../desk';

test('three flies are held against each other on one scale, and the address keeps them', async ({ page }) => {
  await page.goto('/movements');
  await page.getByRole('link', { name: 'Compare' }).click();
  const column = (id: string) => page.locator(`[data-compared="${id}"]`);
  for (const id of ['dumbbell-fly', 'cable-fly-shoulder-height', 'machine-fly'])
    await expect(column(id)).toBeVisible();
  await expectAxeClean(page);
  // Where each is hard: the bells in the stretch, the cable on to the end.
  const hard = async (id: string): Promise<string> =>
    (await column(id)
      .getByRole('img', { name: /The shoulder is asked most/ })
      .getAttribute('aria-label'))!;
  expect(await hard('dumbbell-fly')).toMatch(/at 0 per cent/);
  expect(await hard('cable-fly-shoulder-height')).not.toMatch(/at 0 per cent/);

  // Another pulley turns it into another name; the address follows, a reload keeps it.
  await column('cable-fly-shoulder-height').getByRole('slider', { name: 'Pulley' }).fill('1.1');
  await expect(page.getByRole('heading', { name: 'Cable fly, high to low' })).toBeVisible();
  await expect(page).toHaveURL(/pulleyStature/);
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Cable fly, high to low' })).toBeVisible();

  await page.getByRole('button', { name: 'Add one' }).click();
  await expect(page.locator('[data-compared]')).toHaveCount(4);
  await expect(page.getByRole('button', { name: 'Add one' })).toBeDisabled();
  await page.getByRole('button', { name: 'Remove machine fly' }).click();
  await expect(page.locator('[data-compared]')).toHaveCount(3);

  // A client's body and loads instead of nobody's.
  await find(page, 'Measured on', 'Mirelle Vandoorn');
  await expect(column('dumbbell-fly')).toContainText(/Max today about \d/);
});

test('one press at every notch of the bench, the best marked, taken by keys', async ({ page }) => {
  await page.goto('/movements/compare?rig=incline-dumbbell-press~benchDeg=60&client=mirelle-vandoorn');
  const notches = page.getByRole('region', { name: 'At every notch' }).locator('figure');
  await expect(notches).toHaveCount(6);
  await expect(notches.locator('xpath=self::*[@data-best="true"]')).toHaveCount(1);
  const best = page.getByRole('region', { name: 'At every notch' }).locator('figure[data-best="true"]');
  await best.getByRole('button').focus();
  await page.keyboard.press('Enter');
  await expect(page).not.toHaveURL(/benchDeg=60/);
  await expect(best.getByRole('button')).toHaveCount(0);
});
