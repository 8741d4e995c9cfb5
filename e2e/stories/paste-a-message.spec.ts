import { expect, test, type Locator } from '../house';
import { expectAxeClean } from '../axe';
import { find, lineNames, makeSession, openSession, row, saved } from '../desk';

const message = `hey, for friday:
incline db 4x8, then flys 3x12 super w/ pushups to failure, 90s rest
wobbly thing 3x10
lat raises 3x15 leave 1 zorp
pushdowns 12, 10, 8`;

test('a message is pasted, two lines are repaired, and the session is there', async ({ page }) => {
  const id = await makeSession(page, 'mirelle-vandoorn', 'From a message');
  await openSession(page, id);
  await page.getByRole('button', { name: 'Text', exact: true }).click();
  const dialog = page.getByRole('dialog', { name: 'Session as text' });
  await dialog.getByLabel('Text', { exact: true }).fill(message);
  const read = dialog.getByRole('list', { name: 'What was understood' });
  await expect(read.locator('[data-paired="true"]')).toContainText('Push-up');
  const line = (name: string): Locator =>
    read.locator('li').filter({ has: page.locator('b', { hasText: name }) });
  const nobody = read.locator('li').filter({ hasText: 'Which movement?' }).filter({ hasText: 'wobbly' });
  await expect(nobody).toHaveCount(1);
  await expectAxeClean(page, '[role="dialog"]');
  await find(dialog, 'Movement for “wobbly thing 3x10”', 'Chest dip');
  await expect(line('Chest dip')).toContainText('3 × 10');
  const doubtful = read.locator('li').filter({ hasText: 'zorp' });
  await expect(doubtful).toContainText('kept as a note');
  await find(doubtful, /^Movement for/, 'Cable lateral raise');
  await expect(line('Cable lateral raise')).toContainText('3 × 15');
  await dialog.getByRole('button', { name: /^Add \d movements/ }).click();
  await expect(dialog).toHaveCount(0);
  const names = await lineNames(page);
  expect(names[0]).toBe('Incline dumbbell press');
  expect(names).toEqual(expect.arrayContaining(['Push-up', 'Chest dip', 'Cable lateral raise']));
  await expect(row(page, 'Incline dumbbell press')).toHaveCount(1);
  await saved(page);

  // The session as text reads back to itself.
  await page.getByRole('button', { name: 'Text', exact: true }).click();
  await dialog.getByRole('button', { name: 'This session as text' }).click();
  await expect(read.locator('[data-doubtful="true"]').filter({ hasText: 'Which movement?' })).toHaveCount(0);
  await dialog.getByRole('button', { name: 'Replace the line-up' }).click();
  expect(await lineNames(page)).toEqual(names);
  await page.keyboard.press('Control+z');
  await page.keyboard.press('Control+z');
  expect(await lineNames(page)).toEqual([]);
});
