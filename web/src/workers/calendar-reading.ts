import { type CalendarRead, readCalendar } from '@drimbo/core/formats';
import { expose } from 'comlink';

const calendars = {
  /** Throws what the reader throws; its message is for people. */
  read: (text: string, from: string, to: string): CalendarRead => readCalendar(text, from, to),
};

export type Calendars = typeof calendars;
expose(calendars);
