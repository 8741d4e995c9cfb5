import { expect, test } from '../house';
import { expectAxeClean } from '../axe';
import { lineNames, makeSession, openSession, saved, storedSession } from '../desk';

const head = ['Exercise', 'Sets', 'Reps', 'Load', 'RPE', 'Rest', 'Notes'];
const rows = [
  ['Bench Press', '4', '6-8', '60', '8', '180', ''],
  ['Incline DB Press', '3', '8-10', '20', '8', '120', 'drive elbows in'],
  ['Machine chest press', '3', '10-12', '', '9', '90', ''],
  ['Pec deck', '3', '12-15', '', '9', '60', ''],
  ['Seated DB press', '3', '8-10', '', '8', '120', ''],
  ['Lateral raise', '4', '15', '6', '', '60', ''],
  ['Cable lateral raise', '3', '12', '', '', '60', ''],
  ['Rear delt fly', '3', '15', '', '', '60', ''],
  ['Face pull', '3', '15-20', '', '', '60', ''],
  ['Rope pushdown', '3', '12', '', '9', '60', ''],
  ['Overhead rope extension', '3', '12', '', '9', '60', ''],
  ['Skull crushers', '3', '10', '', '8', '90', ''],
  ['Dips', '3', '8', '', '8', '120', ''],
  ['Push ups', '2', '15', '', '', '60', ''],
  ['DB fly', '3', '12', '', '9', '60', ''],
  ['Front raise', '2', '12', '', '', '60', ''],
  ['Kickbacks', '2', '15', '', '', '45', ''],
  ['Upright row', '3', '12', '', '', '60', ''],
  ['Close grip bench', '3', '6', '', '8', '150', ''],
];

test('twenty rows of a spreadsheet become a line-up, columns and all', async ({ page }) => {
  const id = await makeSession(page, 'mirelle-vandoorn', 'Out of a spreadsheet');
  await openSession(page, id);
  await page.getByRole('button', { name: 'Text', exact: true }).click();
  const dialog = page.getByRole('dialog', { name: 'Session as text' });
  await dialog.getByLabel('Text', { exact: true }).fill([head, ...rows].map((r) => r.join('\t')).join('\n'));
  const read = dialog.getByRole('list', { name: 'What was understood' });
  await expect(read.getByRole('listitem')).toHaveCount(rows.length);
  await expect(read.getByRole('listitem').first()).toContainText('4 × 6–8, 60 kg, leave 2, rest 3:00');
  await expect(read.locator('[data-doubtful="true"]')).toHaveCount(1);
  await expect(read.locator('[data-doubtful="true"]')).toContainText('drive elbows in');
  await expectAxeClean(page, '[role="dialog"]');
  await dialog.getByRole('button', { name: `Add ${rows.length} movements` }).press('Enter');
  await expect(dialog).toHaveCount(0);
  expect(await lineNames(page)).toHaveLength(rows.length);
  await saved(page);
  const { document } = await storedSession(page, id);
  const [bench, incline] = document.blocks.map((b) => b.lines[0]);
  expect(bench).toMatchObject({ loadKg: 60, restS: 180, reserve: { first: 2, last: 2 } });
  expect(incline).toMatchObject({ loadKg: 20, note: 'drive elbows in' });
});
