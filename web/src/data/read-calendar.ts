import type { CalendarRead } from '@drimbo/core/formats';
import { wrap } from 'comlink';
import type { Calendars } from '../workers/calendar-reading';

/** Longer nobody waits for a calendar, milliseconds. */
const MOST_MS = 15_000;

/**
 * Reads a calendar file in a worker of its own, which ends with it. Rejects with a sentence for what is no calendar, and
 * where it takes too long.
 */
export async function readCalendarFile(file: Blob, from: string, to: string): Promise<CalendarRead> {
  const worker = new Worker(new URL('../workers/calendar-reading.ts', import.meta.url), { type: 'module' });
  let timer: ReturnType<typeof setTimeout> | undefined;
  const late = new Promise<never>((_, refuse) => {
    timer = setTimeout(
      () => refuse(new Error('This file takes too long to read. Save a shorter span of the calendar.')),
      MOST_MS,
    );
    worker.onerror = (event) =>
      refuse(new Error(event.message || 'The reader could not start. Reload the page.'));
  });
  try {
    return await Promise.race([wrap<Calendars>(worker).read(await file.text(), from, to), late]);
  } finally {
    clearTimeout(timer);
    worker.terminate();
  }
}
