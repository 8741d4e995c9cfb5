import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { build, preview } from 'vite';
import { expect, test } from '../house';
import { expectAxeClean, expectContrast } from '../axe';

const web = resolve(import.meta.dirname, '../../web');

test('every part stands on the page of parts in both themes, and axe finds nothing there', async ({
  page,
}) => {
  const outDir = mkdtempSync(join(tmpdir(), 'drimbo-parts-'));
  const config = {
    root: web,
    configFile: resolve(web, 'vite.config.ts'),
    mode: 'development',
    logLevel: 'error' as const,
    build: { outDir, emptyOutDir: true, minify: false },
  };
  await build(config);
  const server = await preview({ ...config, preview: { port: 0, host: '127.0.0.1' } });
  try {
    await page.goto(`${server.resolvedUrls!.local[0]}parts`);
    for (const name of ['Select', 'Combo box', 'Slider', 'Date field', 'Table', 'Toast', 'Error state'])
      for (const theme of ['light', 'dark'])
        await expect(page.getByRole('region', { name: `${name}, ${theme}`, exact: true })).toBeVisible();
    await expectAxeClean(page);
    await expectContrast(page);
    await page.getByRole('button', { name: 'Open a drawer' }).first().click();
    await expect(page.getByRole('dialog', { name: 'Add a movement' })).toBeVisible();
    await expectAxeClean(page, '[role="dialog"]');
  } finally {
    await server.close();
    rmSync(outDir, { recursive: true, force: true });
  }
});
