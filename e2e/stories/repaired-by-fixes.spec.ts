import { expect, test } from '../house';
import { makeSession, opened, openSession, saved } from '../desk';

/** A bad forty-five minutes for a shoulder that complains: nothing but the offered remedies is pressed. */
test('a bad session for a careful shoulder is repaired by its fixes alone', async ({ page }) => {
  test.slow();
  const id = await makeSession(page, 'corvin-haldt', 'Repaired', 'corvin-push-3');
  const stored = await (await page.request.get(`/api/sessions/${id}`)).json();
  await page.request.put(`/api/sessions/${id}`, {
    data: { revision: stored.revision, document: { ...stored.document, minutes: 45 } },
  });
  await openSession(page, id);
  const loud = page
    .locator('#review > li[data-rule]')
    .filter({ has: page.getByText(/^(Stop|Watch)$/) })
    .filter({ hasNot: page.getByText(/Going on/) });
  await expect(loud.first()).toBeVisible();
  const pressed: string[] = [];
  for (let turn = 0; turn < 25 && (await loud.count()) > 0; turn++) {
    // Remedies are looked for in the moments between.
    const remedy = (await opened(loud.first())).locator('.foot button').filter({ hasNotText: /^Set aside$/ });
    await expect(remedy.first()).toBeVisible();
    const first = remedy.first();
    pressed.push((await first.textContent())!);
    await first.click();
    await page.waitForTimeout(150);
  }
  expect(pressed.length).toBeGreaterThan(3);
  await expect(page.getByTestId('review-count')).not.toContainText(/to stop for|to watch/);
  await expect(page.locator('[data-line]').first()).toBeVisible();
  await saved(page);
  // All of it is one undo a press.
  for (const _ of pressed) await page.getByRole('button', { name: /^Undo / }).click();
  await expect(page.locator('[data-line]')).toHaveCount(4);
});
