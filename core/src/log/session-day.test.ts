import { isResting, minutesTrained, sessionDay } from './session-day';

const hour = 3600_000;
const min = 60_000;
const begun = { atMs: 100 * hour, on: '2026-11-30' };

test('a session belongs to the day of its first set, whatever the clock says', () => {
  const sets = [{ doneOn: '2026-11-30' }, { doneOn: '2026-11-29' }];
  expect(sessionDay(sets, begun, 200 * hour, '2026-12-04')).toBe('2026-11-29');
});

test('before the first set it is the day it was begun on, for six hours; else today', () => {
  expect(sessionDay([], null, 0, '2026-12-01')).toBe('2026-12-01');
  expect(sessionDay([], begun, 101 * hour, '2026-12-01')).toBe('2026-11-30');
  expect(sessionDay([], begun, 106 * hour - 1, '2026-12-01')).toBe('2026-11-30');
  expect(sessionDay([], begun, 106 * hour, '2026-12-01')).toBe('2026-12-01');
});

test('minutes are those from one thing to the next, without the night between, and what the first took', () => {
  expect(minutesTrained([], 120)).toBe(0);
  // 2 min of the first thing, 5 and 10 min to the next ones.
  expect(minutesTrained([0, 5 * min, 15 * min], 120)).toBe(17);
  // A pause of 20 min counts, a longer one does not: 2 + 20 + 3.
  expect(minutesTrained([0, 20 * min, 20 * min + 12 * hour, 23 * min + 12 * hour], 120)).toBe(25);
  expect(minutesTrained([0, 20 * min + 1], 60)).toBe(1);
  expect(minutesTrained([15 * min, 0, 5 * min], 120)).toBe(17);
});

test('a rest is watched until a quarter of an hour after it is over', () => {
  expect(isResting(null, 120, 0)).toBe(false);
  expect(isResting(0, 0, 1)).toBe(false);
  expect(isResting(0, 120, 119_000)).toBe(true);
  expect(isResting(0, 120, 120_000 + 15 * min - 1)).toBe(true);
  expect(isResting(0, 120, 120_000 + 15 * min)).toBe(false);
  // The clock of the device was put back.
  expect(isResting(5000, 120, 4000)).toBe(false);
});
