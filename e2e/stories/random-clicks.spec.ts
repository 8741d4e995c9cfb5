import { expect, test } from '../house';
import { makeSession, openSession, saved } from '../desk';

/** Wide searches ask for more, and for another beginning, through the environment. */
const CLICKS = Number(process.env['DRIMBO_CLICKS'] ?? 90);
const SEED = Number(process.env['DRIMBO_SEED'] ?? 20261126);

test(`${CLICKS} clicks at random on the designer raise no error and leave everything saved`, async ({
  page,
}) => {
  const wrong: string[] = [];
  page.on('pageerror', (error) => wrong.push(error.message));
  page.on('console', (message) => {
    if (message.type() === 'error') wrong.push(message.text());
  });
  const id = await makeSession(page, 'mirelle-vandoorn', 'Clicked at random', 'mirelle-push-a');
  await openSession(page, id);
  const pressed = await page.evaluate(
    async ([clicks, seed]) => {
      let state = seed!;
      const chance = (): number => {
        state = (state * 1664525 + 1013904223) % 4294967296;
        return state / 4294967296;
      };
      const frame = (): Promise<number> => new Promise((done) => requestAnimationFrame(done));
      const seen = new Set<string>();
      for (let i = 0; i < clicks!; i++) {
        const open = document.querySelector(
          '[role="dialog"], [role="alertdialog"], [role="menu"], [role="listbox"]',
        );
        const all = [
          ...(open ?? document).querySelectorAll<HTMLElement>(
            'button:not([disabled]), [role="option"], [role="menuitem"], [role="tab"], input[type="checkbox"]',
          ),
        ].filter((e) => e.checkVisibility() && !e.closest('header nav') && e.tagName !== 'A');
        const name = (e: HTMLElement): string => e.getAttribute('aria-label') ?? e.textContent;
        // Every other click is on something new where there is something new.
        const unseen = all.filter((e) => !seen.has(name(e)));
        const fresh = chance() < 0.5 ? unseen : [];
        const from = fresh.length > 0 ? fresh : all;
        const one = from[Math.floor(chance() * from.length)];
        // Out of what is open sooner or later, and sooner where it has nothing new.
        if (!one || (open && chance() < (unseen.length > 0 ? 0.15 : 0.5))) {
          (document.activeElement ?? document.body).dispatchEvent(
            new KeyboardEvent('keydown', { key: 'Escape', bubbles: true }),
          );
          document.dispatchEvent(new KeyboardEvent('keydown', { key: 'Escape', bubbles: true }));
        } else {
          seen.add(name(one));
          one.click();
        }
        await frame();
      }
      return seen.size;
    },
    [CLICKS, SEED] as const,
  );
  expect(pressed).toBeGreaterThan(20);
  expect(wrong).toEqual([]);
  await page.goto(`/sessions/${id}`);
  await expect(page.getByLabel('Title of the session')).toBeVisible();
  await saved(page);
});
