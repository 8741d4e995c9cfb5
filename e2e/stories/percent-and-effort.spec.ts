import { expect, test } from '../house';
import { expectAxeClean } from '../axe';
import { addByTyping, makeSession, openSession, row, saved, storedSession } from '../desk';

test('a percent is a percent, an effort is an effort, and a figure that may be either is asked about', async ({
  page,
}) => {
  const id = await makeSession(page, 'mirelle-vandoorn', 'Percent and effort');
  await openSession(page, id);
  await addByTyping(page, 'bench 5x5 @ 80% RPE 8, rest 2-3 min, do not go to failure');
  await expect(row(page, 'Barbell bench press')).toContainText('5 × 5');
  const box = page.getByRole('combobox', { name: 'Add a movement by typing' });
  await box.fill('lat raise 3x15 @8');
  const reading = page.getByTestId('reading-back');
  await expect(reading).toContainText('3 × 15');
  await expectAxeClean(page, '[data-testid="reading-back"]');
  await reading.getByRole('button', { name: /^8: kept as a note/ }).click();
  await page.getByRole('menuitem', { name: 'leave 2' }).click();
  await expect(reading).toContainText('leave 2');
  await box.press('Enter');
  await expect(box).toHaveValue('');

  // What the catalogue does not have is not added as something else.
  await box.fill('leg press 4x12');
  await box.press('Enter');
  await expect(page.getByRole('status').filter({ hasText: 'no such movement' })).toBeVisible();
  await box.press('Escape');
  await saved(page);
  const { document } = await storedSession(page, id);
  expect(document.blocks.map((b) => b.lines[0])).toMatchObject([
    {
      percentOf: { lift: 'barbell-bench-press', percent: 80 },
      reserve: { first: 2, last: 2 },
      restS: 150,
      loadKg: null,
      note: 'do not go to failure',
    },
    { movement: 'dumbbell-lateral-raise', reserve: { first: 2, last: 2 }, loadKg: null },
  ]);
});
