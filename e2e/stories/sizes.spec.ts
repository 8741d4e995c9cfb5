import { addByTyping, makeSession, openSession, row, saved } from '../desk';
import { expect, test } from '../house';

const screens: [path: string, ready: string][] = [
  ['/clients', 'Needs next'],
  ['/clients/corvin-haldt', 'What the planner uses'],
  ['/sessions', 'Chest day out of a magazine'],
  ['/sessions/mirelle-push-a', 'Line-up'],
  ['/sessions/mirelle-push-a/sheet', 'Done:'],
  ['/movements', 'Compare'],
  ['/movements/incline-dumbbell-press', 'At every notch'],
  ['/movements/compare?rig=barbell-bench-press&rig=push-up', 'Who does the work'],
  ['/movements/model', 'How far it was checked'],
  ['/kit', 'The Boathouse'],
  ['/kit/boathouse', 'pairs of each'],
  ['/loads?load=100&reps=5', 'median of seven'],
  ['/data', 'Out and in'],
];
/** A phone, a desk at 200 % zoom, a tablet, a desk and a wide desk. */
const widths = [360, 640, 768, 1280, 1920];

test('no screen scrolls sideways, from a phone to a wide desk', async ({ page }) => {
  const found: string[] = [];
  for (const [path, ready] of screens) {
    await page.goto(path);
    await expect(page.getByText(ready).filter({ visible: true }).first()).toBeVisible();
    for (const width of widths) {
      await page.setViewportSize({ width, height: 800 });
      const over = (): Promise<number> =>
        page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);
      // Drawings take their new width a moment after the page.
      for (let turn = 0; turn < 20 && (await over()) > 0; turn++) await page.waitForTimeout(100);
      const left = await over();
      if (left > 0) found.push(`${path} at ${width}: ${left} px too wide`);
    }
  }
  expect(found).toEqual([]);
});

test('on a phone a session is built step by step: the line-up, a movement, what the review says', async ({
  page,
}) => {
  await page.setViewportSize({ width: 360, height: 740 });
  const id = await makeSession(page, 'mirelle-vandoorn', 'In the pocket');
  await openSession(page, id);
  await addByTyping(page, 'incline db press 4x6-8 rest 30s');
  const press = row(page, 'Incline dumbbell press');
  await press.getByTestId('cell-scheme').fill('3x8');
  await page.keyboard.press('Tab');
  await expect(press.getByTestId('cell-scheme')).toHaveValue('3 × 8');
  await expect(page.getByRole('tab', { name: 'Load' })).toBeHidden();
  await page.getByRole('radio', { name: 'Movement' }).click();
  await expect(press).toBeHidden();
  await page.getByRole('tab', { name: 'Load' }).click();
  await expect(page.getByRole('tabpanel', { name: 'Load' })).toContainText("Today's max");
  await page.getByRole('radio', { name: 'Dose and review' }).press('Enter');
  await expect(page.getByRole('heading', { name: 'Dose today' })).toBeVisible();
  await saved(page);
});
