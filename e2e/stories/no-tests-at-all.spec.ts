import { expect, test } from '../house';
import { expectAxeClean } from '../axe';
import { addByTyping, makeSession, openSession, row, saved, choose } from '../desk';

test('a client without a test is asked to find the load, and a first figure gives the rest', async ({
  page,
}) => {
  await page.goto('/clients');
  await page.getByRole('button', { name: 'Add a client' }).click();
  await page.getByLabel('Name').fill('Ilvo Marchetta');
  await page.getByLabel('Height, cm or ft in').fill('178');
  await choose(page, 'Gym', 'The Boathouse');
  await page.getByLabel('Bodyweight, kg').fill('75');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Ilvo Marchetta' })).toBeVisible();
  const client = page.url().split('/').pop()!;
  const id = await makeSession(page, client, 'Nothing to go by');
  await openSession(page, id);
  await addByTyping(page, 'barbell bench press 3x8-10 leave 3');
  await addByTyping(page, 'incline dumbbell press 3x10');
  await row(page, 'Barbell bench press').click();
  await page.getByRole('tab', { name: 'Load' }).click();
  await expect(page.getByText('The first set finds the load')).toBeVisible();
  // No figure is invented.
  for (const cell of await page.getByTestId('set-load').all()) await expect(cell).toHaveValue('—');
  await expectAxeClean(page);
  await page.goto(`/sessions/${id}/sheet`);
  await expect(page.getByTestId('sheet')).toContainText(/find/i);
  await page.goto(`/clients/${client}`);
  await page.getByLabel('Load in kg').fill('60');
  await page.getByLabel('Reps', { exact: true }).fill('8');
  await page.getByRole('button', { name: 'Add test' }).click();
  await expect(page.getByRole('row', { name: /Barbell bench press/ }).first()).toContainText('tested');
  await saved(page);
  await openSession(page, id);
  await row(page, 'Barbell bench press').click();
  await page.getByRole('tab', { name: 'Load' }).click();
  await expect(page.getByTestId('set-load').first()).toHaveValue(/^\d/);
  await row(page, 'Incline dumbbell press').click();
  await expect(page.getByText('borrowed from a related lift')).toBeVisible();
  await expect(page.getByTestId('set-load').first()).toHaveValue(/^\d/);
  await saved(page);
});
