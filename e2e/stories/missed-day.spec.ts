import { expect, test } from '../house';
import { expectAxeClean } from '../axe';
import { choose, saved } from '../desk';

test('a missed day is said once: caught up with, shown before it is kept, and taken back in one go', async ({
  page,
}) => {
  await page.goto('/blocks/corvin-steady');
  const grid = page.getByTestId('block-grid');
  const push = grid
    .locator('[data-date]:not([data-light])')
    .getByRole('button', { name: /^Push[ ,]/ })
    .filter({ has: page.locator('[data-state="planned"]') })
    .first();
  const from = await push.evaluate((e) => e.closest('[data-date]')!.getAttribute('data-date')!);
  const at = (date: string) => grid.locator(`[data-date="${date}"]`);
  const after = new Date(Date.parse(`${from}T00:00:00Z`) + 86_400_000).toISOString().slice(0, 10);
  await push.click();
  await expect(page.getByRole('tab', { name: 'Push' })).toHaveAttribute('aria-selected', 'true');
  await expect(page.getByRole('cell', { name: /kg/ }).first()).toBeVisible();
  await page.getByRole('button', { name: 'Missed: catch up' }).click();
  await expect(at(after)).toContainText('Push');
  await expect(at(from)).not.toContainText('Push');
  await saved(page);
  await page.getByRole('tab', { name: 'Split, weeks, progression' }).click();
  await expect(page.getByRole('region', { name: 'What came between' })).toContainText('Missed a day');
  await page.getByRole('button', { name: /^Undo catch up on Push/ }).click();
  await expect(at(from)).toContainText('Push');
  await expect(at(after)).not.toContainText('Push');
  await saved(page);
});

test('a week in another gym is said with its answer, its difference, and its note for the sick', async ({
  page,
}) => {
  await page.goto('/blocks/ansgar-upper');
  await page.getByRole('button', { name: 'Something comes between…' }).click();
  const dialog = page.getByRole('dialog', { name: 'Something comes between' });
  await expect(dialog).toContainText('no training before a clinician has said so');
  await expectAxeClean(page, '[role="dialog"]');
  await choose(dialog, 'What', 'In another gym');
  await choose(dialog, 'Gym', 'Net loft');
  await expect(dialog.getByRole('radio', { name: 'Keep the days' })).toBeChecked();
  await dialog.getByRole('button', { name: 'Keep', exact: true }).click();
  await expect(page.getByRole('button', { name: /^Undo in another gym/ })).toBeEnabled();
  await saved(page);
  await page.reload();
  await page.getByRole('tab', { name: 'Split, weeks, progression' }).click();
  const between = page.getByRole('region', { name: 'What came between' });
  await between.getByRole('button', { name: 'Take back' }).click();
  await expect(between).toContainText('Nothing yet');
});

test('the designer shows the week a session stands in, and a day of it is opened from there', async ({
  page,
}) => {
  await page.setViewportSize({ width: 1280, height: 900 });
  await page.goto('/sessions/bram-push');
  const strip = page.getByRole('region', { name: /^Week \d+ of Bench, off the chest$/ });
  await expect(strip.getByRole('button', { name: /^Bench day/ })).toHaveAttribute('aria-pressed', 'true');
  await expect(strip).toContainText('chest');
  await expectAxeClean(page);
  await strip.getByRole('button', { name: /^Overhead day/ }).click();
  await expect(page).toHaveURL(/bram-overhead$/);
  await page.getByRole('button', { name: 'Week', exact: true }).click();
  await expect(page.getByRole('region', { name: /^Week/ })).toHaveCount(0);
});
