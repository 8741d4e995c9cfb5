import { expect, test } from '../house';
import { expectAxeClean } from '../axe';

test('push A against push B: dose together, what is repeated, what the second adds', async ({ page }) => {
  await page.goto('/sessions');
  await page.getByRole('link', { name: 'Two side by side' }).click();
  const client = page.getByRole('combobox', { name: 'Client' });
  await client.fill('Mirelle');
  await page.getByRole('option', { name: 'Mirelle Vandoorn' }).click();
  await expect(page.getByRole('heading', { name: 'Together' })).toBeVisible();
  await page.goto('/sessions/compare?client=mirelle-vandoorn&a=mirelle-push-a&b=mirelle-push-b');
  const chest = page.getByRole('row', { name: /^Chest/ });
  await expect(chest).toBeVisible();
  const [first, second, both] = (await chest.getByRole('cell').allTextContents()).map(Number);
  expect(both).toBeCloseTo(first! + second!, 1);
  await expect(page.getByRole('paragraph').filter({ hasText: 'The second adds' })).toContainText(
    'front delt',
  );
  await expect(page.getByRole('paragraph').filter({ hasText: 'The same job on both days' })).toContainText(
    'Cable lateral raise',
  );
  await expectAxeClean(page);
  // The address says what is compared.
  await page.reload();
  await expect(page.getByRole('link', { name: 'Push B, overhead first' })).toBeVisible();
});

test('a rule is read with its examples, and its ground leads to the shelf', async ({ page }) => {
  await page.goto('/rules');
  await page.getByRole('searchbox', { name: 'Find a rule' }).fill('long head');
  await page.getByRole('link', { name: 'Nothing for the long head' }).click();
  await expect(page.getByRole('heading', { name: 'It speaks' })).toBeVisible();
  await expect(page.getByRole('list', { name: 'Remedies' }).first()).toContainText(
    'Add overhead triceps extension',
  );
  await expect(page.getByText('The rule has nothing to say.')).toBeVisible();
  await page.getByRole('link', { name: 'Maeo et al. 2023' }).click();
  await expect(page.getByRole('article').filter({ hasText: 'Maeo et al. 2023' })).toBeInViewport();
});
