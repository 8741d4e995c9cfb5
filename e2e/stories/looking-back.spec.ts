import { expect, test } from '../house';
import { expectAxeClean } from '../axe';
import { choose, copyClient } from '../desk';

test('looking back: planned beside done by week; weight, girths, ratings and notes by date, taken back where wrong', async ({
  page,
}) => {
  await page.goto('/clients/bram-otterlund/progress');
  const weeks = page.getByRole('region', { name: 'Weeks planned and done' });
  await expect(weeks.getByRole('row', { name: /^Chest/ })).toContainText(/\d of \d/);
  await expect(weeks.getByRole('columnheader', { name: /so far/ })).toHaveCount(1);

  const id = await copyClient(page, 'odalys-renske', 'odalys-measured');
  await page.goto(`/clients/${id}/progress`);
  const body = page.getByRole('region', { name: 'Bodyweight and girths' });
  const figure = body.getByRole('textbox', { name: /^Figure/ });
  await figure.fill('61,5');
  await body.getByRole('button', { name: 'Keep it' }).click();
  await expect(body.getByRole('list', { name: 'Measured' })).toContainText('Bodyweight 61.5 kg');
  const stored = async () => (await (await page.request.get(`/api/clients/${id}`)).json()).document;
  await expect.poll(async () => (await stored()).massKg).toBe(61.5);
  await figure.fill('9');
  await expect(body.getByText('35 to 250')).toBeVisible();
  await choose(body, 'Measure', 'Upper arm');
  await body.getByRole('textbox', { name: /^Figure, cm/ }).fill('29');
  await body.getByRole('button', { name: 'Keep it' }).click();
  await expect(body.getByRole('list', { name: 'Measured' })).toContainText('Upper arm 29.0 cm');
  await body.getByRole('button', { name: /^Remove upper arm/ }).click();
  await expect(body.getByRole('list', { name: 'Measured' })).not.toContainText('Upper arm');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(body.getByRole('list', { name: 'Measured' })).toContainText('Upper arm 29.0 cm');

  const eye = page.getByRole('region', { name: 'Regions by eye' });
  await choose(eye, 'Region', 'Side delt');
  await choose(eye, 'Rating', '2');
  await eye.getByRole('button', { name: 'Rate it' }).click();
  await eye.getByRole('button', { name: 'Plan it as a weak point' }).click();
  await expect.poll(async () => (await stored()).lagging).toContain('deltSide');

  const notes = page.getByRole('region', { name: 'Notes' });
  await notes.getByRole('textbox').fill('Nights until Friday.');
  await notes.getByRole('textbox').press('Enter');
  await expect(notes.getByRole('list', { name: 'Kept notes' })).toContainText('Nights until Friday.');
  await expectAxeClean(page);
  await page.reload();
  await expect(notes.getByRole('list', { name: 'Kept notes' })).toContainText('Nights until Friday.');
});
