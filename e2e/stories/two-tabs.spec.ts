import { expect, test } from '../house';
import { addByTyping, lineNames, makeSession, openSession, saved, storedSession } from '../desk';

test('two tabs change one session: nothing is lost and the coach decides', async ({ page, context }) => {
  const id = await makeSession(page, 'mirelle-vandoorn', 'Two tabs');
  const other = await context.newPage();
  await openSession(page, id);
  await openSession(other, id);

  await addByTyping(page, 'incline db press 4x6-8');
  await saved(page);
  await addByTyping(other, 'dips 3x8');
  await expect(other.getByTestId('conflict')).toContainText('Nothing is lost');
  expect((await storedSession(page, id)).document.blocks[0]!.lines[0]!.movement).toBe('dumbbell-press');
  // A reload in the middle keeps this tab's version and the question.
  await other.reload();
  await expect(other.getByTestId('conflict')).toBeVisible();
  expect(await lineNames(other)).toEqual(['Chest dip']);

  await other.getByRole('button', { name: 'Take theirs' }).click();
  await expect(other.getByTestId('conflict')).toHaveCount(0);
  await expect.poll(() => lineNames(other)).toEqual(['Incline dumbbell press']);
  await saved(other);
  // Undo brings the own version back.
  await other.getByRole('button', { name: /^Undo/ }).click();
  await expect.poll(() => lineNames(other)).toEqual(['Chest dip']);
  await saved(other);
  expect((await storedSession(page, id)).document.blocks).toHaveLength(1);

  await addByTyping(page, 'pushdown 3x12');
  await expect(page.getByTestId('conflict')).toBeVisible();
  await page.getByRole('button', { name: 'Keep mine' }).click();
  await saved(page);
  const kept = await storedSession(page, id);
  expect(kept.document.blocks.map((b) => b.lines[0]!.movement)).toEqual(['dumbbell-press', 'pushdown']);
});
