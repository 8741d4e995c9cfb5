import { expect, test, type Page } from '../house';
import { addByTyping, lineNames, makeSession, openSession, row, saved } from '../desk';

const focused = (page: Page): Promise<string> => page.evaluate(() => document.activeElement!.tagName);

test('keys work on the chosen movement whatever has the focus but a field; the focus never falls to the page', async ({
  page,
}) => {
  const id = await makeSession(page, 'mirelle-vandoorn', 'Keys anywhere', 'mirelle-push-a');
  await openSession(page, id);
  await expect.poll(() => focused(page)).toBe('BUTTON');
  const names = await lineNames(page);
  // From a button of another pane.
  await page.getByRole('button', { name: 'Text', exact: true }).focus();
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Alt+ArrowUp');
  await expect.poll(() => lineNames(page)).toEqual([names[1], names[0], ...names.slice(2)]);
  await page.getByRole('button', { name: 'Edit warm-up' }).focus();
  await page.keyboard.press('Delete');
  await expect.poll(() => lineNames(page)).toEqual([names[0], ...names.slice(2)]);
  await expect.poll(() => focused(page)).toBe('BUTTON');
  // A field keeps its keys: Delete is the field's, and so is Ctrl Z while it is typed in.
  await row(page, names[0]!).getByTestId('cell-rest').fill('95');
  await page.keyboard.press('Control+z');
  expect(await lineNames(page)).toHaveLength(5);
  await page.keyboard.press('Escape');
  await page.getByLabel('Title of the session').fill('Renamed');
  await page.keyboard.press('Control+z');
  expect(await lineNames(page)).toHaveLength(5);
  await page.locator('[data-name]').first().focus();
  for (let i = 0; i < 4 && (await lineNames(page)).length < 6; i++) {
    await page.keyboard.press('Control+z');
    await page.waitForTimeout(50);
  }
  expect(await lineNames(page)).toHaveLength(6);
  // Everything is removed: the focus goes to where something is added.
  for (let i = 0; i < 6; i++) await page.keyboard.press('Delete');
  await expect(page.getByText('No movement chosen')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Catalogue' })).toBeFocused();
  await page.keyboard.press('w');
  await expect(page.getByRole('dialog', { name: 'Warm-up' })).toBeVisible();
  await page.keyboard.press('Escape');
  await page.keyboard.press('.');
  await expect(page.getByLabel('Title of the session')).not.toHaveValue('Renamed');
  expect(await focused(page)).not.toBe('BODY');
});

test('undo survives a reload, to the first step and on again', async ({ page }) => {
  const id = await makeSession(page, 'mirelle-vandoorn', 'Undo later');
  await openSession(page, id);
  await addByTyping(page, 'incline db press 3x8');
  await addByTyping(page, 'lateral raise 3x15');
  await row(page, 'Dumbbell lateral raise').getByTestId('cell-scheme').fill('4x20');
  await saved(page);
  await page.reload();
  await expect(row(page, 'Dumbbell lateral raise').getByTestId('cell-scheme')).toHaveValue('4 × 20');
  const undo = page.getByRole('button', { name: /^Undo/ });
  await undo.click();
  await expect(row(page, 'Dumbbell lateral raise').getByTestId('cell-scheme')).toHaveValue('3 × 15');
  await undo.click();
  await undo.click();
  expect(await lineNames(page)).toEqual([]);
  await expect(undo).toBeDisabled();
  await saved(page);
  await page.reload();
  await expect(page.getByText('No movement chosen')).toBeVisible();
  await page.keyboard.press('Control+Shift+z');
  await page.keyboard.press('Control+Shift+z');
  expect(await lineNames(page)).toEqual(['Incline dumbbell press', 'Dumbbell lateral raise']);
});

test('an edit followed at once by closing the tab is there on reopening, without a question', async ({
  page,
  context,
}) => {
  const id = await makeSession(page, 'mirelle-vandoorn', 'Closed at once');
  await openSession(page, id);
  await addByTyping(page, 'incline db press 3x8');
  await page.close();
  const again = await context.newPage();
  await openSession(again, id);
  await expect(again.getByTestId('conflict')).toHaveCount(0);
  await expect.poll(() => lineNames(again)).toEqual(['Incline dumbbell press']);
  await saved(again);
});

test('the facts of a client are taken back and done again, by button and by key, after a reload too', async ({
  page,
}) => {
  await page.goto('/clients/mirelle-vandoorn');
  const minutes = page.getByRole('textbox', { name: 'Minutes a session' });
  await expect(minutes).toHaveValue('75');
  await minutes.fill('55');
  await minutes.blur();
  await expect(page.getByTestId('save-state')).toHaveText('Saved');
  await page.reload();
  await expect(minutes).toHaveValue('55');
  await page.getByRole('button', { name: 'Undo change minutes' }).click();
  await expect(minutes).toHaveValue('75');
  await page.keyboard.press('Control+y');
  await expect(minutes).toHaveValue('55');
  await page.keyboard.press('Control+z');
  await expect(minutes).toHaveValue('75');
  await expect(page.getByRole('button', { name: 'Undo', exact: true })).toBeDisabled();
});
