import { readFileSync } from 'node:fs';
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import { expectAxeClean } from '../axe';
import { makeSession } from '../desk';
import { expect, test, type Page } from '../house';

const openData = async (page: Page): Promise<void> => {
  await page.goto('/data');
  await expect(page.getByRole('heading', { name: 'Export and import' })).toBeVisible();
};
const choose = async (page: Page, button: string, name: string, buffer: Buffer): Promise<void> => {
  const chooser = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: button }).click();
  await (await chooser).setFiles({ name, mimeType: 'application/octet-stream', buffer });
};
const saved = async (page: Page, link: string): Promise<Buffer> => {
  const download = page.waitForEvent('download');
  await page.getByRole('link', { name: link }).click();
  return readFileSync(await (await download).path());
};
const clientName = async (page: Page, id: string): Promise<string> =>
  (await (await page.request.get(`/api/clients/${id}`)).json()).document.name;
const rename = async (page: Page, id: string, name: string): Promise<void> => {
  const { revision, document } = await (await page.request.get(`/api/clients/${id}`)).json();
  const answer = await page.request.put(`/api/clients/${id}`, {
    data: { revision, document: { ...document, name } },
  });
  expect(answer.status()).toBe(200);
};

test('everything goes out as open files, is looked at before it comes in, and comes in whole or not at all', async ({
  page,
}) => {
  await openData(page);
  const zip = await saved(page, 'Export everything as open files');
  await rename(page, 'bram-otterlund', 'Bram Somebody');
  await choose(page, 'Import an export', 'everything.zip', zip);
  await expect(
    page.getByText(/^everything\.zip, [\d.]+ [KM]B unpacked: 0 to add, 1 to change/),
  ).toBeVisible();
  const row = page.getByRole('row', { name: /Bram Otterlund/ });
  await expect(row).toContainText('Changes');
  expect(await clientName(page, 'bram-otterlund')).toBe('Bram Somebody');
  await page.getByRole('button', { name: 'Leave what is here and says something else' }).click();
  await expect(page.getByText(/all of it is here already/)).toBeVisible();
  await choose(page, 'Import an export', 'everything.zip', zip);
  await page.getByRole('button', { name: 'Import it' }).click();
  await expect(page.getByText('Imported: 0 added, 1 changed.')).toBeVisible();
  expect(await clientName(page, 'bram-otterlund')).toBe('Bram Otterlund');

  const files = unzipSync(zip);
  const path = 'kits/net-loft.json';
  files[path] = strToU8(strFromU8(files[path]!).replace('"unit": "', '"unit": "stone'));
  await choose(page, 'Import an export', 'torn.zip', Buffer.from(zipSync(files)));
  await expect(page.getByRole('alert')).toContainText(/kits\/net-loft\.json, line \d+, unit:/);
  await choose(page, 'Import an export', 'letter.zip', Buffer.from('Dear coach, this is no zip.'));
  await expect(page.getByRole('alert')).toContainText('no zip file');
});

test('a copy is made and put back; what was there in between is kept as a copy too', async ({ page }) => {
  await openData(page);
  await page.getByRole('button', { name: 'Make a copy now' }).click();
  const copy = page.getByRole('list', { name: 'Copies' }).getByText(/^Made by hand/);
  await expect(copy).toHaveCount(1);
  await rename(page, 'corvin-haldt', 'Corvin Otherwise');
  await page.getByRole('button', { name: /^Restore: Made by hand/ }).click();
  await expectAxeClean(page, '[role="alertdialog"]');
  await page.getByRole('button', { name: 'Put it back', exact: true }).click();
  await expect(page.getByText(/^Restored: 6 clients/)).toBeVisible();
  expect(await clientName(page, 'corvin-haldt')).toBe('Corvin Haldt');
  await page.getByRole('button', { name: /^Restore: Before the restore/ }).click();
  await page.getByRole('button', { name: 'Put it back', exact: true }).click();
  await expect.poll(() => clientName(page, 'corvin-haldt')).toBe('Corvin Otherwise');
  await rename(page, 'corvin-haldt', 'Corvin Haldt');
});

