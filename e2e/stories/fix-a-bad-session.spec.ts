import { expect, test } from '../house';
import { expectAxeClean } from '../axe';
import { lineNames, makeSession, openSession, saved, opened } from '../desk';

test('a bad session is put right with the fixes the review offers', async ({ page }) => {
  const id = await makeSession(page, 'bram-otterlund', 'Put right', 'bram-chest-copy');
  await openSession(page, id);
  const rule = (name: string) => page.locator(`[data-rule="${name}"]`);
  const fix = async (name: string, label: RegExp): Promise<void> => {
    const finding = await opened(rule(name).first());
    await finding.getByRole('button', { name: label }).first().click();
  };
  await expect(page.getByTestId('review-count')).toContainText('2 to stop for');
  await expectAxeClean(page);

  await fix('triceps-before-press', /^Move it behind the presses/);
  expect((await lineNames(page)).indexOf('Triceps pushdown')).toBeGreaterThan(2);
  await expect(rule('triceps-before-press')).toHaveCount(0);

  // Fixes say what they cost before they are chosen.
  const bar = await opened(rule('bar-alone').first());
  await expect(bar.getByRole('button', { name: /^Leave at least 2/ })).toContainText(/min|same time/);
  await fix('failure-first-compound', /^Leave 3, then 1/);
  await fix('bar-alone', /^A spotter will be there/);
  await expect(page.getByRole('switch', { name: 'Spotter' })).toBeChecked();
  await expect(rule('bar-alone')).toHaveCount(0);

  await fix('steep-incline', /^Set the bench to 30°/);
  await fix('flare-on-incline', /^Tuck to 45°/);
  await fix('not-in-this-gym', /^Use /);
  await fix('static-stretch-first', /^Swap it for pass-throughs/);
  for (const name of ['steep-incline', 'flare-on-incline', 'not-in-this-gym', 'static-stretch-first'])
    await expect(rule(name)).toHaveCount(0);
  await expect(page.getByTestId('review-count')).not.toContainText('to stop for');

  // Going on anyway needs a reason, which stays; it can be brought back.
  const front = rule('optional-front-delt');
  await opened(front);
  await front.getByRole('button', { name: 'Set aside' }).click();
  await front.getByLabel('Why go on anyway').fill('he likes them');
  await front.getByRole('button', { name: 'Keep it' }).click();
  await expect(rule('optional-front-delt')).toContainText('Going on because: he likes them');
  await rule('optional-front-delt').getByRole('button', { name: 'Bring back' }).click();
  await expect(rule('optional-front-delt').getByRole('button', { name: 'Set aside' })).toBeVisible();
  await saved(page);
});

test('every change can be undone, and redone', async ({ page }) => {
  const id = await makeSession(page, 'bram-otterlund', 'Back and forth', 'bram-chest-copy');
  await openSession(page, id);
  const before = await lineNames(page);
  const missing = await opened(page.locator('[data-rule="not-in-this-gym"]').first());
  await missing.getByRole('button', { name: /^Use / }).first().click();
  await page.getByRole('button', { name: 'Duplicate' }).click();
  const lineUp = page.getByRole('region', { name: 'Line-up' });
  await lineUp.getByRole('button', { name: /^Remove/ }).click();
  await lineUp.getByRole('button', { name: /^Remove/ }).click();
  const after = await lineNames(page);
  expect(after).not.toEqual(before);
  for (let i = 0; i < 4; i++) await page.keyboard.press('Control+z');
  expect(await lineNames(page)).toEqual(before);
  for (let i = 0; i < 4; i++) await page.keyboard.press('Control+Shift+z');
  expect(await lineNames(page)).toEqual(after);
});
