import { expect, test } from '../house';
import { expectAxeClean } from '../axe';
import { openSession, row } from '../desk';

test('a session is rehearsed a thousand times: how often each set lands, how long it takes; a heavier load lands less', async ({
  page,
}) => {
  await openSession(page, 'bram-chest-copy');
  const rehearse = async () => {
    await page.getByRole('button', { name: 'Run it' }).click();
    await page.getByRole('menuitem', { name: /Rehearse/ }).click();
    const dialog = page.getByRole('dialog', { name: 'Rehearse this session' });
    await expect(dialog.getByText(/minutes, from \d+ to \d+ in eight of ten runs/)).toBeVisible();
    return dialog;
  };
  const shortOf = async (dialog: Awaited<ReturnType<typeof rehearse>>): Promise<number> => {
    const bar = dialog
      .getByRole('rowgroup')
      .filter({ hasText: 'Barbell bench press' })
      .getByRole('img')
      .first();
    return Number(/short (\d+)/.exec((await bar.getAttribute('aria-label'))!)![1]);
  };
  const dialog = await rehearse();
  const before = await shortOf(dialog);
  await expectAxeClean(page, '[role="dialog"]');
  await page.keyboard.press('Escape');
  const cell = row(page, 'Barbell bench press').first().getByTestId('cell-load');
  const load = Number.parseFloat(await cell.inputValue());
  await cell.fill(String(load + 20));
  await cell.press('Enter');
  expect(await shortOf(await rehearse())).toBeGreaterThan(before);
});
