/* global document, window -- the functions given to the page run there */
import { rmSync } from 'node:fs';
import { gzipSync } from 'node:zlib';
import { chromium } from '@playwright/test';
import { chromiumPath } from '../scripts/ground.mjs';
import { inFolder, opened } from '../scripts/crash/house.mjs';

// The designer's first load in the browser against an address where nothing is: the same frame, styles and scripts
// of every page, and an empty page under them. Each load in a browser that has kept nothing.

const LOADS = 7;
const middle = (found) => found.sort((a, b) => a - b)[Math.floor(found.length / 2)];

async function loaded(browser, url, ready) {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  const page = await context.newPage();
  await page.addInitScript(() => {
    window.longMs = 0;
    new PerformanceObserver((list) => {
      for (const task of list.getEntries()) window.longMs += task.duration - 50;
    }).observe({ type: 'longtask', buffered: true });
  });
  const scripts = [];
  page.on('response', (answer) => {
    if (new URL(answer.url()).pathname.endsWith('.js'))
      scripts.push(answer.body().then((body) => gzipSync(body).length));
  });
  await page.goto(url, { waitUntil: 'networkidle' });
  await page.getByText(ready).first().waitFor();
  const found = await page.evaluate(() => ({
    paint: performance.getEntriesByName('first-contentful-paint')[0]?.startTime ?? 0,
    longMs: window.longMs,
    nodes: document.querySelectorAll('*').length,
  }));
  const bytes = (await Promise.all(scripts)).reduce((sum, size) => sum + size, 0);
  await context.close();
  return { ...found, bytes };
}

await inFolder(async (folder) => {
  const { server, address } = await opened(folder, '--demo');
  const browser = await chromium.launch({
    executablePath: chromiumPath,
    args: ['--no-sandbox', '--disable-gpu'],
  });
  const empty = [];
  const designer = [];
  for (let i = 0; i < LOADS; i++) {
    empty.push(await loaded(browser, `${address}nowhere`, 'There is nothing at this address'));
    designer.push(await loaded(browser, `${address}sessions/mirelle-push-a`, 'Line-up'));
  }
  const of = (loads, key) => middle(loads.map((l) => l[key]));
  const ratio = (key) => (of(designer, key) / Math.max(1, of(empty, key))).toFixed(2);
  console.log('first load of the designer against an empty page of the same stack:');
  console.log(
    `  first paint ${ratio('paint')} of its time, what is over 50 ms of long tasks ${ratio('longMs')} of its`,
  );
  console.log(
    `  script ${ratio('bytes')} of its: ${Math.round(of(designer, 'bytes') / 1000)} kB gzip for ${Math.round(of(empty, 'bytes') / 1000)}`,
  );
  await browser.close();
  await server.kill();
  rmSync(folder, { recursive: true, force: true });
});
