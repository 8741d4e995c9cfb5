import { expect, test } from '../house';
import { expectAxeClean } from '../axe';
import { lineNames, makeSession, openSession, saved } from '../desk';

test('a better order is shown, taken and undone; what is held stays', async ({ page }) => {
  const id = await makeSession(page, 'bram-otterlund', 'Better order', 'bram-chest-copy');
  await openSession(page, id);
  const before = await lineNames(page);
  const look = async (): Promise<void> => {
    await page.getByRole('button', { name: 'Adapt' }).click();
    await page.getByRole('menuitem', { name: /^Best order/ }).click();
  };
  await look();
  const dialog = page.getByRole('dialog', { name: 'Best order' });
  await expect(dialog.getByText(/Better like this/)).toBeVisible();
  await expect(dialog).toContainText('Triceps pushdown tires the triceps before barbell bench press');
  await expectAxeClean(page, '[role="dialog"]');
  // Nothing has happened yet.
  await dialog.getByRole('button', { name: 'Leave it as it is' }).click();
  expect(await lineNames(page)).toEqual(before);

  await look();
  await expect(dialog.getByText(/Better like this/)).toBeVisible();
  await dialog.getByRole('button', { name: 'Take this order' }).click();
  const after = await lineNames(page);
  expect(after).not.toEqual(before);
  expect([...after].sort()).toEqual([...before].sort());
  // The extension stands behind every press that can be done here.
  expect(after.indexOf('Triceps pushdown')).toBeGreaterThan(after.indexOf('Barbell bench press'));
  expect(after.indexOf('Triceps pushdown')).toBeGreaterThan(after.indexOf('Incline barbell press'));
  await page.getByRole('button', { name: /^Undo / }).click();
  expect(await lineNames(page)).toEqual(before);

  await look();
  await dialog.getByRole('checkbox', { name: 'Triceps pushdown' }).press('Space');
  await expect(dialog.getByText(/Better like this/)).toBeVisible();
  await dialog.getByRole('button', { name: 'Take this order' }).click();
  expect((await lineNames(page))[0]).toBe('Triceps pushdown');
  await saved(page);
});

test('less time, a busy gym and a sore shoulder are each looked at before they are done', async ({
  page,
}) => {
  const id = await makeSession(page, 'corvin-haldt', 'Looked at first', 'corvin-push-3');
  await openSession(page, id);
  const adapt = async (item: RegExp): Promise<void> => {
    await page.getByRole('button', { name: 'Adapt' }).click();
    await page.getByRole('menuitem', { name: item }).click();
  };
  await adapt(/minutes…$/);
  const fit = page.getByRole('dialog', { name: 'Fit it into the time' });
  await expect(fit.getByRole('row').nth(1)).toContainText(/min/);
  await expectAxeClean(page, '[role="dialog"]');
  await fit.getByRole('button', { name: 'Make these cuts' }).click();
  await page.getByRole('button', { name: /^Undo / }).click();

  await adapt(/^Busy gym/);
  const stations = page.getByRole('dialog', { name: 'Busy gym' });
  await expect(stations.getByRole('region').first()).toBeVisible();
  await page.keyboard.press('Escape');

  await adapt(/^Kinder to the front of the shoulder/);
  const kinder = page.getByRole('dialog', { name: /^Kinder to/ });
  await expect(kinder.getByRole('listitem').first()).toBeVisible();
  await kinder.getByRole('button', { name: 'Change it so' }).click();
  await expect(page.locator('[data-rule="client-limits"]')).toHaveCount(0);
  await saved(page);
});
