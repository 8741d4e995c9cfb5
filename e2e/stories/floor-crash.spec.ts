import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { test, type BrowserContext, type Page } from '@playwright/test';
import { counted, oneStep, untilLogged, type Logged } from '../floor';
import { expect, startHouse } from '../house';

const session = 'bram-push';

/** A number below n, the same sequence every time. */
function chance(seed: number): (n: number) => number {
  let state = seed;
  return (n) => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return Math.floor((state / 2 ** 32) * n);
  };
}

/** The sets this device calls logged, by id. */
const onDevice = (page: Page): Promise<string[]> =>
  page.evaluate(
    () =>
      new Promise<string[]>((found, failed) => {
        const opening = indexedDB.open('drimbo-floor');
        opening.onerror = () => failed(opening.error!);
        opening.onsuccess = () => {
          const asked = opening.result.transaction('sets').objectStore('sets').getAllKeys();
          asked.onsuccess = () => {
            opening.result.close();
            found(asked.result.map(String).sort());
          };
          asked.onerror = () => failed(asked.error!);
        };
      }),
  );

const done = counted;

test('the server, the tab and the network fail at any step: nothing logged is lost, nothing is double', async ({
  browser,
}) => {
  const folder = mkdtempSync(join(tmpdir(), 'drimbo-crash-'));
  let house = await startHouse(folder);
  const port = new URL(house.address).port;
  const context: BrowserContext = await browser.newContext({
    baseURL: house.address,
    viewport: { width: 360, height: 740 },
  });
  try {
    let page = await context.newPage();
    await page.goto(`/floor/${session}`);
    await expect(done(page)).toBeVisible();
    await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
    const below = chance(7);
    /** Lists are on their way for a while, and arrive after whatever was done meanwhile. */
    const lateLists = (of: Page): Promise<unknown> =>
      of.route(`**/api/floor/${session}`, async (route) => {
        try {
          const answer = await route.fetch();
          await new Promise((late) => setTimeout(late, 200 * below(8)));
          await route.fulfill({ response: answer });
        } catch {
          await route.abort().catch(() => undefined);
        }
      });
    await lateLists(page);
    let isUp = true;
    let isOnline = true;
    for (let step = 0; step < 40; step += 1) {
      const what = below(8);
      if (what === 0) {
        if (isUp) await house.kill();
        else house = await startHouse(folder, port);
        isUp = !isUp;
      } else if (what === 1) {
        // The tab goes without a word, and comes back on the same device.
        await page.close({ runBeforeUnload: false });
        page = await context.newPage();
        await lateLists(page);
        await page.goto(`/floor/${session}`);
        await expect(done(page)).toBeVisible();
      } else if (what === 2) {
        isOnline = !isOnline;
        await context.setOffline(!isOnline);
      } else if ((await page.getByRole('heading', { name: 'Finish' }).count()) === 0) await oneStep(page);
      const shown = Number((await done(page).textContent())!.split(' ')[0]);
      expect([step, (await onDevice(page)).length]).toEqual([step, shown]);
    }
    if (!isUp) house = await startHouse(folder, port);
    await context.setOffline(false);
    await page.reload();
    await expect(page.getByTestId('sync')).toHaveText('All sent', { timeout: 90_000 });
    const kept = await onDevice(page);
    expect(kept.length).toBeGreaterThan(3);
    const answer = await page.request.get(`/api/sets?session=${session}`);
    const sets = (await answer.json()) as Logged[];
    expect(sets.map((s) => s.id).sort()).toEqual(kept);
    expect(new Set(sets.map((s) => `${s.lineId} ${s.setIndex}`)).size).toBe(sets.length);
  } finally {
    await context.close();
    await house.stop();
  }
});

test('two devices log the same set: both are kept until somebody says which one stays', async ({
  browser,
}) => {
  const house = await startHouse();
  try {
    const device = async (): Promise<Page> => {
      const context = await browser.newContext({
        baseURL: house.address,
        viewport: { width: 360, height: 740 },
      });
      const page = await context.newPage();
      await page.goto(`/floor/${session}`);
      await expect(done(page)).toBeVisible();
      return page;
    };
    const [one, other] = [await device(), await device()];
    const firstSet = (page: Page): Promise<void> => untilLogged(page, 1);

    // While both have reception each sees within seconds what the other did, before it does the same again.
    await firstSet(one);
    await expect(done(other)).toHaveText(/^1 of/, { timeout: 10_000 });
    await expect(other.getByRole('status').filter({ hasText: 'Logged on another device' })).toBeVisible();
    await one.getByRole('button', { name: 'More' }).click();
    await one.getByRole('menuitem', { name: /So far/ }).click();
    await one.getByRole('dialog').getByRole('button', { name: /^1: / }).click();
    await one.getByRole('button', { name: 'Take this set back' }).click();
    await one.getByRole('button', { name: 'Back to the session' }).click();
    await expect(done(other)).toHaveText(/^0 of/, { timeout: 10_000 });

    await one.context().setOffline(true);
    await firstSet(one);
    await expect(one.getByTestId('sync')).toContainText('waiting');
    await firstSet(other);
    await expect(other.getByTestId('sync')).toHaveText('All sent');
    await one.context().setOffline(false);
    await expect(one.getByTestId('sync')).toHaveText('All sent');
    const onServer = async (): Promise<number> =>
      ((await (await one.request.get(`/api/sets?session=${session}`)).json()) as Logged[]).length;
    expect(await onServer()).toBe(2);

    const asked = other.getByRole('alert').filter({ hasText: 'logged on two devices' });
    await expect(asked).toBeVisible();
    await asked.getByRole('button').first().click();
    await expect(asked).toHaveCount(0);
    await expect.poll(onServer).toBe(1);
    await expect(done(one)).toHaveText(/^1 of/);
    await expect(one.getByRole('alert')).toHaveCount(0);
  } finally {
    await house.stop();
  }
});
