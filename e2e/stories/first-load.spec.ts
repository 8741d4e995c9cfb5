import { gzipSync } from 'node:zlib';
import { opened } from '../desk';
import { expect, test } from '../house';

test('the designer, with all it needs to compute, is there for less than 350 kB of script', async ({
  page,
}) => {
  const scripts: Promise<number>[] = [];
  page.on('response', (answer) => {
    if (/\.js$/.test(new URL(answer.url()).pathname))
      scripts.push(answer.body().then((body) => gzipSync(body).length));
  });
  await page.goto('/sessions/mirelle-push-a');
  await expect(page.getByRole('button', { name: /proposal/ })).toBeVisible();
  const finding = await opened(page.locator('#review li').first());
  await expect(finding.locator('.foot button').nth(1)).toBeVisible();
  await page.waitForLoadState('networkidle');
  const sizes = await Promise.all(scripts);
  expect(sizes.length).toBeGreaterThan(5);
  expect(sizes.reduce((sum, size) => sum + size, 0)).toBeLessThan(350_000);
});

test('what a button opens is fetched with its first press; of two asked for at once the later one opens', async ({
  page,
}) => {
  let fetched = 0;
  await page.route('**/assets/popover-open-*.js', async (route) => {
    fetched += 1;
    await new Promise((done) => setTimeout(done, 400));
    await route.continue();
  });
  await page.goto('/sessions/mirelle-push-a');
  await expect(page.getByRole('button', { name: /proposal/ })).toBeVisible();
  expect(fetched).toBe(0);
  const legends = page.getByRole('button', { name: 'How to read' });
  await legends.first().click();
  await legends.last().click();
  await expect(page.getByRole('dialog')).toHaveAccessibleName('How to read the dose');
  await expect(legends.first()).toHaveAttribute('aria-expanded', 'false');
  expect(fetched).toBe(1);
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await expect(legends.last()).toBeFocused();
});
