import { expect, test } from '../house';
import { expectAxeClean } from '../axe';
import { addByTyping, choose, makeSession, openSession, row, saved } from '../desk';

test('a warm-up is filled up, the first lift led up to another way, and slow work gets its own load', async ({
  page,
}) => {
  const id = await makeSession(page, 'mirelle-vandoorn', 'Warm and slow');
  await openSession(page, id);
  await addByTyping(page, 'bench press 3x8 leave 2');
  const load = row(page, 'Barbell bench press').getByTestId('cell-load');
  const kg = async (): Promise<number> => Number.parseFloat(await load.inputValue());
  const ordinary = await kg();
  const ramps = page.locator('rect.bar title', { hasText: /^Ramp/ });
  const ladder = await ramps.count();
  expect(ladder).toBeGreaterThan(0);

  await page.getByRole('button', { name: 'Edit warm-up' }).click();
  const dialog = page.getByRole('dialog', { name: 'Warm-up' });
  await dialog.getByRole('button', { name: 'Fill it up: general, range, activation' }).click();
  await expect(dialog.getByLabel(/^Dose of/)).toHaveCount(3);
  await expectAxeClean(page, '[role=dialog]');
  await choose(dialog, 'Lead up to the first lift by', 'two sets of 12–15');
  await page.keyboard.press('Escape');
  await expect(dialog).toHaveCount(0);
  await expect.poll(() => ramps.count()).not.toBe(ladder);

  const tempo = row(page, 'Barbell bench press').getByTestId('cell-tempo');
  await tempo.fill('5-1-1-0');
  await tempo.press('Enter');
  await expect.poll(kg).toBeLessThan(ordinary);
  await page.getByRole('tab', { name: 'Load' }).click();
  await expect(page.getByText(/A repetition of 7 s counts as 1.75 ordinary ones/)).toBeVisible();
  await saved(page);

  await page.getByTestId('to-sheet').click();
  const sheet = page.getByTestId('sheet');
  await expect(sheet).toContainText(
    'easy cardio 4 min, shoulder pass-through 1 × 10, band pull-apart 2 × 15',
  );
  await expect(sheet).toContainText(/Ramp: \d+(\.\d+)? kg × 1\d, \d+(\.\d+)? kg × 1\d\./);
  await expect(sheet).toContainText('lower 5 seconds');
});
