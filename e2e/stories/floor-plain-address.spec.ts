import { execFileSync } from 'node:child_process';
import { mkdtempSync } from 'node:fs';
import { hostname, tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { chromium, type Page } from '@playwright/test';
import { chromiumPath } from '../../scripts/ground.mjs';
import { counted, sync, untilLogged, untilSet } from '../floor';
import { expect, startHouse, test } from '../house';

const root = resolve(import.meta.dirname, '../..');
/** The name this machine goes by on its network: no secure origin to a browser, whatever it leads to. */
const name = hostname().includes('.') ? hostname().toLowerCase() : `${hostname().toLowerCase()}.local`;

test('by the plain address of the network a coach starts a session and a phone logs it: nothing needs a secure one', async () => {
  const folder = mkdtempSync(join(tmpdir(), 'drimbo-shared-'));
  execFileSync(process.execPath, ['server/dist/main.js', '--passcode'], {
    cwd: root,
    env: { ...process.env, DRIMBO_DATA: folder },
    input: 'correct horse\n',
  });
  const house = await startHouse(folder, '0', ['--share']);
  const browser = await chromium.launch({
    executablePath: chromiumPath,
    args: [
      '--no-sandbox',
      '--disable-gpu',
      '--disable-background-networking',
      `--host-resolver-rules=MAP ${name} 127.0.0.1`,
    ],
  });
  try {
    const baseURL = `http://${name}:${new URL(house.address).port}`;
    const open = async (width: number): Promise<{ page: Page; wrong: string[] }> => {
      const page = await (await browser.newContext({ baseURL, viewport: { width, height: 740 } })).newPage();
      const wrong: string[] = [];
      page.on('pageerror', (error) => wrong.push(error.message));
      return { page, wrong };
    };
    const desk = await open(1280);
    await desk.page.goto('/sessions');
    expect(await desk.page.evaluate(() => [window.isSecureContext, 'randomUUID' in crypto])).toEqual([
      false,
      false,
    ]);
    await desk.page.getByLabel('Passcode', { exact: true }).fill('correct horse');
    await desk.page.keyboard.press('Enter');
    await desk.page.getByRole('link', { name: 'Clients' }).first().click();
    await desk.page.getByRole('link', { name: /^Bram/ }).first().click();
    await desk.page.getByRole('button', { name: 'Start a session' }).click();
    await expect(desk.page.getByLabel('Title of the session')).toBeVisible();
    const box = desk.page.getByRole('combobox', { name: 'Add a movement by typing' });
    await box.fill('3x8 bench press');
    await box.press('Enter');
    await expect(desk.page.locator('[data-line]')).toHaveCount(1);
    await expect(desk.page.getByTestId('save-state')).toHaveText('Saved');

    /** Asked by the desk's own page: only the browser knows the way to this name. */
    const asked = (method: string, at: string, body?: object): Promise<unknown> =>
      desk.page.evaluate(
        async ([how, where, json]) =>
          (
            await fetch(`/api${where}`, {
              method: how,
              ...(json ? { headers: { 'content-type': 'application/json' }, body: json } : {}),
            })
          ).json() as Promise<unknown>,
        [method, at, body ? JSON.stringify(body) : ''] as const,
      );
    const link = await asked('POST', '/access/links', { sessionId: 'bram-push', days: 7 });
    const { path } = link as { path: string };
    const phone = await open(360);
    await phone.page.goto(path);
    await untilLogged(phone.page, 1);
    await expect(sync(phone.page)).toHaveText('All sent');
    const session = new URL(phone.page.url()).pathname.split('/').at(-1)!;
    expect(await asked('GET', `/sets?session=${session}`)).toHaveLength(1);
    await expect(phone.page.getByRole('heading', { name: 'Rest' })).toBeVisible();
    expect([...desk.wrong, ...phone.wrong]).toEqual([]);

    // A device that cannot keep a set says so; the rest clock does not run as if it were logged.
    await untilSet(phone.page);
    await phone.page.evaluate(() => {
      IDBObjectStore.prototype.add = () => {
        throw new DOMException('The device is full.', 'QuotaExceededError');
      };
    });
    await phone.page.getByRole('button', { name: 'Set done' }).click();
    await phone.page.getByRole('button', { name: /^Log / }).click();
    await expect(phone.page.getByRole('alert')).toContainText('could not keep the set (The device is full.)');
    await expect(phone.page.getByRole('heading', { name: 'Rest' })).toHaveCount(0);
    await expect(counted(phone.page)).toHaveText(/^1 of/);
  } finally {
    await browser.close();
    await house.stop();
  }
});
