import { expect, test } from '../house';
import { expectAxeClean } from '../axe';
import { addByTyping, choose, selectOf, makeSession, openSession, row, saved } from '../desk';

const figures = (text: string): number[] => (text.match(/\d+(\.\d+)?/g) ?? []).map(Number);

test('a bench specialist gets a pyramid with chains, weighed from the chest to lockout', async ({ page }) => {
  const id = await makeSession(page, 'bram-otterlund', 'Chain pyramid');
  await openSession(page, id);
  await addByTyping(page, 'bench press with chains pyramid 8, 6, 4, 2 leave 2');
  await page.getByRole('tab', { name: 'Load' }).click();
  await expect(selectOf(page, 'Sets go')).toHaveText('ascending pyramid');
  const values = await page
    .getByTestId('set-load')
    .evaluateAll((cells) => cells.map((c) => Number((c as HTMLInputElement).value)));
  expect(values).toHaveLength(4);
  for (let i = 1; i < 4; i++) expect(values[i]).toBeGreaterThan(values[i - 1]!);
  const [bottom, middle, top] = figures((await page.getByTestId('along').textContent())!);
  expect(bottom).toBeGreaterThan(values[0]!);
  expect(middle).toBeGreaterThan(bottom!);
  expect(top).toBeGreaterThan(middle!);
  const curve = page.getByRole('img', { name: /^With chains the bar goes from/ });
  await expect(curve).toBeVisible();
  const [, , percent] = figures((await curve.getAttribute('aria-label'))!);
  // Trained lifters are slowest about a third to two fifths of the way up (van den Tillaar & Ettema 2010).
  expect(percent).toBeGreaterThan(28);
  expect(percent).toBeLessThan(45);
  await expect(page.getByRole('img', { name: /^On each side, from the inside/ }).last()).toBeVisible();

  // Heavier chains in the gym weigh more at the top.
  await page.goto('/kit/boathouse');
  const chain = page.getByLabel('Weight a metre of Chains');
  await chain.fill('12');
  await chain.press('Enter');
  await saved(page);
  await openSession(page, id);
  await row(page, 'Bench press with chains').click();
  await page.getByRole('tab', { name: 'Load' }).click();
  await expect
    .poll(async () => figures((await page.getByTestId('along').textContent())!)[2])
    .toBeGreaterThan(top!);
  await page.goto('/kit/boathouse');
  await page.getByLabel('Weight a metre of Chains').fill('6');
  await page.getByLabel('Weight a metre of Chains').press('Enter');
  await saved(page);
});

test('the load bench goes from a set to plates on a bar', async ({ page }) => {
  await page.goto('/clients');
  await page.getByRole('link', { name: 'Loads', exact: true }).click();
  await expect(page.getByText('Give the load and the reps of a set')).toBeVisible();
  await page.getByLabel('Load', { exact: true }).fill('100');
  await page.getByLabel('Reps', { exact: true }).fill('60');
  await expect(page.getByRole('alert')).toContainText('whole number from 1 to 36');
  await page.getByLabel('Reps', { exact: true }).fill('5');
  // Epley 1985: 100 × (1 + 5 ÷ 30).
  await expect(page.getByRole('row', { name: /Epley/ })).toContainText('116.7 kg');
  await expect(page.getByTestId('max')).toContainText('± 3 %');
  await choose(page, 'On the kit of', 'The Boathouse');
  await page.getByLabel('Reps', { exact: true }).fill('1');
  await expect(page.getByRole('row', { name: /^80 %/ })).toContainText('80 kg');
  await expect(
    page
      .getByRole('row', { name: /^80 %/ })
      .getByRole('img', { name: 'On each side, from the inside: 20, 10 kg' }),
  ).toBeVisible();
  await page.getByLabel('Plates on the end').fill('20');
  await expect(page.getByRole('columnheader', { name: 'bar at 20°' })).toBeVisible();
  await expectAxeClean(page);
  // What was asked is in the address.
  await page.reload();
  await expect(page.getByRole('row', { name: /^80 %/ })).toContainText('80 kg');
});
