import { execFileSync } from 'node:child_process';
import { expect, test } from '../house';
import { expectAxeClean } from '../axe';
import { addByTyping, choose, lineNames, row, saved } from '../desk';

/** Pages of a PDF, counted in the file itself. */
const pageCount = (pdf: Buffer): number =>
  (pdf.toString('latin1').match(/\/Type\s*\/Page[^s]/g) ?? []).length;

test('a coach builds a six-movement push day from nothing and prints it', async ({ page }, info) => {
  await page.goto('/clients');
  await page.getByRole('link', { name: 'Mirelle Vandoorn' }).click();
  await page.getByRole('button', { name: 'Start a session' }).click();
  await expect(page.getByText('No movement chosen')).toBeVisible();

  await addByTyping(page, '4x6-8 incline db press 30° rest 2 min leave 3 then 1');
  await addByTyping(page, 'dumbbell bench press 3x8-12 leave 2 then 1 rest 1:45');
  // By choosing among the offered names.
  const box = page.getByRole('combobox', { name: 'Add a movement by typing' });
  await box.fill('cable fly');
  await page
    .getByRole('listbox', { name: 'Movements' })
    .getByRole('option', { name: /low to high/ })
    .click();
  await addByTyping(page, 'cable lateral raise 5x12-15 leave 2 then 1');
  await addByTyping(page, 'incline rear raise 5x12-15');
  await box.fill('rope overhead extension 3x10-12 leave 2 then 0, rest 60 gently');
  await expect(page.getByTestId('reading-back')).toContainText('leave 2 → 0');
  await expect(page.getByTestId('reading-back')).toContainText('gently');
  await box.press('Enter');

  expect(await lineNames(page)).toEqual([
    'Incline dumbbell press',
    'Dumbbell bench press',
    'Cable fly, low to high',
    'Cable lateral raise',
    'Incline rear raise',
    'Cable overhead extension',
  ]);
  await expect(page.getByTestId('totals')).toContainText('6 movements, 23 working sets');
  // Loads come from this client's log, on this gym's bells.
  await expect(row(page, 'Incline dumbbell press').getByTestId('cell-load')).toHaveValue(
    /^\d+(\.5)? kg each$/,
  );
  // Nothing scrolls at 1280 × 800.
  const scroll = await page.evaluate(() => document.documentElement.scrollHeight - innerHeight);
  expect(scroll).toBeLessThanOrEqual(0);
  const list = await page.evaluate(() => {
    const ol = document.querySelector('ol[aria-label="Line-up"]')!.parentElement!;
    return ol.scrollHeight - ol.clientHeight;
  });
  expect(list).toBeLessThanOrEqual(0);
  await expectAxeClean(page);
  await saved(page);

  await page.getByTestId('to-sheet').click();
  await expect(page.getByTestId('sheet')).toContainText(
    'Stop with three reps left on the first set, one rep on the last.',
  );
  await expect(page.getByTestId('sheet')).toContainText('4 × 6–8');
  await expect(page.getByTestId('sheet')).toContainText(/\d kg each/);
  await expect(page.getByTestId('sheet')).toContainText('not medical advice');
  await expectAxeClean(page);
  for (const paper of ['A4', 'Letter']) {
    await choose(page, 'Paper', paper);
    await page.waitForTimeout(300);
    const file = info.outputPath(`${paper}.pdf`);
    const pdf = await page.pdf({ path: file, preferCSSPageSize: true });
    expect(pageCount(pdf)).toBe(1);
    let text: string | null = null;
    try {
      text = execFileSync('pdftotext', ['-layout', file, '-'], { encoding: 'utf8' });
    } catch {
      info.annotations.push({
        type: 'note',
        description: 'pdftotext is not on this machine: the words of the PDF were not read',
      });
    }
    if (text !== null) {
      expect(text).toContain('Stop when');
      expect(text).not.toContain('Back to the session');
    }
  }
  expect(Number(await page.getByTestId('sheet').getAttribute('data-base'))).toBeGreaterThanOrEqual(14);
});
