import { execFileSync } from 'node:child_process';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { test } from '@playwright/test';
import { expect, startHouse } from '../house';
import { expectAxeClean } from '../axe';
import { choose } from '../desk';

const root = resolve(import.meta.dirname, '../..');

/** A house on the network, with its passcode set as a coach sets it. */
async function sharedHouse() {
  const folder = mkdtempSync(join(tmpdir(), 'drimbo-shared-'));
  const env = { ...process.env, DRIMBO_DATA: folder };
  const main = ['server/dist/main.js'];
  expect(() =>
    execFileSync(process.execPath, [...main, '--share'], { cwd: root, env, stdio: 'pipe' }),
  ).toThrow(/set a passcode first/);
  execFileSync(process.execPath, [...main, '--passcode'], { cwd: root, env, input: 'correct horse\n' });
  return startHouse(folder, '0', ['--share']);
}

test('a coach signs in on the network and sends a client their session; the client reaches that and nothing else', async ({
  browser,
}) => {
  const house = await sharedHouse();
  try {
    const desk = await (await browser.newContext({ baseURL: house.address })).newPage();
    await desk.goto('/sessions/bram-push');
    await expectAxeClean(desk);
    await desk.getByLabel('Passcode', { exact: true }).fill('guessed');
    await desk.keyboard.press('Enter');
    await expect(desk.getByRole('alert')).toContainText('This is not the passcode');
    await desk.getByLabel('Passcode', { exact: true }).fill('correct horse');
    await desk.keyboard.press('Enter');
    await expect(desk.getByLabel('Title of the session')).toBeVisible();

    await desk.getByRole('button', { name: 'Run it' }).click();
    await desk.getByRole('menuitem', { name: /A link for the client/ }).click();
    const dialog = desk.getByRole('dialog', { name: /^A link for Bram/ });
    await choose(dialog, 'Holds for', '30 days');
    await dialog.getByRole('button', { name: 'Make the link' }).click();
    await expect(dialog.getByRole('img', { name: /as a code/ })).toBeVisible();
    await expectAxeClean(desk, '[role="dialog"]');
    const link = await dialog.getByRole('textbox', { name: /^The link/ }).inputValue();

    // On the client's own phone: their session, logged, and back to the others that are theirs.
    const pocket = await browser.newContext({
      baseURL: house.address,
      viewport: { width: 360, height: 740 },
      hasTouch: true,
    });
    const phone = await pocket.newPage();
    await phone.goto(new URL(link).pathname);
    await expect(phone).toHaveURL(/\/floor\//);
    const session = new URL(phone.url()).pathname.split('/').at(-1)!;
    const done = phone.getByRole('button', { name: 'Done', exact: true });
    await expect(done).toBeVisible();
    while (!(await phone.getByRole('button', { name: 'Set done' }).isVisible())) {
      await done.click();
      await phone.waitForTimeout(100);
    }
    await phone.getByRole('button', { name: 'Set done' }).click();
    await phone.getByRole('button', { name: /^Log / }).click();
    await expect(phone.getByText(/^1 of \d+ sets$/)).toBeVisible();
    await expect(phone.getByTestId('sync')).toHaveText('All sent');
    await phone.goto('/mine');
    await expect(phone.getByRole('heading', { name: /^Bram/ })).toBeVisible();
    await expect(phone.getByRole('list', { name: 'To do' }).getByRole('listitem')).not.toHaveCount(0);
    await expectAxeClean(phone);

    // Nothing of anybody else, and none of the coach's pages.
    expect((await phone.request.get('/api/clients')).status()).toBe(403);
    expect((await phone.request.get('/api/floor/mirelle-push-a')).status()).toBe(404);
    expect((await phone.request.put(`/api/floor/${session}`, { data: { blocks: [] } })).status()).toBe(404);
    await phone.goto('/clients');
    await expect(phone).toHaveURL(/\/mine$/);

    // Taken back, the phone is told so; the set is with the coach.
    await dialog.getByRole('button', { name: 'Revoke' }).click();
    await expect(dialog.getByRole('list', { name: 'Links that hold' })).toHaveCount(0);
    await phone.goto(new URL(link).pathname);
    await expect(phone.getByRole('heading', { name: /leads nowhere/ })).toBeVisible();
    expect((await phone.request.get(`/api/floor/${session}`)).status()).toBe(401);
    const sets = await (await desk.request.get(`/api/sets?session=${session}`)).json();
    expect(sets).toHaveLength(1);

    // Who signs out is asked again.
    await desk.goto('/data');
    await desk.getByRole('button', { name: 'Sign out here' }).click();
    await expect(desk.getByLabel('Passcode', { exact: true })).toBeVisible();
  } finally {
    await house.stop();
  }
});
