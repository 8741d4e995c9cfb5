import { counted, setsOf, sync, untilLogged, untilSet } from '../floor';
import { expect, startHouse, test } from '../house';

const session = 'bram-push';
test.use({ viewport: { width: 360, height: 740 }, timezoneId: 'Europe/Berlin' });

test('over midnight, on the next day and in another time zone a session is one, of the day it began on', async ({
  browser,
}) => {
  const house = await startHouse();
  try {
    const context = await browser.newContext({
      baseURL: house.address,
      viewport: { width: 360, height: 740 },
      timezoneId: 'Europe/Berlin',
    });
    const page = await context.newPage();
    const day = new Date();
    const evening = new Date(day.getFullYear(), day.getMonth(), day.getDate() - 1, 22, 50);
    await page.clock.install({ time: evening });
    await page.goto(`/floor/${session}`);
    await untilLogged(page, 1);
    const began = (await setsOf(page, session))[0]!.doneOn;
    await page.clock.fastForward('02:30:00');
    await untilLogged(page, 2);
    await expect(sync(page)).toHaveText('All sent');

    // The day after: no rest clock of yesterday, and the third set belongs to the same session.
    await page.clock.fastForward('20:00:00');
    await page.reload();
    await expect(counted(page)).toHaveText(/^2 of/);
    await expect(page.getByRole('heading', { name: 'Rest' })).toHaveCount(0);
    await untilLogged(page, 3);
    await expect(sync(page)).toHaveText('All sent');
    expect((await setsOf(page, session)).map((s) => s.doneOn)).toEqual([began, began, began]);

    // Somewhere else it is another day by now.
    const abroad = await browser.newContext({
      baseURL: house.address,
      viewport: { width: 360, height: 740 },
      timezoneId: 'Pacific/Kiritimati',
    });
    const far = await abroad.newPage();
    await far.goto(`/floor/${session}`);
    await untilLogged(far, 4);
    await expect(sync(far)).toHaveText('All sent');
    const sets = await setsOf(page, session);
    expect(new Set(sets.map((s) => s.doneOn))).toEqual(new Set([began]));

    // Minutes are those that were trained, and the end asks about the rest.
    await page.clock.runFor(5000);
    await untilSet(page);
    await page.getByRole('button', { name: 'More' }).click();
    await page.getByRole('menuitem', { name: 'Finish now' }).click();
    await expect(page.getByRole('button', { name: 'Finish the session' })).toBeDisabled();
    const minutes = page.getByRole('textbox', { name: 'Minutes you trained' });
    expect(Number(await minutes.inputValue())).toBeLessThan(40);
    await page.getByRole('radio', { name: 'They come later' }).check({ force: true });
    await page.getByRole('button', { name: 'Back to the session' }).click();
    await page.getByRole('button', { name: 'More' }).click();
    await page.getByRole('menuitem', { name: 'Finish now' }).click();
    await page.getByRole('radio', { name: 'They are left out' }).check({ force: true });
    await page.getByRole('button', { name: 'Finish the session' }).click();
    await expect(page.getByRole('heading', { name: /Done/ })).toBeVisible();
    await expect(sync(page)).toHaveText('All sent');
    const stored = (await (await page.request.get(`/api/sessions/${session}`)).json()).document;
    expect([stored.status, stored.date]).toEqual(['finished', began]);

    // Opened again it says that it is finished and what was done; changing it is a choice.
    await page.reload();
    await expect(page.getByRole('heading', { name: /is finished$/ })).toBeVisible();
    await expect(page.getByRole('list', { name: 'What was done' })).toContainText('not done');
    await expect(page.getByRole('button', { name: 'Set done' })).toHaveCount(0);
    await page.getByRole('button', { name: 'Put something right' }).click();
    await expect(page.getByRole('note')).toContainText('changes what was done');
  } finally {
    await house.stop();
  }
});
