import { gzipSync } from 'node:zlib';
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
  await expect(page.getByRole('button', { name: /^Fit it into/ })).toBeVisible();
  await page.waitForLoadState('networkidle');
  const sizes = await Promise.all(scripts);
  expect(sizes.length).toBeGreaterThan(5);
  expect(sizes.reduce((sum, size) => sum + size, 0)).toBeLessThan(350_000);
});
