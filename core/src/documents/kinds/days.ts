import { nearestDay } from '../../units';
import { isRaw } from '../opening';

/** A record with a date that is a day of the calendar; one that is none becomes the nearest. */
export const dayOf = (record: unknown): unknown =>
  isRaw(record) && typeof record.date === 'string'
    ? { ...record, date: nearestDay(record.date) ?? record.date }
    : record;
