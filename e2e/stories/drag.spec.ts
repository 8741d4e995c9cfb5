import { expect, test, type Locator, type Page } from '../house';
import { lineNames, makeSession, openSession, row, saved } from '../desk';

async function drag(page: Page, from: Locator, to: { x: number; y: number }): Promise<void> {
  const box = (await from.boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 + 8, box.y + box.height / 2 + 8, { steps: 3 });
  await page.mouse.move(to.x, to.y, { steps: 12 });
  await page.mouse.up();
}

test('movements are re-ordered by their handle and along the score', async ({ page }) => {
  const id = await makeSession(page, 'mirelle-vandoorn', 'Dragged', 'mirelle-push-a');
  await openSession(page, id);
  const target = (await row(page, 'Cable fly, low to high').boundingBox())!;
  await drag(page, page.getByRole('button', { name: 'Move Incline dumbbell press', exact: true }), {
    x: target.x + 10,
    y: target.y + target.height - 6,
  });
  await expect
    .poll(() => lineNames(page).then((n) => n.slice(0, 3)))
    .toEqual(['Dumbbell bench press', 'Cable fly, low to high', 'Incline dumbbell press']);

  const strips = page.getByTestId('score-strip');
  const first = (await strips.first().boundingBox())!;
  await drag(page, strips.nth(2), { x: first.x - 10, y: first.y + 6 });
  await expect.poll(() => lineNames(page).then((n) => n[0])).toBe('Incline dumbbell press');
  await saved(page);
});

test('the bench is dragged to a notch of this gym, and loads, dose and name follow at once', async ({
  page,
}) => {
  const id = await makeSession(page, 'mirelle-vandoorn', 'Bench dragged', 'mirelle-push-a');
  await openSession(page, id);
  const bench = page.getByRole('slider', { name: 'Bench angle' });
  await expect(bench).toHaveAttribute('aria-valuenow', '30');
  const load = row(page, 'Incline dumbbell press').getByTestId('cell-load');
  const before = await load.inputValue();
  const knob = bench.locator('circle');
  const at = (await knob.boundingBox())!;
  await drag(page, knob, { x: at.x - 70, y: at.y - 130 });
  const deg = Number(await bench.getAttribute('aria-valuenow'));
  expect([45, 60, 75]).toContain(deg);
  await expect(page.locator('[data-line] .detail').first()).toContainText(`${deg}°`);
  expect(await page.locator('[data-line]').first().getByTestId('cell-load').inputValue()).not.toBe(before);
});

test('a keystroke repaints score, dose and review in the same frame', async ({ page }) => {
  const id = await makeSession(page, 'mirelle-vandoorn', 'One frame', 'mirelle-push-a');
  await openSession(page, id);
  const cell = row(page, 'Incline dumbbell press').getByTestId('cell-scheme');
  await cell.focus();
  const frames = await page.evaluate(async () => {
    const input = document.activeElement as HTMLTextAreaElement;
    const value = Object.getOwnPropertyDescriptor(HTMLTextAreaElement.prototype, 'value')!;
    const state = (): string =>
      [
        document.querySelectorAll('svg .bar').length,
        document.querySelector('[data-testid=totals]')!.textContent,
        document.querySelector('[aria-label^="Dose."]')!.getAttribute('aria-label'),
      ].join();
    const before = state();
    return new Promise<number>((done) => {
      requestAnimationFrame(() => {
        value.set!.call(input, '9x6-8');
        input.dispatchEvent(new Event('input', { bubbles: true }));
        let n = 0;
        const look = (): void => {
          n += 1;
          if (state() !== before || n > 10) done(n);
          else requestAnimationFrame(look);
        };
        requestAnimationFrame(look);
      });
    });
  });
  expect(frames).toBe(1);
  await expect(page.getByTestId('totals')).toContainText('26 working sets');
  await expect(page.locator('[data-rule="over-time"]')).toContainText(/runs [12]\d minutes over/);
});
