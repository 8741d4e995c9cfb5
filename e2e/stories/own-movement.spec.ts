import { expect, test } from '../house';
import { expectAxeClean } from '../axe';
import { addByTyping, lineNames, makeSession, openSession, row, saved } from '../desk';

test('a coach makes a movement of their own, uses it by name, edits it and deletes it', async ({ page }) => {
  await page.goto('/movements/incline-dumbbell-press');
  await page.getByRole('slider', { name: 'Bench angle' }).focus();
  await page.keyboard.press('ArrowDown');
  await page.getByRole('button', { name: 'Make it my own' }).click();
  await expect(page.getByRole('heading', { name: 'A movement of your own' })).toBeVisible();
  await expectAxeClean(page);
  // Bad input says what to do and keeps everything.
  await page.getByLabel('Name', { exact: true }).fill('Incline dumbbell press');
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByRole('alert')).toContainText('is taken');
  await page.getByLabel('Name', { exact: true }).fill('Harbour press');
  await page.getByLabel('Other names, with commas').fill('low harbour, quay press');
  await page.getByLabel('Reps from').fill('12');
  await page.getByLabel('to', { exact: true }).fill('9');
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByRole('alert')).toContainText('Not below the first');
  await page.getByLabel('Reps from').fill('9');
  await page.getByLabel('to', { exact: true }).fill('12');
  await page.getByLabel('Cue for the set-up').fill('Bench one notch down, feet wide');
  await page.getByRole('button', { name: /^upper chest [\d.]/ }).click();
  await page.getByLabel('Credit for the upper chest, 0 to 1').fill('0.9');
  await page.getByRole('button', { name: 'Pin' }).click();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByRole('heading', { name: 'Harbour press', level: 1 })).toBeVisible();
  await expect(page.getByText('upper chest 0.9 pinned')).toBeVisible();
  const address = page.url();

  // Found by any of its names; a session that has it shows its name, its cues and its credit.
  const id = await makeSession(page, 'odalys-renske', 'With my own');
  await openSession(page, id);
  await addByTyping(page, 'quay press 3x10');
  expect(await lineNames(page)).toEqual(['Harbour press']);
  await expect(row(page, 'Harbour press').getByTestId('cell-load')).toHaveValue(/kg each/);
  await page.getByRole('tab', { name: 'Cues' }).click();
  await expect(page.getByLabel('Bench one notch down, feet wide')).toBeChecked();
  await saved(page);
  await page.goto(`/sessions/${id}/sheet`);
  await expect(page.getByTestId('sheet')).toContainText('Harbour press');
  await expect(page.getByTestId('sheet')).toContainText('Bench one notch down, feet wide');

  await page.goto(address);
  await page.getByRole('button', { name: 'Edit' }).click();
  await page.getByLabel('Name', { exact: true }).fill('Quayside press');
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByRole('heading', { name: 'Quayside press', level: 1 })).toBeVisible();
  await openSession(page, id);
  expect(await lineNames(page)).toEqual(['Quayside press']);

  // Deleted, the session keeps what it was made from.
  await page.goto(address);
  await page.getByRole('button', { name: 'Delete…' }).click();
  await expect(page.getByRole('alertdialog')).toContainText('1 session has it, 1 of them not done yet');
  await page.getByRole('button', { name: 'Delete it' }).click();
  await expect(page).toHaveURL(/\/movements$/);
  await openSession(page, id);
  expect(await lineNames(page)).toEqual(['Incline dumbbell press']);
  // Brought back on the page Data, it is what it was.
  await page.goto('/data');
  await page.getByRole('button', { name: 'Bring back Quayside press' }).click();
  await openSession(page, id);
  expect(await lineNames(page)).toEqual(['Quayside press']);
});

test('a name is hidden and comes back; cues are kept for one client and for everyone', async ({ page }) => {
  await page.goto('/movements/pullover');
  await page.getByRole('button', { name: 'Hide' }).click();
  await expect(page.getByRole('status').filter({ hasText: 'Hidden' })).toBeVisible();
  await page.getByRole('link', { name: 'Movements', exact: true }).click();
  await page.getByRole('searchbox', { name: 'Name' }).fill('pullover');
  await expect(page.getByText('Nothing like that')).toBeVisible();
  await page.getByLabel('with hidden ones').check();
  await page.getByRole('link', { name: 'Dumbbell pullover' }).click();
  await page.getByRole('button', { name: 'Show again' }).click();
  await expect(page.getByRole('button', { name: 'Hide' })).toBeVisible();

  const id = await makeSession(page, 'mirelle-vandoorn', 'Kept cues');
  await openSession(page, id);
  await addByTyping(page, 'machine fly 3x12');
  await page.getByRole('tab', { name: 'Cues' }).click();
  await page.getByLabel('Chest tall, blades against the pad').uncheck();
  await page.getByLabel('A cue of your own').fill('Knuckles meet, thumbs do not');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await page.getByRole('button', { name: 'Keep for Mirelle' }).click();
  await expect(page.getByText('Kept for Mirelle.')).toBeVisible();
  await saved(page);
  // The next session of hers begins with them, another client's does not.
  const next = await makeSession(page, 'mirelle-vandoorn', 'Kept cues again');
  await openSession(page, next);
  await addByTyping(page, 'machine fly 3x12');
  await page.getByRole('tab', { name: 'Cues' }).click();
  await expect(page.getByLabel('Knuckles meet, thumbs do not')).toBeChecked();
  const other = await makeSession(page, 'odalys-renske', 'Not her cues');
  await openSession(page, other);
  await addByTyping(page, 'machine fly 3x12');
  await page.getByRole('tab', { name: 'Cues' }).click();
  await expect(page.getByLabel('Knuckles meet, thumbs do not')).toHaveCount(0);
});
