import { expect, test } from '../house';
import { find, lineNames, makeSession, openSession, saved, storedSession } from '../desk';

const message = `Hey! Here is the week:

DAY 1 - PUSH
Warm up: band pull aparts 2x20
Bench 4x6 @ RPE 8, rest 3 min
A1) Incline DB 3x8-10
A2) Cable fly 3x12-15
Lat raise 4x15 (last set triple drop)

DAY 2 - LEGS
Squat 5x5 @ 100kg
Leg press 3x12
Calf raises 4x15
OHP 3x8 to finish
Let me know how it goes`;

test('a message with a leg day in it: squats stay squats, and each day can be a session', async ({
  page,
}) => {
  const id = await makeSession(page, 'mirelle-vandoorn', 'A week in a message');
  await openSession(page, id);
  await page.getByRole('button', { name: 'Text', exact: true }).click();
  const dialog = page.getByRole('dialog', { name: 'Session as text' });
  await dialog.getByLabel('Text', { exact: true }).fill(message);
  const read = dialog.getByRole('list', { name: 'What was understood' });
  const asked = read.getByRole('listitem').filter({ hasText: 'Which movement?' });
  await expect(asked).toHaveCount(3);
  await expect(asked.first()).toContainText('Squat 5x5 @ 100kg');
  await expect(read.locator('[data-paired="true"]')).toContainText('Cable fly');
  await expect(dialog.getByText('One thing for the warm-up.')).toBeVisible();
  await find(dialog, 'Movement for “Calf raises 4x15”', 'Push-up');
  await expect(asked).toHaveCount(2);

  await dialog.getByRole('button', { name: 'Make 2 sessions of it' }).click();
  await expect(dialog).toHaveCount(0);
  await expect(page.getByText(/^Made: “DAY 1 - PUSH”, “DAY 2 - LEGS”/)).toBeVisible();
  expect(await lineNames(page)).toEqual([]);
  await page.goto('/sessions?search=day%202%20-%20legs');
  await page.getByRole('link', { name: 'DAY 2 - LEGS' }).click();
  await expect(page.getByLabel('Title of the session')).toHaveValue('DAY 2 - LEGS');
  expect(await lineNames(page)).toEqual(['Push-up', 'Standing barbell press']);

  // Into the session that is open: everything of it, and what it cannot hold as movements in its note.
  await openSession(page, id);
  await page.getByRole('button', { name: 'Text', exact: true }).click();
  await dialog.getByLabel('Text', { exact: true }).fill(message);
  await dialog.getByRole('button', { name: 'Add 5 movements' }).click();
  await saved(page);
  const { document } = await storedSession(page, id);
  expect(document.note).toBe('Squat 5x5 @ 100kg\nLeg press 3x12\nCalf raises 4x15\nLet me know how it goes');
  expect(document.warmup).toHaveLength(1);
});
