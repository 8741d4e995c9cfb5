import { expect, test } from '../house';
import { addByTyping, choose, selectOf, makeSession, openSession, row, saved } from '../desk';

/** What is typed, the movement, how its cell reads, and what the sheet says of it. */
const written: [typed: string, name: string, cell: string, sheet: RegExp][] = [
  [
    'incline db press 4x8-10',
    'Incline dumbbell press',
    '4 × 8–10',
    /4 × 8–10 at \d+(\.5)?(, \d+(\.5)?)* kg each/,
  ],
  [
    'bench press pyramid 12, 9, 6, 4',
    'Barbell bench press',
    '12, 9, 6, 4',
    /12, 9, 6, 4 at \d+(\.\d+)?, .* kg/,
  ],
  ['close grip bench 5, 7, 9', 'Close-grip bench press', '5, 7, 9', /5, 7, 9 at/],
  [
    'ohp 1x5, then 3x8 at -12%',
    'Standing barbell press',
    '1 × 5, then 3 × 8 at −12 %',
    /others are 12 % lighter/,
  ],
  ['db fly 2x12, last drop 2 x -25%', 'Dumbbell fly', '2 × 12, last drop 2 × −25 %', / → \d+(\.\d+)? → \d/],
  [
    'cable fly high to low 3x10 rest-pause',
    'Cable fly, high to low',
    '3 × 10, rest–pause 2 × 15 s',
    /15 seconds/,
  ],
  ['pushdown burn-out 40', 'Triceps pushdown', '1 × burn-out 40', /40/],
  ['chest dip 2x to failure', 'Chest dip', '2 × to failure, about 12', /stop when the form would break/],
  [
    'lat raise 3x12 one and a half reps',
    'One-and-a-half lateral raise',
    '3 × 12',
    /One-and-a-half lateral raise/,
  ],
  ['incline rear raise 2x15s hold', 'Incline rear raise', '2 × hold 15 s', /[Bb]reath/],
  ['push-up 3x8 then wide', 'Push-up', '3 × 8, then grip 1.8', /grip 1\.8 × shoulders/],
  ['db bench 3x8 pause 2s', 'Dumbbell bench press', '3 × 8', /hold the stretch 2 seconds/],
  [
    'curl 3x12 squeeze 10s between sets',
    'Dumbbell curl',
    '3 × 12',
    /squeeze hard for 10 seconds and keep breathing/,
  ],
  ['lying triceps extension 12-15, 8-10, 6', 'Lying triceps extension', '12–15, 8–10, 6', /12–15, 8–10, 6/],
  ['seated db press 3x10 partials', 'Seated dumbbell press', '3 × 10', /stretched half only/],
  ['push press 3x5 80% of strict press', 'Push press', '3 × 5', /3 × 5 at \d/],
];

test('every way of doing sets is typed, timed, loaded, printed and read in words', async ({ page }) => {
  test.setTimeout(120_000);
  const id = await makeSession(page, 'mirelle-vandoorn', 'Every scheme');
  await openSession(page, id);
  for (const [typed] of written) await addByTyping(page, typed);

  for (const [, name, cell] of written)
    await expect(row(page, name).getByTestId('cell-scheme'), name).toHaveValue(cell);
  await expect(page.getByTestId('totals')).toContainText(`${written.length} movements`);
  // Each takes its minutes, and none is without a load or a word why.
  for (const [, name] of written) {
    const line = row(page, name);
    expect(Number(await line.getByTitle('Minutes, set-up and rests included').textContent())).toBeGreaterThan(
      0,
    );
    await expect(line.getByTestId('cell-load')).not.toHaveValue('');
  }
  await saved(page);

  await page.getByTestId('to-sheet').click();
  const items = page.getByTestId('sheet').locator('ol ol > *');
  await expect(items).toHaveCount(written.length);
  for (const [i, [, name, , says]] of written.entries()) {
    await expect(items.nth(i)).toContainText(name);
    await expect(items.nth(i), name).toContainText(says);
  }
});

test('a scheme is turned into another in place, edited there, and survives a reload', async ({ page }) => {
  const id = await makeSession(page, 'mirelle-vandoorn', 'In place');
  await openSession(page, id);
  await addByTyping(page, 'incline db press 3x8');
  const cell = row(page, 'Incline dumbbell press').getByTestId('cell-scheme');
  await page.getByRole('tab', { name: 'Load' }).click();
  await choose(page, 'Sets go', 'drop set');
  const drops = page.getByLabel('Drops, incline dumbbell press');
  await drops.fill('3');
  await drops.press('Enter');
  await expect(cell).toHaveValue('3 × 8, last drop 3 × −20 %');
  await expect(page.getByTestId('set-load')).toHaveCount(6);

  await cell.fill('2 x 12-15');
  await cell.press('Enter');
  await expect(selectOf(page, 'Sets go')).toHaveText('straight sets');
  await expect(page.getByTestId('set-load')).toHaveCount(2);
  await page.keyboard.press('Control+z');
  await expect(cell).toHaveValue('3 × 8, last drop 3 × −20 %');
  await saved(page);
  await page.reload();
  await expect(cell).toHaveValue('3 × 8, last drop 3 × −20 %');
});
