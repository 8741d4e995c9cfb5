import { choose } from '../desk';
import { expect, test } from '../house';

test('a coach finds the press and the notch for a lagging upper chest', async ({ page }) => {
  await page.goto('/movements');
  const all = Number((await page.getByText(/^\d+ names$/).textContent())!.split(' ')[0]);
  expect(all).toBeGreaterThan(95);
  await choose(page, 'Trains', 'upper chest');
  await choose(page, 'In this gym', 'The Boathouse');
  await choose(page, 'Easy on', 'wrist');
  await expect
    .poll(async () => Number((await page.getByText(/^\d+ names?$/).textContent())!.split(' ')[0]))
    .toBeLessThan(all);
  await expect(page.getByRole('link', { name: 'Incline press machine' })).toHaveCount(0);

  // Measured at every notch, in a worker, the list is ranked by what a set counts, then by the effort.
  await page.getByRole('button', { name: 'Measure at every notch' }).click();
  await expect(page.getByText('Sorted by what a hard set counts for the upper chest')).toBeVisible();
  await expect(page.getByRole('columnheader', { name: 'Best notch' })).toBeVisible();
  const counts = (await page.getByRole('cell').filter({ hasText: ', counts ' }).allTextContents())
    .slice(0, 5)
    .map((t) => Number(/counts ([\d.]+)/.exec(t)![1]));
  expect(counts.length).toBe(5);
  expect([...counts].sort((a, b) => b - a)).toEqual(counts);

  // By keys: type, walk down, open.
  await page.getByRole('searchbox', { name: 'Name' }).fill('incl db pres');
  await page.getByRole('searchbox', { name: 'Name' }).press('ArrowDown');
  await expect(page.getByRole('link', { name: 'Incline dumbbell press' })).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Incline dumbbell press', level: 1 })).toBeVisible();

  // The curve names the best notch of this bench; turning the bench renames and redraws.
  const curve = page.getByRole('img', { name: /Effort of the upper chest by bench angle/ });
  await expect(curve).toHaveAttribute('aria-label', /Counts most at (30|45)°/);
  await expect(
    page.getByText('A model’s estimate').or(page.getByText("A model's estimate")).first(),
  ).toBeVisible();
  const hard = page.getByRole('img', { name: /The shoulder is asked most/ });
  const before = await hard.getAttribute('aria-label');
  await page.getByRole('slider', { name: 'Bench angle' }).focus();
  await page.keyboard.press('End');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Seated dumbbell press');
  expect(await hard.getAttribute('aria-label')).not.toBe(before);
});

test('a name nobody knows gets a way on', async ({ page }) => {
  await page.goto('/movements');
  await page.getByRole('searchbox', { name: 'Name' }).fill('qwertz');
  await expect(page.getByText('Nothing like that')).toBeVisible();
  await page.goto('/movements/qwertz');
  await expect(page.getByText('There is no movement by this name')).toBeVisible();
});
