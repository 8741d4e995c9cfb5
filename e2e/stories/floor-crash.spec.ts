import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { test, type BrowserContext, type Page } from '@playwright/test';
import { expect, startHouse } from '../house';

interface Logged {
  id: string;
  lineId: string;
  setIndex: number;
  reps: number;
}
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

const done = (page: Page) => page.getByText(/^\d+ of \d+ sets$/);

/** One step further: a tick, a rest cut short, or a set that went to plan. */
async function oneStep(page: Page): Promise<void> {
  const log = page.getByRole('button', { name: /^Log \d/ });
  const press = page.getByRole('button', { name: /^(Go on now|Next set|Set done|Done)$/ });
  await expect(press.or(log).first()).toBeVisible();
  const words = await press.or(log).first().textContent();
  await press.or(log).first().click();
  if (words === 'Set done') {
    const before = (await done(page).textContent())!;
    await log.click();
    await expect(done(page)).not.toHaveText(before);
  }
}

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
    const firstSet = async (page: Page): Promise<void> => {
      while ((await done(page).textContent())!.startsWith('0 ')) await oneStep(page);
    };
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

    await other.reload();
    const asked = other.getByRole('alert').filter({ hasText: 'logged on two devices' });
    await expect(asked).toBeVisible();
    await asked.getByRole('button').first().click();
    await expect(asked).toHaveCount(0);
    await expect.poll(onServer).toBe(1);
    await one.reload();
    await expect(done(one)).toHaveText(/^1 of/);
    await expect(one.getByRole('alert')).toHaveCount(0);
  } finally {
    await house.stop();
  }
});
