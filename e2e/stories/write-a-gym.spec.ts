import { expect, test, type Page } from '../house';
import { expectAxeClean } from '../axe';
import { addByTyping, choose, makeSession, openSession, row, saved } from '../desk';

const put = async (page: Page, label: string, text: string): Promise<void> => {
  await page.getByLabel(label, { exact: true }).fill(text);
  await page.getByLabel(label, { exact: true }).press('Enter');
};

test('a gym is written down: plates and bells of two markings, a band, distances, what is clipped on', async ({
  page,
}) => {
  await page.goto('/kit');
  await page.getByRole('button', { name: 'Add a gym' }).click();
  await page.getByLabel('Name', { exact: true }).fill('Slipway shed');
  await put(page, 'Plates by size and pairs', '20 x 2, 10, 45 lb x 2');
  await expect(page.getByRole('img', { name: 'On each side, from the inside: 20, 20, 10 kg' })).toBeVisible();
  await expect(page.getByRole('img', { name: 'On each side, from the inside: 45, 45 lb' })).toBeVisible();
  await put(page, 'Dumbbells by size and pairs', '10, 12, 25 lb x 2');
  await expect(page.getByLabel('Dumbbells by size and pairs')).toHaveValue('10, 12, 25 lb × 2');

  // What makes no sense is said, and changes nothing.
  await put(page, 'Dumbbells by size and pairs', 'a few');
  await expect(page.getByText(/^Sizes in kg, like/)).toBeVisible();
  await page.getByLabel('Dumbbells by size and pairs').press('Escape');
  await expect(page.getByLabel('Dumbbells by size and pairs')).toHaveValue('10, 12, 25 lb × 2');

  await page.getByRole('button', { name: 'Add a stack' }).click();
  await put(page, 'Hand feels, of the stack, Cables', '0.5');
  await page.getByRole('button', { name: 'Add a band' }).click();
  await put(page, 'Lengths and pulls of Band', '0.5 m 0 N, 1 m 150 N');
  await expect(page.getByRole('img', { name: 'Band: slack to 0.5 m, 150 newtons at 1 m' })).toBeVisible();
  await page.getByRole('button', { name: 'Add a distance' }).click();
  await put(page, 'Metres of distance 1', '30');
  await page.getByLabel('Rope', { exact: true }).uncheck();
  await page.getByLabel('Somebody is usually there to spot').check();
  await saved(page);
  await expectAxeClean(page);

  await page.reload();
  await expect(page.getByLabel('Metres of distance 1')).toHaveValue('30');
  await expect(page.getByLabel('Rope', { exact: true })).not.toBeChecked();
  await expect(page.getByLabel('Lengths and pulls of Band')).toHaveValue('0.5 m 0 N, 1 m 150 N');

  // The gym speaks in the session: marks on the sheet, the rope that is not there, the pair across the room.
  const id = await makeSession(page, 'odalys-renske', 'At the shed');
  await openSession(page, id);
  await choose(page, 'Gym', 'Slipway shed');
  await addByTyping(page, 'db bench 3x8 @ 25lb');
  await addByTyping(page, 'single arm cable lateral raise 3x12 @ 5kg');
  await addByTyping(page, 'face pull 3x15');
  await expect(page.locator('#review').getByText(/Face pull needs a rope/)).toBeVisible();
  await row(page, 'Dumbbell bench press').click();
  await page.getByRole('button', { name: /^Pair Dumbbell bench press/i }).click();
  await expect(
    page.locator('#review').getByText(/^30 m from the .+ to the .+, every round\.$/),
  ).toBeVisible();
  await saved(page);
  await page.goto(`/sessions/${id}/sheet`);
  await expect(page.getByText(/\(marked 25 lb\)/)).toBeVisible();
  await expect(page.getByText(/\(pin at 10 kg\)/)).toBeVisible();
});
