import { expect, test } from '../house';
import { expectAxeClean } from '../axe';
import { find, lineNames, makeSession, row } from '../desk';

test('a session is copied for somebody else, kept as a template, started for a third, deleted and brought back', async ({
  page,
}) => {
  await makeSession(page, 'mirelle-vandoorn', 'To be copied', 'mirelle-push-a');
  await page.goto('/sessions');
  await page.getByRole('searchbox').fill('to be copied');
  await expect(page).toHaveURL(/name=to\+be\+copied/);
  await page.getByRole('button', { name: 'Copy To be copied' }).click();
  const dialog = page.getByRole('dialog', { name: /Copy/ });
  await expectAxeClean(page, '[role="dialog"]');
  await find(dialog, 'For', 'Corvin Haldt');
  await dialog.getByLabel('Name').fill('For Corvin');
  await dialog.getByRole('button', { name: 'Start it' }).click();
  await expect(page.getByLabel('Title of the session')).toHaveValue('For Corvin');
  await expect(page.getByRole('link', { name: 'Corvin Haldt' })).toBeVisible();
  const names = await lineNames(page);
  expect(names[0]).toBe('Incline dumbbell press');
  // Loads are his own, on his kit.
  await expect(row(page, 'Incline dumbbell press').getByTestId('cell-load')).toHaveValue(
    /\d kg each|first set/,
  );

  await page.goto('/sessions?name=to+be+copied');
  await page.getByRole('button', { name: 'Copy To be copied' }).click();
  await dialog.getByLabel('Name').fill('Push of six');
  await dialog.getByRole('button', { name: 'Keep as a template' }).click();
  const templates = page.getByRole('region', { name: 'Templates' });
  await expect(templates).toContainText('Push of six');
  await page.reload();
  await templates.getByRole('button', { name: 'Start Push of six for a client' }).click();
  const start = page.getByRole('dialog', { name: /Start/ });
  await find(start, 'For', 'Odalys Renske');
  await start.getByRole('button', { name: 'Start it' }).click();
  await expect(page.getByRole('link', { name: 'Odalys Renske' })).toBeVisible();
  expect(await lineNames(page)).toEqual(names);

  await page.goto('/sessions');
  await templates.getByRole('button', { name: 'Delete the template Push of six' }).click();
  await page.getByRole('button', { name: 'Delete it' }).click();
  await expect(templates).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(templates).toContainText('Push of six');
  await templates.getByRole('button', { name: 'Delete the template Push of six' }).click();
  await page.getByRole('button', { name: 'Delete it' }).click();
  await page.goto('/data');
  await expect(page.getByRole('button', { name: 'Bring back Push of six' })).toBeVisible();
});

test('a deleted session and a deleted test come back by their undo', async ({ page }) => {
  await makeSession(page, 'tamsin-oyelo', 'Gone and back', 'tamsin-push');
  await page.goto('/sessions?name=gone+and+back');
  await page.getByRole('button', { name: 'Delete Gone and back' }).click();
  await page.getByRole('button', { name: 'Delete it' }).click();
  await expect(page.getByText('Nothing like that')).toBeVisible();
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(page.getByRole('link', { name: 'Gone and back' })).toBeVisible();

  await page.goto('/clients/bram-otterlund');
  const tests = page.getByRole('button', { name: /^Delete the test/ });
  await expect(tests.first()).toBeVisible();
  const many = await tests.count();
  await tests.first().click();
  await expect(tests).toHaveCount(many - 1);
  await expect(page.getByText('Deleted in the last thirty days (1)')).toBeVisible();
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(tests).toHaveCount(many);
  await expect(page.getByTestId('save-state')).toHaveText('Saved');
});
