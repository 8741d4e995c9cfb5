import { expect, test } from '../house';
import { expectAxeClean } from '../axe';
import { choose, openSession, makeSession, saved, opened } from '../desk';

test('a school is copied, changed, shown on open sessions before it is kept, and judges a session', async ({
  page,
}) => {
  const id = await makeSession(page, 'bram-otterlund', 'By my own rules', 'bram-push');
  await page.goto('/schools');
  await page.getByRole('button', { name: 'Copy Strength-anchored' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Strength-anchored, own' })).toBeVisible();
  await expectAxeClean(page);
  const name = page.getByLabel('Name', { exact: true });
  await name.fill('Bench club');
  await page.getByRole('textbox', { name: 'What the session is for, to' }).fill('9');
  await choose(page, 'Voice of One rep range for a muscle', 'silent');

  // What it would change is there before anything is kept.
  const open = page.getByRole('combobox', { name: 'Open sessions of' });
  await open.fill('Mirelle');
  await page.getByRole('option', { name: 'Mirelle Vandoorn' }).click();
  const told = page.getByRole('region', { name: 'Push A, upper chest first' });
  await expect(told).toContainText(/becomes .* of \d+–9/);
  const schools = async (): Promise<{ document: { name: string } }[]> =>
    (await page.request.get('/api/schools')).json();
  expect((await schools()).map((s) => s.document.name)).toEqual(['Strength-anchored, own']);

  // Not kept yet, and still here after a reload.
  await page.reload();
  await expect(page.getByRole('heading', { level: 1, name: 'Bench club' })).toBeVisible();
  await page.getByRole('button', { name: 'Keep the change' }).click();
  await expect(page.getByRole('status').filter({ hasText: 'Kept' })).toBeVisible();
  expect((await schools()).map((s) => s.document.name)).toEqual(['Bench club']);

  // A session is judged by it, and a rule can be set aside for all of it.
  await openSession(page, id);
  await choose(page, 'School', 'Bench club');
  const band = page.locator('[data-rule="session-band"]').filter({ hasText: 'Chest gets' });
  await expect(band).toContainText('–9');
  await opened(band);
  await band.getByRole('button', { name: 'Set aside' }).click();
  await band.getByLabel('Why go on anyway').fill('we bench for a living');
  await choose(band, 'Holds for', 'Bench club, this rule');
  await band.getByRole('button', { name: 'Keep it' }).click();
  await expect(band).toContainText('Going on, for this school because: we bench for a living');
  await saved(page);

  // What is in use is not deleted.
  await page.goto('/schools');
  await page.getByRole('link', { name: 'Bench club' }).click();
  await expect(page.getByText('we bench for a living')).toBeVisible();
  await page.getByRole('button', { name: 'Delete…' }).click();
  await page.getByRole('button', { name: 'Delete', exact: true }).click();
  await expect(page.getByRole('status').filter({ hasText: 'is used by' })).toBeVisible();
});

test('a file that is no school changes nothing and says what is wrong', async ({ page }) => {
  await page.goto('/schools');
  const chosen = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Import a file' }).click();
  await (
    await chosen
  ).setFiles({
    name: 'kit.json',
    mimeType: 'application/json',
    buffer: Buffer.from('{"format":"drimbo.kit"}'),
  });
  await expect(page.getByRole('alert')).toContainText('This is not a school');
});
