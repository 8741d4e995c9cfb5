import { expect, test } from '../house';
import { addByTyping, makeSession, openSession, row, saved } from '../desk';

test('what is written and what counts are told apart, and every stage is printed with room to write', async ({
  page,
}) => {
  const id = await makeSession(page, 'bram-otterlund', 'What counts');
  await openSession(page, id);
  // Far too light: written, and not counted.
  await addByTyping(page, 'barbell bench press 3x8 leave 2 at 60kg');
  const bench = row(page, 'Barbell bench press');
  await expect(bench).toContainText('3 easy: 0 of 3 count');
  await expect(page.getByRole('row', { name: /^Middle chest/ })).toContainText('0.0 of 3');
  await page.getByRole('tab', { name: 'Load' }).click();
  await expect(page.getByRole('tabpanel')).toContainText('stays easy, not counted');
  await page.getByRole('tabpanel').getByRole('button', { name: 'Use the computed load' }).click();
  await expect(bench).not.toContainText('easy');
  await expect(page.getByRole('row', { name: /^Middle chest/ })).toContainText('3.0');

  // A drop after every set, each stage with its own repetitions and loads.
  await addByTyping(page, 'dumbbell bench press 2x8+10+12 drop 2 x -20% leave 0');
  await expect(row(page, 'Dumbbell bench press').getByTestId('cell-scheme')).toHaveValue(
    '2 × 8 + 10 + 12, drop 2 × −20 %',
  );
  await addByTyping(page, 'kneeling landmine press 3x10 at 45kg leave 2');
  await expect(page.getByRole('heading', { name: 'On the free end of the bar' })).toBeVisible();
  await expect(
    page.getByRole('img', { name: 'On the free end, from the inside: 20, 5 kg' }).last(),
  ).toBeVisible();
  await saved(page);

  await page.goto(`/sessions/${id}/sheet`);
  const sheet = page.getByTestId('sheet');
  await expect(sheet).toContainText(/\d+ → [\d.]+ → [\d.]+ kg each/);
  await expect(sheet).toContainText('Date');
  const done = page.getByLabel('Done, Dumbbell bench press');
  await expect(done.locator('b')).toHaveCount(6);
});
