import { expectAxeClean } from '../axe';
import { lineNames, row, printed, printer } from '../desk';
import { expect, startEmptyHouse, test } from '../house';

const begun = [
  'Barbell bench press',
  'Incline dumbbell press',
  'Cable fly, shoulder height',
  'Dumbbell lateral raise',
  'Cable overhead extension',
];

test('from an empty house to a printed sheet by keyboard alone in under 90 keys', async ({ page }) => {
  const house = await startEmptyHouse();
  try {
    await printer(page);
    await page.goto(house.address);
    await expect(page.getByRole('heading', { name: 'First steps' })).toBeVisible();
    await expectAxeClean(page);
    let keys = 0;
    const press = async (...all: string[]): Promise<void> => {
      for (const key of all) await page.keyboard.press(key);
      keys += all.length;
    };
    const type = async (text: string): Promise<void> => {
      await page.keyboard.type(text);
      keys += text.length;
    };
    await expect(page.getByRole('radio', { name: /^Small gym/ })).toBeFocused();
    await press('Enter');
    await expect(page.getByLabel('Name')).toBeFocused();
    // What is missing is said under its field, in words, and nothing is made.
    await press('Enter');
    await expect(page.getByText('Give a name.')).toBeVisible();
    await expect(page.getByText('A height, like 178 cm or 5 ft 10.')).toBeVisible();
    await expect(page.getByText('A bodyweight of 35 to 250 kg.')).toBeVisible();
    await page.getByLabel('Name').focus();
    await type('Odile Marsh');
    await press('Tab');
    await type('5 ft 7');
    await press('Tab');
    await type('64');
    await press('Tab', 'Tab', 'Tab');
    await type('60');
    await press('Tab');
    await type('8');
    await expectAxeClean(page);
    await press('Enter');
    await expect(page.getByRole('button', { name: 'Begin with a usual push day' })).toBeFocused();
    await press('Enter');
    await expect(page.getByLabel('Title of the session')).toBeVisible();
    expect(await lineNames(page)).toEqual(begun);
    // 60 × 8 all out is about 75 for one: the bench is loaded from it.
    await expect(row(page, 'Barbell bench press')).toContainText(/5\d(\.\d+)? kg/);
    await press('s');
    await expect(page.getByTestId('sheet')).toContainText('Odile Marsh');
    await press('Enter');
    expect(await printed(page)).toBe(1);
    expect(keys).toBeLessThan(90);
  } finally {
    await house.stop();
  }
});

test('the same by mouse in under 25 clicks, and every empty list has its way on', async ({ page }) => {
  const house = await startEmptyHouse();
  try {
    await printer(page);
    for (const list of ['/clients', '/sessions', '/blocks', '/kit']) {
      await page.goto(house.address + list);
      await page.getByRole('link', { name: /first steps/i }).click();
      await expect(page).toHaveURL(/\/start$/);
    }
    let clicks = 0;
    const click = async (role: 'button' | 'radio' | 'link', name: string | RegExp): Promise<void> => {
      await page.getByRole(role, { name }).first().click();
      clicks += 1;
    };
    const fill = async (label: string, text: string): Promise<void> => {
      await page.getByLabel(label).click();
      clicks += 1;
      await page.keyboard.type(text);
    };
    await click('radio', /^Commercial gym/);
    await click('radio', 'pounds');
    await fill('What it is called', ' on the quay');
    await click('button', 'Use this gym');
    await fill('Name', 'Odile Marsh');
    await fill('Height, cm or ft in', '170');
    await fill('Bodyweight, lb', '141');
    await fill('Load, lb', '135');
    await fill('Reps', '8');
    await click('button', 'Add this client');
    await page.reload();
    await click('button', 'Begin with a usual push day');
    await expect(page.getByLabel('Title of the session')).toBeVisible();
    expect(await lineNames(page)).toEqual(begun);
    await expect(row(page, 'Barbell bench press')).toContainText(/1[123]\d(\.\d+)? lb/);
    await click('link', 'Print sheet');
    await expect(page.getByTestId('sheet')).toContainText('Odile Marsh');
    await click('button', /^Print/);
    expect(await printed(page)).toBe(1);
    expect(clicks).toBeLessThan(25);
    await page.goto(house.address);
    await expect(page).toHaveURL(/\/clients$/);
  } finally {
    await house.stop();
  }
});
