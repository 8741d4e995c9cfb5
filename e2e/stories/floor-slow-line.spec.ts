import type { BrowserContext, Page } from '@playwright/test';
import { oneStep, setsOf, sync, untilLogged, counted } from '../floor';
import { expect, startHouse, test } from '../house';

const session = 'bram-push';

const phone = (browser: { newContext: (o: object) => Promise<BrowserContext> }, baseURL: string) =>
  browser.newContext({ baseURL, viewport: { width: 360, height: 740 } });

/** 400 ms there and back, 50 kB a second: reception in a cellar; or none. */
const lineOf = async (page: Page): Promise<(isThere: boolean) => Promise<unknown>> => {
  const line = await page.context().newCDPSession(page);
  await line.send('Network.enable');
  return (isThere) =>
    line.send('Network.emulateNetworkConditions', {
      offline: !isThere,
      latency: 400,
      downloadThroughput: 50_000,
      uploadThroughput: 50_000,
    });
};

test('opened again on a slow line, a list read before the queue was sent takes nothing away', async ({
  browser,
}) => {
  const house = await startHouse();
  try {
    const context = await phone(browser, house.address);
    const page = await context.newPage();
    await page.goto(`/floor/${session}`);
    await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
    await untilLogged(page, 1);
    await expect(sync(page)).toHaveText('All sent');
    const reception = await lineOf(page);
    for (let turn = 1; turn <= 2; turn += 1) {
      await reception(false);
      await untilLogged(page, turn + 1);
      await expect(sync(page)).toContainText('waiting');
      await reception(true);
      // The list is on its way before anything is sent, and arrives after it.
      const isSent = page.waitForResponse(
        (r) => r.url().endsWith('/sets') && r.request().method() === 'POST',
      );
      await page.route(`**/api/floor/${session}`, async (route) => {
        const answer = await route.fetch();
        await isSent;
        await page.waitForTimeout(300);
        await route.fulfill({ response: answer });
      });
      await page.reload();
      await expect(counted(page)).toHaveText(new RegExp(`^${turn + 1} of`));
      await expect(sync(page)).toHaveText('All sent');
      await expect(counted(page)).toHaveText(new RegExp(`^${turn + 1} of`));
      expect(await setsOf(page, session)).toHaveLength(turn + 1);
      await page.unrouteAll({ behavior: 'wait' });
    }
    await expect(page.getByRole('alert')).toHaveCount(0);
    const sets = await setsOf(page, session);
    expect(new Set(sets.map((s) => `${s.lineId} ${s.setIndex}`)).size).toBe(sets.length);
  } finally {
    await house.stop();
  }
});

test('"All sent" is said of what is stored and answered: not while an answer is out, nor when one is lost', async ({
  browser,
}) => {
  const house = await startHouse();
  try {
    const page = await (await phone(browser, house.address)).newPage();
    await page.goto(`/floor/${session}`);
    await expect(sync(page)).toHaveText('All sent');
    let answers = 0;
    await page.route(`**/api/floor/${session}/sets`, async (route) => {
      answers += 1;
      const answer = await route.fetch();
      // The first answer never arrives; the second a while later.
      if (answers === 1) return route.abort('connectionreset');
      await new Promise((late) => setTimeout(late, 1200));
      return route.fulfill({ response: answer });
    });
    const said: string[] = [];
    await page.exposeFunction('heard', (words: string) => said.push(words));
    await page.evaluate(() => {
      const told = document.querySelector('[data-testid="sync"]')!;
      new MutationObserver(() =>
        (window as never as { heard: (w: string) => void }).heard(told.textContent),
      ).observe(told, { childList: true, characterData: true, subtree: true });
    });
    await untilLogged(page, 1);
    await expect.poll(() => answers).toBe(2);
    expect(await sync(page).textContent()).not.toBe('All sent');
    await expect(sync(page)).toHaveText('All sent');
    expect(said.filter((words) => words === 'All sent')).toHaveLength(1);
    expect(await setsOf(page, session)).toHaveLength(1);
    await page.unroute(`**/api/floor/${session}/sets`);
    await oneStep(page);
  } finally {
    await house.stop();
  }
});
