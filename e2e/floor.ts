import { expect, type Page } from '@playwright/test';

export interface Logged {
  id: string;
  lineId: string;
  setIndex: number;
  loadKg: number;
  reps: number;
  reserve: number | null;
  kind: string;
  doneOn: string;
}

/** What the server has of a session. */
export const setsOf = async (page: Page, session: string): Promise<Logged[]> =>
  (await page.request.get(`/api/sets?session=${session}&size=500`)).json();

export const counted = (page: Page) => page.getByText(/^\d+ of \d+ sets$/);
export const sync = (page: Page) => page.getByTestId('sync');

/** One step further: a tick, a rest cut short, or a set that went to plan. */
export async function oneStep(page: Page): Promise<void> {
  const log = page.getByRole('button', { name: /^Log \d/ });
  const press = page.getByRole('button', { name: /^(Go on now|Next set|Set done|Done)$/ });
  await expect(press.or(log).first()).toBeVisible();
  const words = await press.or(log).first().textContent();
  await press.or(log).first().click();
  if (words === 'Set done') {
    const before = (await counted(page).textContent())!;
    await log.click();
    await expect(counted(page)).not.toHaveText(before);
  }
}

/** Goes on until so many sets are logged. */
export async function untilLogged(page: Page, sets: number): Promise<void> {
  await expect(counted(page)).toBeVisible();
  while (!(await counted(page).textContent())!.startsWith(`${sets} `)) await oneStep(page);
}

/** Goes on until the next set can be said to be done. */
export async function untilSet(page: Page): Promise<void> {
  const set = page.getByRole('button', { name: 'Set done' });
  const other = page.getByRole('button', { name: /^(Go on now|Next set|Done)$/ });
  for (;;) {
    await expect(set.or(other).first()).toBeVisible();
    if (await set.isVisible()) return;
    await other.first().click();
    await page.waitForTimeout(60);
  }
}
