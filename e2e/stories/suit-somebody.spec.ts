import { expect, test } from '@playwright/test';
import { lineNames, makeSession, openSession, row, saved } from '../desk';

test('a session is made to suit a first year and a comeback, by keyboard, and brought back', async ({
  page,
}) => {
  const id = await makeSession(page, 'mirelle-vandoorn', 'Suit somebody', 'mirelle-push-a');
  await openSession(page, id);
  const names = await lineNames(page);
  const load = row(page, 'Incline dumbbell press').getByTestId('cell-load');
  const before = Number((await load.inputValue()).match(/[\d.]+/)![0]);
  await page.getByRole('button', { name: 'Suit', exact: true }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('menu', { name: 'Suit' })).toBeVisible();
  await page.getByRole('menuitem', { name: /first year/ }).press('Enter');
  expect((await lineNames(page)).length).toBeLessThan(names.length);
  await expect(row(page, 'Incline dumbbell press')).toContainText('Incline dumbbell press');
  await expect(row(page, 'Incline dumbbell press').getByTestId('cell-scheme')).toHaveValue('3 × 8–12');
  await page.getByRole('button', { name: /^Undo/ }).click();
  expect(await lineNames(page)).toEqual(names);
  await page.getByRole('button', { name: 'Suit', exact: true }).click();
  await page.getByRole('menuitem', { name: /coming back/ }).click();
  await expect(row(page, 'Incline dumbbell press').getByTestId('cell-scheme')).toHaveValue('2 × 6–8');
  const after = Number((await load.inputValue()).match(/[\d.]+/)![0]);
  expect(after / before).toBeGreaterThan(0.7);
  expect(after / before).toBeLessThan(0.9);
  await saved(page);
});
