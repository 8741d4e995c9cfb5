import { expect, test } from '../house';
import { expectAxeClean } from '../axe';
import { addByTyping, choose, selectOf, makeSession, openSession, row, saved, opened } from '../desk';

test('a triple drop meets a rack with few bells, and the drops that can be made are proposed', async ({
  page,
}) => {
  await page.goto('/kit');
  await page.getByRole('button', { name: 'Add a gym' }).click();
  await page.getByLabel('Name', { exact: true }).fill('Short rack');
  const bells = page.getByLabel('Dumbbells by size and pairs');
  await bells.fill('nonsense');
  await bells.press('Enter');
  await expect(bells).toHaveAttribute('aria-invalid', 'true');
  await bells.fill('20, 24-28 by 2');
  await bells.press('Enter');
  await page.getByRole('button', { name: 'Add a bench' }).click();
  await saved(page);

  const id = await makeSession(page, 'mirelle-vandoorn', 'Triple drop');
  await openSession(page, id);
  await choose(page, 'Gym', 'Short rack');
  await addByTyping(page, 'dumbbell bench press 2x8 triple drop');
  await page.getByRole('tab', { name: 'Load' }).click();
  await expect(selectOf(page, 'Sets go')).toHaveText('drop set');
  await expect(page.getByLabel('Drops, dumbbell bench press')).toHaveValue('2');
  await page.getByLabel('Load of set 2, Dumbbell bench press', { exact: true }).fill('24');
  await page.getByLabel('Load of set 2, Dumbbell bench press', { exact: true }).press('Enter');
  await page.getByRole('tabpanel').getByRole('button', { name: 'Use the computed load' }).click();
  // Loads are those on the rack, lighter at each drop until nothing lighter stands there.
  await expect(page.getByText('nothing lighter here').first()).toBeVisible();
  const loads = await page
    .getByTestId('set-load')
    .evaluateAll((cells) => cells.map((c) => Number((c as HTMLInputElement).value)));
  for (const kg of loads) expect([20, 24, 26, 28]).toContain(kg);
  const finding = page.locator('[data-rule="short-rack"]');
  await expect(finding).toContainText('runs out of lighter loads at Short rack');
  await expectAxeClean(page);
  await (await opened(finding)).getByRole('button', { name: 'Drop once' }).click();
  await expect(finding).toHaveCount(0);
  await expect(page.getByText('nothing lighter here')).toHaveCount(0);
  await saved(page);
  await page.keyboard.press('Control+z');
  await expect(finding).toHaveCount(1);
  // A gym with the whole run of bells has every drop.
  await choose(page, 'Gym', 'The Boathouse');
  await expect(finding).toHaveCount(0);
  const bellsUsed = (await row(page, 'Dumbbell bench press').getByTestId('cell-load').inputValue())
    .split(', ')
    .map(Number);
  expect(bellsUsed).toHaveLength(6);
  for (const i of [1, 2, 4, 5]) expect(bellsUsed[i]).toBeLessThan(bellsUsed[i - 1]!);
  await saved(page);
  await page.goto(`/sessions/${id}/sheet`);
  await expect(page.getByTestId('sheet')).toContainText(`→ ${bellsUsed[4]} → ${bellsUsed[5]} kg each`);
});
