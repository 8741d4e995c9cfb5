import { expect, test, type Page } from '../house';
import { expectAxeClean } from '../axe';
import { choose, copyClient, makeSession, opened, saved } from '../desk';

const findings = (page: Page) => page.getByRole('list', { name: 'Findings' });
const rule = (page: Page, id: string) => page.locator(`[data-rule="${id}"]`).first();
const judged = (page: Page) => expect(page.getByText('Looking for remedies…')).toHaveCount(0);

test('two push days that complement each other are planned for a competitor, from her page, in a few keys', async ({
  page,
}) => {
  // A client of its own: other stories make sessions of the same names for hers.
  const client = await copyClient(page, 'mirelle-vandoorn', 'mirelle-twice');
  await makeSession(page, client, 'Push A, upper chest first', 'mirelle-push-a');
  await makeSession(page, client, 'Push B, overhead first', 'mirelle-push-b');
  await page.goto(`/clients/${client}`);
  await expect(page.getByRole('heading', { name: /^A copy for twice/ }).first()).toBeVisible();
  await page.keyboard.press('b');
  const dialog = page.getByRole('dialog', { name: 'Start a block for A copy for twice' });
  await choose(dialog, 'Split', 'Push twice a week');
  await choose(dialog, 'Push A', 'Push A, upper chest first');
  await choose(dialog, 'Push B', 'Push A, upper chest first');
  await dialog.getByRole('button', { name: 'Start the block' }).click();
  await expect(page).toHaveURL(/\/blocks\/block-/);

  // The same session twice a week repeats nothing against itself; another one is put on the second day.
  await page
    .locator('[data-date]')
    .getByRole('button', { name: /^Push B/ })
    .first()
    .click();
  await choose(page, 'Push B uses', 'Push B, overhead first');
  await judged(page);
  const same = rule(page, 'same-implement');
  await expect(same).toContainText('both lead with the dumbbells');
  await expect(rule(page, 'same-day-twice')).toBeVisible();
  await expectAxeClean(page);

  // What the second day should change, as an edit of its session; told before, gone after, and taken back as one.
  const remedy = (await opened(same)).getByRole('button', { name: /^Use / }).first();
  await expect(remedy).toBeVisible();
  await remedy.click();
  await expect(page.locator('[data-rule="same-implement"]')).toHaveCount(0);
  await expect(page.locator('[data-mended="same-implement"]')).toContainText('Mended: Use ');
  await judged(page);
  await page.getByRole('button', { name: /^Undo use/ }).click();
  await expect(rule(page, 'same-implement')).toBeVisible();
  await judged(page);

  // Going on anyway takes a reason, which stays over a reload.
  const aside = await opened(rule(page, 'same-day-twice'));
  await aside.getByRole('button', { name: 'Set aside' }).click();
  await aside.getByLabel('Why go on anyway').fill('twelve weeks out, nothing new');
  await aside.getByRole('button', { name: 'Keep it' }).click();
  await saved(page);
  await page.reload();
  await expect(findings(page)).toContainText('Going on because: twelve weeks out, nothing new');
});

test('a day is carried to another by keyboard and by mouse, and a light week is seen as light', async ({
  page,
}) => {
  await page.goto('/blocks/bram-bench');
  const next = page
    .locator('[data-date]:not([data-light])')
    .getByRole('button', { name: /^Bench day.*20\d\d|^Bench day/ });
  const planned = next.filter({ hasNotText: '✓' }).first();
  await expect(planned).toContainText('kg');
  const label = (await planned.getAttribute('aria-label'))!;
  const from = await planned.evaluate((e) => e.closest('[data-date]')!.getAttribute('data-date'));
  await planned.focus();
  await page.keyboard.press('Space');
  await expect(page.locator('[data-carried]')).toBeVisible();
  await page.keyboard.press('ArrowDown');
  await expect(page.locator(`[data-date="${nextDay(from!)}"][data-over]`)).toBeVisible();
  await page.keyboard.press('Space');
  const name = new RegExp(`^${label.split(',')[0]}`);
  await expect(page.getByRole('button', { name: /^Undo move Bench day/ })).toBeVisible();
  const there = page.locator('[data-date]').getByRole('button', { name }).filter({ hasText: '↷' });
  await expect(there).toHaveCount(1);
  await page.keyboard.press('Control+z');
  await expect(there).toHaveCount(0);
  const home = page.locator(`[data-date="${from}"]`).getByRole('button', { name: label, exact: true });
  await expect(home).toHaveCount(1);

  // By mouse, onto the free day after it.
  const target = page.locator(`[data-date="${nextDay(from!)}"]`);
  await planned.hover();
  await page.mouse.down();
  const box = (await target.boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + 8, { steps: 8 });
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2, { steps: 4 });
  await page.mouse.up();
  await expect(target).toContainText('Bench day');
  await page.getByRole('button', { name: /^Undo move/ }).click();
  await expect(target).not.toContainText('Bench day');
  await expect(page.locator('[data-light]').first()).toBeVisible();
});

test('on a phone the block is read week by week and nothing is wider than the screen', async ({ page }) => {
  await page.setViewportSize({ width: 360, height: 740 });
  await page.goto('/blocks/mirelle-stage');
  await expect(page.getByRole('table', { name: /Hard sets of week/ })).toBeVisible();
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(360);
  await page.emulateMedia({ colorScheme: 'dark' });
  await expectAxeClean(page);
});

const nextDay = (date: string): string =>
  new Date(Date.parse(`${date}T00:00:00Z`) + 86_400_000).toISOString().slice(0, 10);
