import { expect, test } from '../house';
import { lineNames, saved, printed, printer } from '../desk';

test('a six-movement day goes from nothing to the printed sheet in under 150 keys', async ({ page }) => {
  await printer(page);
  await page.goto('/clients');
  await expect(page.getByRole('link', { name: 'Mirelle Vandoorn' })).toBeVisible();
  let keys = 0;
  const press = async (...all: string[]): Promise<void> => {
    for (const key of all) await page.keyboard.press(key);
    keys += all.length;
  };
  const type = async (text: string): Promise<void> => {
    await page.keyboard.type(text);
    keys += text.length;
  };
  await press('/');
  await type('mirel');
  await expect(page.getByRole('option', { name: /Mirelle/ }).first()).toBeVisible();
  await press('Enter');
  await expect(page.getByRole('heading', { name: 'Mirelle Vandoorn' })).toBeVisible();
  await press('n');
  await expect(page.getByText('No movement chosen')).toBeVisible();
  await press('a');
  for (const text of [
    'incl db 4x8',
    'db bench 3x10',
    'low high fly 3x12',
    'lat raise 4x15',
    'rear raise 3x15',
    'pushdown 3x12',
  ]) {
    await type(text);
    await press('Enter');
  }
  await press('Escape');
  expect(await lineNames(page)).toHaveLength(6);
  await saved(page);
  await press('s');
  await expect(page.getByTestId('sheet')).toBeVisible();
  await press('Enter');
  expect(await printed(page)).toBe(1);
  expect(keys).toBeLessThan(150);
});

test('the same by mouse alone, from the catalogue inside the designer, in under 60 clicks', async ({
  page,
}) => {
  await printer(page);
  await page.goto('/clients');
  let clicks = 0;
  const click = async (role: 'link' | 'button' | 'row', name: string | RegExp): Promise<void> => {
    await page.getByRole(role, { name }).first().click();
    clicks += 1;
  };
  await click('link', 'Mirelle Vandoorn');
  await click('button', 'Start a session');
  await click('button', 'Catalogue');
  const drawer = page.getByRole('dialog', { name: 'Add a movement' });
  await expect(drawer).toContainText('movements');
  const before = Number(/(\d+) movements/.exec((await drawer.textContent())!)![1]);
  await click('button', /^any Family/);
  await page.getByRole('option', { name: 'triceps', exact: true }).click();
  clicks += 1;
  await expect(drawer).not.toContainText(`${before} movements`);
  await click('row', /Triceps pushdown/);
  await click('button', /Family$/);
  await page.getByRole('option', { name: 'any', exact: true }).click();
  clicks += 1;
  for (const name of [/^Incline barbell press/, /^Barbell bench press/, /^Decline barbell press/])
    await click('row', name);
  await click('button', /^any Trains/);
  await page.getByRole('option', { name: 'side delt', exact: true }).click();
  clicks += 1;
  await click('row', /^Dumbbell lateral raise/);
  await click('row', /^Cable lateral raise/);
  await expect(drawer).toContainText('Cable lateral raise is added');
  await click('button', /^Done$/);
  expect(await lineNames(page)).toHaveLength(6);
  await saved(page);
  await click('link', 'Print sheet');
  await click('button', 'Print');
  expect(await printed(page)).toBe(1);
  expect(clicks).toBeLessThan(60);
});

test('a movement is added from its own page, set up as it stands there, to an open draft', async ({
  page,
}) => {
  await page.goto('/movements/dumbbell-fly');
  await page.getByRole('slider', { name: 'Bench angle' }).focus();
  await page.keyboard.press('ArrowUp');
  await page.getByRole('button', { name: 'Add to a session…' }).click();
  await page.getByRole('dialog').getByRole('combobox', { name: 'Draft' }).fill('Push A');
  await page.getByRole('option', { name: /Push A, upper chest first, Mirelle/ }).click();
  await page.getByRole('button', { name: 'Add and open it' }).click();
  await expect(page.getByLabel('Title of the session')).toHaveValue('Push A, upper chest first');
  await expect.poll(() => lineNames(page).then((n) => n.at(-1))).toBe('Incline dumbbell fly');
  await page.locator('[data-name]').last().click();
  await page.keyboard.press('Delete');
  await expect.poll(() => lineNames(page).then((n) => n.at(-1))).toBe('Cable overhead extension');
  await saved(page);
});
