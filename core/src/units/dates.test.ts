import { parseDate } from '@internationalized/date';
import fc from 'fast-check';
import { dayAfter, daysAfter, daysBetween, FIRST_DAY, isDay, nearestDay, weekdayOf } from './dates';

test('a day is one of the calendar, from 1950 on', () => {
  for (const day of ['1950-01-01', '2024-02-29', '2026-11-24', '2000-02-29']) expect(isDay(day)).toBe(true);
  for (const none of [
    '1949-12-31',
    '2026-02-29',
    '1900-02-29',
    '2026-99-99',
    '2026-00-10',
    '2026-04-31',
    '2026-1-1',
    '20261124',
    '',
    '2026-11-24T00:00',
  ])
    expect(isDay(none)).toBe(false);
});

test('the nearest day to any three figures is a day, and a day is its own', () => {
  const figures = fc.tuple(
    fc.integer({ min: 1000, max: 2999 }),
    fc.integer({ min: 0, max: 99 }),
    fc.integer({ min: 0, max: 99 }),
  );
  fc.assert(
    fc.property(figures, ([y, m, d]) => {
      const day = nearestDay(`${y}-${m}-${d}`)!;
      expect(isDay(day)).toBe(true);
      expect(nearestDay(day)).toBe(day);
    }),
  );
  expect(nearestDay('last fall')).toBe(null);
});

test('so many days later, over months and leap years', () => {
  expect([daysAfter('2024-02-28', 1), daysAfter('2026-12-30', 3), daysAfter('2026-03-01', -1)]).toEqual([
    '2024-02-29',
    '2027-01-02',
    '2026-02-28',
  ]);
});

test('days later, between and of the week, as a package for dates has them', () => {
  const first = parseDate(FIRST_DAY);
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: 60_000 }),
      fc.integer({ min: -20_000, max: 20_000 }),
      (from, days) => {
        const day = first.add({ days: from });
        const other = day.add({ days });
        expect(daysAfter(day.toString(), days)).toBe(other.toString());
        expect(daysBetween(day.toString(), other.toString())).toBe(other.compare(day));
        expect(weekdayOf(day.toString())).toBe((day.toDate('UTC').getUTCDay() + 6) % 7);
      },
    ),
  );
  expect(daysBetween('2026-02-31', '2026-03-01')).toBeNaN();
  expect(() => daysAfter('2026-02-31', 1)).toThrow(RangeError);
});

test('a day too far ahead is found wherever it stands', () => {
  const client = {
    health: { askedOn: '2026-01-01' },
    tests: [{ date: '2026-02-01' }, { date: '2031-01-01' }],
  };
  expect(dayAfter('2027-11-24', client)).toBe('tests.1.date');
  expect(dayAfter('2031-01-01', client)).toBe(null);
  expect(dayAfter('2026-11-24', { note: '2099-01-01', date: null })).toBe(null);
});
