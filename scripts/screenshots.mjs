/* global document -- the functions given to the page run there */
import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { buildIfStale, chromiumPath } from './ground.mjs';

// Takes docs/screenshots anew from the demo data, at 1280 × 800.
buildIfStale();
const port = 4398;
const data = mkdtempSync(join(tmpdir(), 'drimbo-shots-'));
const server = spawn(process.execPath, ['server/dist/main.js', '--demo'], {
  env: { ...process.env, DRIMBO_PORT: String(port), DRIMBO_DATA: data },
  stdio: 'ignore',
});
const base = `http://127.0.0.1:${port}`;
for (let i = 0; i < 100; i++) {
  if (
    await fetch(`${base}/api/health`).then(
      (r) => r.ok,
      () => false,
    )
  )
    break;
  await new Promise((r) => setTimeout(r, 200));
}

const views = [
  ['dark', '/sessions/mirelle-push-a'],
  ['designer', '/sessions/mirelle-push-a'],
  [
    'review',
    '/sessions/bram-chest-copy',
    (page) =>
      page
        .getByRole('button', { name: /^Incline barbell press/ })
        .first()
        .click(),
  ],
  [
    'load',
    '/sessions/bram-chest-copy',
    async (page) => {
      await page
        .getByRole('button', { name: /^Barbell bench press/ })
        .first()
        .click();
      await page.getByRole('tab', { name: 'Load' }).click();
    },
  ],
  [
    'drawn',
    '/movements?view=drawn',
    async (page) => {
      await page.getByRole('button', { name: /^Show all/ }).click();
      await page.setViewportSize({ width: 1280, height: 2900 });
    },
  ],
  ['movements', '/movements'],
  ['movement', '/movements/incline-dumbbell-press'],
  ['compare', '/movements/compare?rig=dumbbell-fly&rig=cable-fly-shoulder-height&rig=machine-fly'],
  ['kit', '/kit/boathouse'],
  ['data', '/data'],
  ['two-sessions', '/sessions/compare?client=mirelle-vandoorn&a=mirelle-push-a&b=mirelle-push-b'],
  ['rule', '/rules/client-limits'],
  [
    'block',
    '/blocks/mirelle-stage',
    (page) => page.getByText('Looking for remedies…').waitFor({ state: 'detached' }),
  ],
  ['progress', '/clients/bram-otterlund/progress'],
  [
    'floor',
    '/floor/bram-push',
    async (page) => {
      await page.setViewportSize({ width: 360, height: 740 });
      const done = page.getByRole('button', { name: 'Done', exact: true });
      while (!(await page.getByRole('button', { name: 'Set done' }).isVisible())) {
        await done.click();
        await page.waitForTimeout(250);
      }
    },
  ],
  ['clients', '/clients'],
  ['client', '/clients/mirelle-vandoorn'],
  ['sessions', '/sessions'],
  ['sheet', '/sessions/mirelle-push-a/sheet'],
];

const browser = await chromium.launch({
  executablePath: chromiumPath,
  args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking', '--font-render-hinting=none'],
});
for (const [name, path, act] of views) {
  const colorScheme = name === 'dark' ? 'dark' : 'light';
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 }, colorScheme });
  await page.goto(base + path);
  await page.waitForLoadState('networkidle');
  await page.waitForFunction(() => !/^Opening/.test(document.querySelector('h1')?.textContent ?? 'Opening'));
  await page.evaluate(() => document.fonts.ready);
  await act?.(page);
  await page.waitForTimeout(700);
  await page.screenshot({
    path: `docs/screenshots/${name}.png`,
    fullPage: ['sheet', 'compare', 'drawn'].includes(name),
  });
  await page.close();
}
await browser.close();
server.kill();
server.on('exit', () => rmSync(data, { recursive: true, force: true }));
