import { expect, test } from '../house';
import { lineNames, makeSession, openSession, row, saved, storedSession } from '../desk';

test('a session is adapted to a first year and a comeback, by keyboard, and brought back', async ({
  page,
}) => {
  const id = await makeSession(page, 'mirelle-vandoorn', 'Adapt to somebody', 'mirelle-push-a');
  await openSession(page, id);
  const names = await lineNames(page);
  const load = row(page, 'Incline dumbbell press').getByTestId('cell-load');
  const before = Number((await load.inputValue()).match(/[\d.]+/)![0]);
  await page.getByRole('button', { name: 'Adapt', exact: true }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('menu', { name: 'Adapt' })).toBeVisible();
  await page.getByRole('menuitem', { name: /first year/ }).press('Enter');
  expect((await lineNames(page)).length).toBeLessThan(names.length);
  await expect(row(page, 'Incline dumbbell press')).toContainText('Incline dumbbell press');
  await expect(row(page, 'Incline dumbbell press').getByTestId('cell-scheme')).toHaveValue('3 × 8–12');
  await page.getByRole('button', { name: /^Undo/ }).click();
  expect(await lineNames(page)).toEqual(names);
  await page.getByRole('button', { name: 'Adapt', exact: true }).click();
  await page.getByRole('menuitem', { name: /coming back/ }).click();
  await expect(row(page, 'Incline dumbbell press').getByTestId('cell-scheme')).toHaveValue('2 × 6–8');
  const after = Number((await load.inputValue()).match(/[\d.]+/)![0]);
  expect(after / before).toBeGreaterThan(0.7);
  expect(after / before).toBeLessThan(0.9);
  await saved(page);
});

test('the same session for somebody advanced, in less time, at another gym', async ({ page }) => {
  const id = await makeSession(page, 'mirelle-vandoorn', 'Adapt to the day', 'mirelle-push-a');
  await openSession(page, id);
  const before = await storedSession(page, id);
  const choose = async (name: string | RegExp): Promise<void> => {
    await page.getByRole('button', { name: 'Adapt', exact: true }).click();
    await page.getByRole('menuitem', { name }).click();
    await saved(page);
  };
  const sets = (): Promise<number> =>
    page
      .getByText(/movements?, \d+ working sets/)
      .textContent()
      .then((t) => Number(/(\d+) working sets/.exec(t!)![1]));
  const had = await sets();

  await choose(/somebody advanced/);
  expect(await sets()).toBe(had + 1);
  await expect(page.getByTestId('cell-scheme').last()).toHaveValue(/drop/);
  await page.getByRole('button', { name: /^Undo/ }).click();

  await choose('In 30 minutes…');
  await page.getByRole('button', { name: 'Make these cuts' }).click();
  await expect.poll(async () => (await storedSession(page, id)).document.minutes).toBe(30);
  const minutes = await page.getByText(/movements?, \d+ working sets/).textContent();
  expect(Number(/(\d+) min/.exec(minutes!)![1])).toBeLessThanOrEqual(30);
  await page.getByRole('button', { name: /^Undo/ }).click();
  expect(await sets()).toBe(had);

  await choose('At Net loft');
  const there = await storedSession(page, id);
  const cables = (d: typeof before): number =>
    d.document.blocks.flatMap((b) => b.lines).filter((l) => l.movement.startsWith('cable')).length;
  expect(cables(before)).toBeGreaterThan(0);
  expect(cables(there)).toBe(0);
  await expect(page.getByText(/which Net loft does not have/)).toHaveCount(0);
});
