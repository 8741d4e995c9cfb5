import { expect, test } from '../house';
import { addByTyping, lineNames, makeSession, openSession, row, saved, storedSession } from '../desk';

test('a reload in the middle of typing loses nothing', async ({ page }) => {
  const id = await makeSession(page, 'mirelle-vandoorn', 'Reloaded');
  await openSession(page, id);
  await addByTyping(page, 'incline db press 4x6-8');
  await saved(page);
  // The write is held back, so that the reload comes before the server has it.
  await page.route('**/api/sessions/**', (route) =>
    route.request().method() === 'PUT' ? new Promise(() => undefined) : route.continue(),
  );
  await row(page, 'Incline dumbbell press').getByTestId('cell-scheme').fill('5x8-10');
  await page.getByLabel('Title of the session').fill('Reloaded in the middle');
  await page.unrouteAll({ behavior: 'ignoreErrors' });
  await page.reload();
  await expect(page.getByLabel('Title of the session')).toHaveValue('Reloaded in the middle');
  await expect(row(page, 'Incline dumbbell press').getByTestId('cell-scheme')).toHaveValue('5 × 8–10');
  await saved(page);
  await expect
    .poll(async () => (await storedSession(page, id)).document.title)
    .toBe('Reloaded in the middle');
});

test('what makes no sense is marked, changes nothing and goes with Escape', async ({ page }) => {
  const id = await makeSession(page, 'mirelle-vandoorn', 'Nonsense');
  await openSession(page, id);
  await addByTyping(page, 'incline db press 4x6-8');
  const cell = row(page, 'Incline dumbbell press').getByTestId('cell-scheme');
  await cell.fill('lots');
  await expect(cell).toHaveAttribute('aria-invalid', 'true');
  await expect(page.getByRole('alert')).toContainText('4 x 6-8');
  await expect(page.getByTestId('totals')).toContainText('4 working sets');
  await cell.press('Escape');
  await expect(cell).toHaveValue('4 × 6–8');
  expect(await lineNames(page)).toEqual(['Incline dumbbell press']);
});
