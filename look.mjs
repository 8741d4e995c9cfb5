import { chromium } from '@playwright/test';
const b = await chromium.launch({
  executablePath: '/usr/bin/chromium-headless-shell',
  args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
});
const ctx = await b.newContext({ viewport: { width: 360, height: 740 }, baseURL: 'http://127.0.0.1:4399' });
const p = await ctx.newPage();
p.on('pageerror', (e) => console.log('ERR', e.message));
p.on('console', (m) => m.type() === 'error' && console.log('CONSOLE', m.text()));
const shot = (n) => p.screenshot({ path: `/tmp/look/${n}.png`, fullPage: true });
await p.goto('/floor/bram-push');
await p.waitForSelector('text=/of \\d+ sets/');
for (let i = 0; i < 30; i++) {
  if (await p.getByRole('button', { name: 'Set done' }).isVisible()) break;
  await p.getByRole('button', { name: 'Done', exact: true }).click();
  await p.waitForTimeout(60);
}
await shot('1-set');
await p.getByRole('button', { name: 'Set done' }).click();
await p.waitForTimeout(200);
await shot('2-logging');
await p.getByRole('button', { name: /^Log/ }).click();
await p.waitForTimeout(600);
await shot('3-rest');
await p.getByRole('button', { name: /Go on now|Next/ }).click();
await p.waitForTimeout(100);
for (let i = 0; i < 30; i++) {
  if (await p.getByRole('button', { name: 'Set done' }).isVisible()) break;
  await p.getByRole('button', { name: 'Done', exact: true }).click();
  await p.waitForTimeout(60);
}
await p.getByRole('button', { name: 'More' }).click();
await p.getByRole('menuitem', { name: /So far/ }).click();
await p.waitForTimeout(300);
await shot('4-sofar');
await p.keyboard.press('Escape');
await p.waitForTimeout(300);
await p.getByRole('button', { name: 'More' }).click();
await p.getByRole('menuitem', { name: 'It hurts' }).click();
await p.waitForTimeout(300);
await p.getByRole('button', { name: /None of that/ }).click();
await p.waitForTimeout(500);
await shot('5-hurts');
await p.keyboard.press('Escape');
await p.waitForTimeout(300);
await p.getByRole('button', { name: 'More' }).click();
await p.getByRole('menuitem', { name: 'Finish now' }).click();
await p.waitForTimeout(300);
await shot('6-finish');
await b.close();
