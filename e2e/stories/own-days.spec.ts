import { expect, test } from '../house';
import { expectAxeClean } from '../axe';
import { choose, saved, selectOf } from '../desk';

test('a coach makes a pattern of her own: another day, named, put into the week, and taken back', async ({
  page,
}) => {
  await page.goto('/blocks/tamsin-first');
  await page.getByRole('tab', { name: 'Split, weeks, progression' }).click();
  const days = page.getByRole('list', { name: 'Training days' });
  await expect(days).toBeVisible();
  const before = await days.getByRole('listitem').count();
  const name = page.getByRole('textbox', { name: 'Another training day' });
  await name.fill('Neck and arms');
  await name.press('Enter');
  await expect(days.getByRole('listitem')).toHaveCount(before + 1);

  // What it is called is written where it stands; an emptied name is none, and the last one stays.
  const own = page.getByRole('textbox', { name: `Name of training day ${before + 1}` });
  await own.fill('Arms');
  await own.fill('');
  await own.blur();
  await expect(own).toHaveValue('Arms');

  const last = page.getByRole('button', { name: /Day 7$/ });
  const was = (await last.textContent())!;
  await choose(page, 'Day 7', 'Arms');
  await expect(page.getByRole('button', { name: 'Remove Arms' })).toHaveCount(0);
  await expect(page.locator('[data-date]').getByRole('button', { name: /^Arms/ })).not.toHaveCount(0);
  await saved(page);
  await page.reload();
  await page.getByRole('tab', { name: 'Split, weeks, progression' }).click();
  await expect(selectOf(page, 'Day 7')).toContainText('Arms');
  await expectAxeClean(page);

  await choose(page, 'Day 7', 'off');
  await page.getByRole('button', { name: 'Undo change the pattern' }).click();
  await expect(selectOf(page, 'Day 7')).toContainText('Arms');
  await choose(page, 'Day 7', was.includes('off') ? 'off' : 'Legs');
  await page.getByRole('button', { name: 'Remove Arms' }).click();
  await expect(days.getByRole('listitem')).toHaveCount(before);
  await saved(page);

  // What was done can be undone after a reload too.
  await page.reload();
  await page.getByRole('tab', { name: 'Split, weeks, progression' }).click();
  await expect(days.getByRole('listitem')).toHaveCount(before);
  await page.getByRole('button', { name: 'Undo remove Arms' }).click();
  await expect(days.getByRole('listitem')).toHaveCount(before + 1);
  await saved(page);
});
