import { expect, test } from '../house';
import { expectAxeClean } from '../axe';
import { copyClient, lineNames, makeSession } from '../desk';

/** Seconds and heights of one press that is slowest at a share of its way: known beforehand. */
function trace(sticksAt: number): string {
  const rows = ['time,height'];
  let t = 0;
  const add = (h: number): void => {
    rows.push(`${t.toFixed(3)},${h.toFixed(4)}`);
    t += 1 / 60;
  };
  for (let i = 0; i < 50; i += 1) add(0.4);
  for (let i = 0; i <= 90; i += 1) add(0.2 + 0.2 * Math.cos((Math.PI * i) / 90));
  for (let i = 0; i < 20; i += 1) add(0);
  for (let x = 0; x < 0.999;) {
    add(0.4 * x);
    const ends = Math.sqrt(Math.max(0.02, Math.min(1, Math.max(0.004, x) / 0.12, (1 - x) / 0.08)));
    x += (0.5 * ends * (1 - 0.75 * Math.exp(-(((x - sticksAt) / 0.1) ** 2)))) / 60 / 0.4;
  }
  for (let i = 0; i < 40; i += 1) add(0.4);
  return rows.join('\n');
}

test('a bench is looked back on with how it stands, where it sticks is seen in a trace, and answered with what this gym has', async ({
  page,
}) => {
  await page.goto('/clients/bram-otterlund/progress');
  const bench = page.getByRole('img', { name: /^Max of barbell bench press/ });
  await expect(bench).toBeVisible();
  await expect(page.getByText('cannot be told yet').first()).toBeVisible();
  await expect(page.getByText(/of \d+ planned days done/)).toBeVisible();
  await page.getByRole('link', { name: 'Where the bench sticks' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Where it sticks' })).toBeVisible();
  const help = page.getByRole('list').filter({ hasText: 'bench press' });
  await expect(help.getByRole('listitem').first()).toContainText('Paused bench press');

  const give = async (name: string, text: string): Promise<void> => {
    const chosen = page.waitForEvent('filechooser');
    await page.getByRole('button', { name: 'Read a trace' }).click();
    await (await chosen).setFiles({ name, mimeType: 'text/csv', buffer: Buffer.from(text) });
  };
  await give('flat.csv', 'time,height\n0,0.4\n1,up');
  await expect(page.getByRole('alert')).toContainText('Row 3 is no time and height');
  await give('bench.csv', trace(0.75));
  await expect(page.getByRole('row', { name: /lockout/ })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'What may help, lockout' })).toBeVisible();
  await expect(page.getByRole('list').filter({ hasText: 'Close-grip' })).toBeVisible();
  await expectAxeClean(page);
  await give(
    'both-ends.csv',
    trace(0.75)
      .split('\n')
      .map((row) => `${row},${row.split(',')[1]}`)
      .join('\n'),
  );
  await expect(page.getByText(/The right end takes 0 % more time/)).toContainText('tilts by 0.0 cm');
  await page.getByRole('button', { name: 'Look at a simulated set' }).click();
  await expect(page.getByRole('heading', { name: 'What may help, off the chest' })).toBeVisible();
  await expect(page.getByText(/of the speed is lost/)).toBeVisible();
  await expect(page.getByText(/none of it is physical therapy/)).toBeVisible();
  await page.setViewportSize({ width: 360, height: 740 });
  await expect.poll(() => page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(360);

  // One key takes the first way into the client's next session, after the bench.
  const client = await copyClient(page, 'bram-otterlund', 'bram-sticking');
  await makeSession(page, client, 'Bench to mend', 'bram-push');
  await page.setViewportSize({ width: 1280, height: 800 });
  await page.goto(`/clients/${client}/sticking`);
  const way = page.getByRole('list', { name: 'What may help' }).getByRole('listitem').first();
  await expect(way.getByRole('button', { name: /, Bench to mend: / })).toBeVisible();
  const name = (await way.getByRole('link').textContent())!;
  await page.keyboard.press('1');
  await expect(page.getByLabel('Title of the session')).toHaveValue('Bench to mend');
  await expect
    .poll(async () => (await lineNames(page)).slice(0, 2))
    .toEqual(['Barbell bench press', expect.stringContaining(name.split(' ')[0]!)]);
});
