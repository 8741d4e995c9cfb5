import { misfits } from '../fitting';
import { expect, test } from '../house';
import { expectAxeClean, expectContrast } from '../axe';
import { choose, makeSession, openSession, row, saved } from '../desk';

// Each by itself, on whichever worker is free.
test.describe.configure({ mode: 'parallel' });

for (const [name, path, ready] of [
  ['clients', '/clients', 'Needs next'],
  ['a client', '/clients/corvin-haldt', 'What the planner uses'],
  ['a sheet', '/sessions/mirelle-push-a/sheet', 'Done:'],
  ['a block', '/blocks/bram-bench', 'of 8–18'],
  ['the data', '/data', 'Export and import'],
  ['sessions', '/sessions', 'Chest day out of a magazine'],
  ['the designer', '/sessions/mirelle-push-a', 'Dose today'],
  ['movements', '/movements', 'One hard set counts'],
  ['a movement', '/movements/incline-dumbbell-press', 'At every notch'],
  ['a movement on a client', '/movements/dumbbell-bench-press?client=mirelle-vandoorn', 'max today about'],
  ['the comparison', '/movements/compare', 'Who does the work'],
  ['what the mechanics know', '/movements/model', 'How far it was checked'],
  ['the kits', '/kit', 'The Boathouse'],
  ['a kit', '/kit/boathouse', 'pairs of each'],
  ['the loads', '/loads?load=100&reps=5', 'median of seven'],
  ['two sessions', '/sessions/compare?client=mirelle-vandoorn&a=mirelle-push-a&b=mirelle-push-b', 'Together'],
  ['progress', '/clients/bram-otterlund/progress', '% a week'],
  ['the blocks', '/blocks', 'under way'],
  ['a rule of the week', '/rules/too-close', 'It speaks'],
  ['the schools', '/schools', 'They ship with Drimbo'],
  ['the rules', '/rules', 'rules look at every session'],
  ['a rule', '/rules/client-limits', 'It speaks'],
  ['the evidence', '/evidence', 'published works'],
  ['a missing address', '/nowhere', 'There is nothing at this address'],
] as const)
  test(`${name}: axe finds nothing by day, all of it is legible in the dark, and it fits from a phone to a wide desk`, async ({
    page,
  }) => {
    const there = () => page.getByText(ready).filter({ visible: true }).first();
    await page.goto(path);
    await expect(there()).toBeVisible();
    await expectAxeClean(page, 'html', true);
    await page.emulateMedia({ colorScheme: 'dark' });
    await expectContrast(page);
    expect(await misfits(page, there)).toEqual([]);
  });

test('light or dark is chosen by keyboard, kept over a reload, and paper stays white', async ({ page }) => {
  const background = (): Promise<string> =>
    page.evaluate(() => getComputedStyle(document.documentElement).backgroundColor);
  await page.goto('/clients');
  await expect(page.getByText('Needs next').first()).toBeVisible();
  const byDay = await background();
  const menu = page.getByRole('button', { name: 'Light or dark' });
  await menu.press('Enter');
  await page.getByRole('menuitemradio', { name: 'Dark' }).press('Enter');
  await expect.poll(background).not.toBe(byDay);
  const byNight = await background();
  await page.reload();
  await expect(page.getByText('Needs next').first()).toBeVisible();
  expect(await background()).toBe(byNight);
  await page.goto('/sessions/mirelle-push-a/sheet');
  await expect(page.getByTestId('sheet')).toBeVisible();
  expect(await page.getByTestId('sheet').evaluate((e) => getComputedStyle(e).backgroundColor)).toBe(
    'rgb(255, 255, 255)',
  );
  await expectContrast(page);
  await page.goto('/clients');
  await menu.click();
  await page.getByRole('menuitemradio', { name: 'As this machine' }).click();
  await expect.poll(background).toBe(byDay);
});

test('axe finds nothing on the tabs and dialogs of the designer', async ({ page }) => {
  await openSession(page, 'mirelle-push-a');
  for (const tab of ['Work', 'Load', 'Cues', 'Swap']) {
    await page.getByRole('tab', { name: tab }).click();
    await expectAxeClean(page);
  }
  await page.getByRole('button', { name: 'Edit warm-up' }).click();
  await expect(page.getByRole('dialog', { name: 'Warm-up' })).toBeVisible();
  await expectAxeClean(page, '[role="dialog"]');
});

test('a client in pounds sees pounds everywhere, makeable ones', async ({ page }) => {
  const id = await makeSession(page, 'odalys-renske', 'In pounds', 'odalys-push-3');
  await page.goto('/clients/odalys-renske');
  await choose(page, 'Loads in', 'pounds');
  await choose(page, 'Gym', 'Net loft');
  await expect(page.getByTestId('save-state')).toHaveText('Saved');
  await page.getByRole('link', { name: 'In pounds' }).click();
  await choose(page, 'Gym', 'Net loft');
  await expect(row(page, 'Incline dumbbell press').getByTestId('cell-load')).toHaveValue(/^\d*[05] lb each$/);
  await expect(page.locator('[data-rule="not-in-this-gym"]')).toHaveCount(2);
  await saved(page);
  await page.goto(`/sessions/${id}/sheet`);
  await expect(page.getByTestId('sheet')).toContainText('lb each');
  await page.goto('/clients/odalys-renske');
  await choose(page, 'Loads in', 'kilograms');
  await choose(page, 'Gym', 'The Boathouse');
  await expect(page.getByTestId('save-state')).toHaveText('Saved');
});

test('a new client begins with an empty, teaching screen; a test gives loads', async ({ page }) => {
  await page.goto('/clients');
  await page.getByRole('button', { name: 'Add a client' }).click();
  await page.getByLabel('Name').fill('Nerys Abelmann');
  await page.getByLabel('Height, cm or ft in').fill('40');
  await choose(page, 'Gym', 'The Boathouse');
  await page.getByLabel('Bodyweight, kg').fill('75');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByRole('alert')).toContainText('A height, like 178 cm');
  await page.getByLabel('Height, cm or ft in').fill('169');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Nerys Abelmann' })).toBeVisible();
  await expect(page.getByText('None yet: loads are found on the day')).toBeVisible();
  await page.getByLabel('Load in kg').fill('60');
  await page.getByLabel('Reps', { exact: true }).fill('5');
  await page.getByRole('button', { name: 'Add test' }).click();
  await expect(page.getByRole('cell', { name: /70 kg/ })).toBeVisible();
  await expect(page.getByRole('row', { name: /Incline dumbbell press/ })).toContainText('borrowed');
});
