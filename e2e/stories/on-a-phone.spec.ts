import { addByTyping, makeSession, openSession, row, saved } from '../desk';
import { expect, test } from '../house';

test('on a phone a session is built step by step: the line-up, a movement, what the review says', async ({
  page,
}) => {
  await page.setViewportSize({ width: 360, height: 740 });
  const id = await makeSession(page, 'mirelle-vandoorn', 'In the pocket');
  await openSession(page, id);
  await addByTyping(page, 'incline db press 4x6-8 rest 30s');
  const press = row(page, 'Incline dumbbell press');
  await press.getByTestId('cell-scheme').fill('3x8');
  await page.keyboard.press('Tab');
  await expect(press.getByTestId('cell-scheme')).toHaveValue('3 × 8');
  await expect(page.getByRole('tab', { name: 'Load' })).toBeHidden();
  await page.getByRole('radio', { name: 'Movement' }).click();
  await expect(press).toBeHidden();
  await page.getByRole('tab', { name: 'Load' }).click();
  await expect(page.getByRole('tabpanel', { name: 'Load' })).toContainText('Max today');
  await page.getByRole('radio', { name: 'Dose and review' }).press('Enter');
  await expect(page.getByRole('heading', { name: 'Dose today' })).toBeVisible();
  await saved(page);
});
