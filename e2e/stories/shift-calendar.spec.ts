import { readFileSync } from 'node:fs';
import ical from 'node-ical';
import { expect, test, type Page } from '../house';
import { expectAxeClean } from '../axe';
import { saved } from '../desk';

const plus = (days: number): string => {
  const d = new Date();
  return new Date(Date.UTC(d.getFullYear(), d.getMonth(), d.getDate() + days)).toISOString().slice(0, 10);
};
const stampOf = (day: string, time: string): string => `${day.replaceAll('-', '')}T${time}`;

/** A fortnight of shifts as a ward's calendar writes them: two early ones, three nights, a course of a whole day. */
function shifts(): string {
  const event = (title: string, from: string, to: string, n: number): string =>
    [
      'BEGIN:VEVENT',
      `UID:${title}-${n}@ward.invalid`,
      `DTSTART:${from}`,
      `DTEND:${to}`,
      `SUMMARY:${title}`,
      'END:VEVENT',
    ].join('\r\n');
  return [
    'BEGIN:VCALENDAR',
    'VERSION:2.0',
    'PRODID:-//Ward 4//EN',
    event('Early', stampOf(plus(1), '060000'), stampOf(plus(1), '140000'), 1),
    event('Night', stampOf(plus(3), '210000'), stampOf(plus(4), '070000'), 2),
    event('Night', stampOf(plus(8), '210000'), stampOf(plus(9), '070000'), 3),
    event('Night', stampOf(plus(9), '210000'), stampOf(plus(10), '070000'), 4),
    'END:VCALENDAR',
    '',
  ].join('\r\n');
}

async function give(page: Page, name: string, text: string): Promise<void> {
  const chosen = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Read a calendar file' }).click();
  await (await chosen).setFiles({ name, mimeType: 'text/calendar', buffer: Buffer.from(text) });
}

const plannedOn = (page: Page, day: string) => page.locator(`[data-date="${day}"] button`);

test('a nurse’s fortnight is planned round her shifts, read from her calendar', async ({ page }) => {
  await page.goto('/blocks/odalys-shifts');
  await page.getByRole('button', { name: 'Calendar…' }).click();
  const dialog = page.getByRole('dialog', { name: 'Calendar' });
  await give(page, 'notes.ics', 'not a calendar');
  await expect(dialog.getByRole('alert')).toContainText('BEGIN:VCALENDAR');
  await give(page, 'rota.ics', shifts());
  // Early shifts leave the evening free: only nights are days away.
  await dialog.getByRole('checkbox', { name: /^Early: 1 day/ }).click({ force: true });
  await expect(dialog.getByRole('checkbox', { name: /^Night: 5 days/ })).toBeChecked();
  const told = dialog.getByRole('list', { name: 'What changes' });
  await expect(told.getByRole('listitem').first()).toBeVisible();
  await expectAxeClean(page, '[role="dialog"]');
  await dialog.getByRole('button', { name: 'Keep' }).click();
  for (const away of [3, 4, 8, 9, 10]) await expect(plannedOn(page, plus(away))).toHaveCount(0);
  await saved(page);

  // The days go out as a calendar file that another parser reads: the same days, whole, none on a night.
  await page.getByRole('button', { name: 'Calendar…' }).click();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as a calendar file' }).click();
  const path = await (await download).path();
  const events = Object.values(ical.sync.parseICS(readFileSync(path, 'utf8'))).flatMap((e) =>
    e?.type === 'VEVENT' ? [e] : [],
  );
  expect(events.length).toBeGreaterThan(30);
  const days = events.map(
    (e) =>
      `${e.start.getFullYear()}-${`${e.start.getMonth() + 1}`.padStart(2, '0')}-${`${e.start.getDate()}`.padStart(2, '0')}`,
  );
  for (const away of [3, 4, 8, 9, 10]) expect(days).not.toContain(plus(away));
  expect(events.some((e) => JSON.stringify(e.description).includes('Incline dumbbell press'))).toBe(true);

  // Read back with a day put elsewhere, it moves that day.
  const text = readFileSync(path, 'utf8');
  const [first] = events
    .filter((e) => e.start.getTime() > Date.now())
    .sort((a, b) => a.start.getTime() - b.start.getTime());
  const was = days[events.indexOf(first!)]!;
  const to = plus(40);
  const moved = text
    .split('BEGIN:VEVENT')
    .map((part) =>
      part.includes(first!.uid)
        ? part.replace(/DTSTART;VALUE=DATE:\d+/, `DTSTART;VALUE=DATE:${to.replaceAll('-', '')}`)
        : part,
    )
    .join('BEGIN:VEVENT');
  await give(page, 'moved.ics', moved);
  await expect(page.getByRole('dialog')).toContainText('1 day put elsewhere');
  await page.getByRole('button', { name: 'Move the days' }).click();
  await expect(plannedOn(page, to)).toHaveCount(1);
  await page.getByRole('button', { name: /^Undo days moved in a calendar/ }).click();
  await expect(plannedOn(page, was)).toHaveCount(1);
});