test('what was deleted is brought back, by keyboard, also on a phone', async ({ page }) => {
  const id = await makeSession(page, 'tamsin-oyelo', 'Thrown away', 'tamsin-push');
  await page.goto('/sessions');
  await page.getByRole('searchbox', { name: 'Look for a session or a client' }).fill('tamsin thrown');
  await expect(page.getByRole('row')).toHaveCount(2);
  await page.getByRole('button', { name: 'Delete Thrown away' }).press('Enter');
  await page.getByRole('button', { name: 'Delete it' }).press('Enter');
  await expect(page.getByText('Nothing like that')).toBeVisible();
  await page.setViewportSize({ width: 360, height: 740 });
  await openData(page);
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(360);
  await expectAxeClean(page);
  const back = page.getByRole('button', { name: 'Bring back Thrown away' });
  await back.focus();
  await page.keyboard.press('Enter');
  await expect(back).toHaveCount(0);
  expect((await page.request.get(`/api/sessions/${id}`)).status()).toBe(200);
});

test('one client is saved as open files, and erased for good only by name', async ({ page }) => {
  const answer = await page.request.get('/api/clients/ansgar-pellikaan');
  const { document } = await answer.json();
  const made = await page.request.post('/api/clients', {
    data: { id: 'for-a-week', document: { ...document, name: 'Ilka Passing' } },
  });
  expect(made.status()).toBe(201);
  await makeSession(page, 'for-a-week', 'One week only', 'ansgar-push');
  await page.goto('/clients/for-a-week');
  const zip = await saved(page, 'Export as open files');
  expect(
    Object.keys(unzipSync(zip))
      .filter((name) => /^(clients|sessions)\//.test(name))
      .sort(),
  ).toEqual([
    'clients/for-a-week.json',
    'sessions/story-one-week-only.json',
    'sessions/story-one-week-only.txt',
  ]);
  await page.getByRole('button', { name: 'Erase for good…' }).click();
  const erase = page.getByRole('button', { name: 'Erase for good', exact: true });
  await expect(erase).toBeDisabled();
  await page.getByLabel('Type the name to go on').fill('Ilka Passing');
  await erase.click();
  await expect(page.getByText(/^Erased/)).toBeVisible();
  expect((await page.request.get('/api/clients/for-a-week')).status()).toBe(404);
  expect((await page.request.get('/api/sessions/story-one-week-only')).status()).toBe(404);
});

test('a client who was deleted is erased for good from the list of what was deleted', async ({ page }) => {
  const { document } = await (await page.request.get('/api/clients/ansgar-pellikaan')).json();
  const name = 'Odo Leaving';
  await page.request.post('/api/clients', { data: { id: 'leaving', document: { ...document, name } } });
  await page.request.delete('/api/clients/leaving?revision=1');
  await openData(page);
  await page.getByRole('button', { name: `Erase ${name} for good` }).press('Enter');
  await page.getByLabel('Type the name to go on').fill(name);
  await expectAxeClean(page, '[role="alertdialog"]');
  await page.getByRole('button', { name: 'Erase for good', exact: true }).click();
  await expect(page.getByText(/^Erased/)).toBeVisible();
  await expect(page.getByText(name, { exact: false }).filter({ hasText: 'Client “' })).toHaveCount(0);
  expect((await page.request.post('/api/clients/leaving/bring-back', { data: {} })).status()).toBe(404);
});

test('a gym that is in use stays, and says who needs it; one that nobody needs goes and comes back', async ({
  page,
}) => {
  await page.goto('/kit/boathouse');
  const remove = async (): Promise<void> => {
    await page.getByRole('button', { name: 'Delete…' }).click();
    await page.getByRole('button', { name: 'Delete', exact: true }).click();
  };
  await remove();
  await expect(page.getByRole('alert')).toContainText(/is used by client “/);
  const { document } = await (await page.request.get('/api/kits/boathouse')).json();
  await page.request.post('/api/kits', {
    data: { id: 'spare-room', document: { ...document, name: 'Spare room' } },
  });
  await page.goto('/kit/spare-room');
  await remove();
  await expect(page.getByRole('link', { name: 'The Boathouse' })).toBeVisible();
  await expect(page.getByRole('link', { name: 'Spare room' })).toHaveCount(0);
  await openData(page);
  const back = page.getByRole('button', { name: 'Bring back Spare room' });
  await back.click();
  await expect(back).toHaveCount(0);
  expect((await page.request.get('/api/kits/spare-room')).status()).toBe(200);
  await page.request.delete('/api/kits/spare-room?revision=2');
});
