import { expect, test } from '../house';
import { lineNames, makeSession, openSession, saved } from '../desk';

test('a session is built, edited, ordered, paired and printed without a mouse', async ({ page }) => {
  const id = await makeSession(page, 'mirelle-vandoorn', 'Keys only');
  await page.goto('/clients');
  await expect(page.getByRole('link', { name: 'Mirelle Vandoorn' })).toBeVisible();
  await page.keyboard.press('/');
  await page.keyboard.type('keys only');
  await expect(page.getByRole('option', { name: /Keys only/ })).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(new RegExp(id));
  await expect(page.getByLabel('Title of the session')).toHaveValue('Keys only');

  await page.keyboard.press('a');
  for (const text of ['incline db press 30° 4x6-8', 'lateral raise 4x12-15', 'rear raise 3x12-15']) {
    await page.keyboard.type(text);
    await page.keyboard.press('Enter');
  }
  await page.keyboard.press('Escape');
  expect(await lineNames(page)).toEqual([
    'Incline dumbbell press',
    'Dumbbell lateral raise',
    'Bent-over rear raise',
  ]);

  // To the last movement by Tab, then up the list and down again with the arrows.
  await page.locator('[data-name]').last().focus();
  await page.keyboard.press('ArrowUp');
  await expect(page.getByRole('button', { name: /^Dumbbell lateral raise/ })).toBeFocused();
  await page.keyboard.press('Alt+ArrowUp');
  await expect
    .poll(() => lineNames(page))
    .toEqual(['Dumbbell lateral raise', 'Incline dumbbell press', 'Bent-over rear raise']);
  await page.keyboard.press('Alt+ArrowDown');
  await expect
    .poll(() => lineNames(page))
    .toEqual(['Incline dumbbell press', 'Dumbbell lateral raise', 'Bent-over rear raise']);
  await expect(page.getByRole('button', { name: /^Dumbbell lateral raise/ })).toBeFocused();
  await page.keyboard.press('p');
  await expect(page.getByRole('button', { name: /^Part the pair/ })).toBeVisible();

  // Enter edits the sets and reps, Tab goes on to tempo, reserve and load.
  await page.keyboard.press('Enter');
  await page.keyboard.type('3x15-20');
  await page.keyboard.press('Tab');
  await page.keyboard.type('2-0-1-1');
  await page.keyboard.press('Tab');
  await page.keyboard.type('2-0');
  await page.keyboard.press('Tab');
  await page.keyboard.type('6');
  await page.keyboard.press('Tab');
  const raise = page.locator('[data-line]').filter({ hasText: 'Dumbbell lateral raise' });
  await expect(raise.getByTestId('cell-scheme')).toHaveValue('3 × 15–20');
  await expect(raise.getByTestId('cell-tempo')).toHaveValue('2-0-1-1');
  await expect(raise.getByTestId('cell-reserve')).toHaveValue('2 → 0');
  await expect(raise.getByTestId('cell-load')).toHaveValue('6 kg each');
  await saved(page);

  // The bench turns by keys through this gym's notches; the name follows.
  await page.locator('[data-name]').first().focus();
  await page.getByRole('slider', { name: 'Bench angle' }).focus();
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('ArrowUp');
  await expect.poll(() => lineNames(page).then((n) => n[0])).toBe('Seated dumbbell press');
  await page.keyboard.press('Home');
  await expect.poll(() => lineNames(page).then((n) => n[0])).toBe('Dumbbell bench press');
  await page.keyboard.press('Control+z');

  await page.keyboard.press('?');
  await expect(page.getByRole('dialog')).toContainText('Duplicate it');
  await page.keyboard.press('Escape');
  await page.getByTestId('to-sheet').focus();
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('sheet')).toBeVisible();
});

test('the focus is always to be seen', async ({ page }) => {
  await openSession(page, 'mirelle-push-a');
  for (let i = 0; i < 40; i++) {
    await page.keyboard.press('Tab');
    const seen = await page.evaluate(() => {
      const e = document.activeElement!;
      if (e === document.body) return true;
      const own = getComputedStyle(e);
      const halo = e.querySelector('.halo');
      const circle = e.querySelector('circle');
      return (
        (own.outlineStyle !== 'none' && parseFloat(own.outlineWidth) >= 1) ||
        (halo !== null && getComputedStyle(halo).opacity === '1') ||
        (circle !== null && parseFloat(getComputedStyle(circle).strokeWidth) >= 4)
      );
    });
    expect(seen, await page.evaluate(() => document.activeElement!.outerHTML.slice(0, 120))).toBe(true);
  }
});
