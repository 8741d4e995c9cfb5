import { expect, test } from '../house';
import { addByTyping, lineNames, makeSession, openSession, saved, storedSession } from '../desk';

test('three movements become a tri-set and four a giant set, by keyboard, and are taken apart', async ({
  page,
}) => {
  const id = await makeSession(page, 'corvin-haldt', 'In turn');
  await openSession(page, id);
  for (const text of ['lat raise 3x15', 'front raise 3x12', 'incline rear raise 3x15', 'pushdown 3x12'])
    await addByTyping(page, text);
  const names = await lineNames(page);
  await page.locator('[data-name]').first().focus();
  await page.keyboard.press('p');
  await page.keyboard.press('j');
  const kinds = async (): Promise<string[]> =>
    (await storedSession(page, id)).document.blocks.map((b) => `${b.kind} ${b.lines.length}`);
  await expect.poll(kinds).toEqual(['giant 3', 'single 1']);
  await saved(page);
  await page.goto(`/sessions/${id}/sheet`);
  await expect(page.getByText(/^Tri-set: one set of each in turn/)).toBeVisible();

  await openSession(page, id);
  await page.locator('[data-name]').first().click();
  await page.getByRole('button', { name: /^Join the next to the round/ }).click();
  await expect.poll(kinds).toEqual(['giant 4']);
  await expect(page.getByRole('button', { name: /^Join the next/ })).toHaveCount(0);
  await page.goto(`/sessions/${id}/sheet`);
  await expect(page.getByText(/^Giant set: one set of each in turn/)).toBeVisible();

  await openSession(page, id);
  await page.locator('[data-name]').first().focus();
  await page.keyboard.press('p');
  await expect.poll(kinds).toEqual(['single 1', 'single 1', 'single 1', 'single 1']);
  expect(await lineNames(page)).toEqual(names);
});
