import { expectPinned } from '../testing/pinned';
import { dayAfter, daysAfter, daysBetween, isDay, nearestDay, weekdayOf } from './dates';
import { evenly } from './evenly';
import {
  fromKg,
  lbFromKg,
  markedUnit,
  markText,
  massFigure,
  massRange,
  massText,
  readMass,
  roughMass,
  toKg,
} from './mass';
import { clamp, inFives, interpolate, median, roundTo, sum } from './numbers';
import { clockText, dayWords, durationWords, parseDuration } from './time';
import { degrees, listed, withArticle } from './words';

test('units, days, times and words are what they were', () => {
  const kgs = [0, 0.45, 1.25, 2.27, 20, 45.36, 61.235, 102.5, 220.5];
  const seconds = [0, 5, 59, 60, 61, 90, 119, 150, 599, 3599, 3600, 5400, 7325];
  const days = [
    '2026-02-29',
    '2024-02-29',
    '2026-12-31',
    '2026-13-01',
    '2026-00-10',
    '2026-1-1',
    '1899-01-01',
    'x',
    '2026-04-31',
  ];
  const durations = ['90', '90s', '2 min', '1:30', '2m 30', '1.5 min', '0', '-5', 'x', '1h', '2:5', '75 sec'];
  const masses = ['80', '80 kg', '175lb', '80,5', '2.5kg', 'x', '-3', '45 lbs', '1e3'];
  const even = evenly(3);
  expectPinned(import.meta.dirname, 'units', {
    mass: kgs.flatMap((kg) =>
      (['kg', 'lb'] as const).map((unit) => [
        fromKg(kg, unit),
        toKg(kg, unit),
        massFigure(kg, unit),
        massText(kg, unit),
        roughMass(kg, unit),
        massRange(kg, kg + 4, unit),
        markedUnit(kg, unit),
        markText(kg, unit),
        lbFromKg(kg),
      ]),
    ),
    seconds: seconds.map((s) => [clockText(s), durationWords(s)]),
    days: days.map((d) => [isDay(d), nearestDay(d)]),
    reckoned: [-400, -1, 0, 1, 31, 366].map((n) => [
      daysAfter('2026-03-01', n),
      daysBetween('2026-03-01', daysAfter('2026-03-01', n)),
      weekdayOf(daysAfter('2026-03-01', n)),
      dayWords(daysAfter('2026-03-01', n)),
    ]),
    after: [
      dayAfter('2026-01-01', { a: ['2026-01-01', { b: '2026-01-02' }] }),
      dayAfter('2026-01-01', ['2025-01-01']),
    ],
    durations: durations.map((text) => [text, parseDuration(text)]),
    masses: masses.flatMap((text) => [readMass(text, 'kg'), readMass(text, 'lb')]),
    numbers: [
      [-1, 0.5, 3].map((v) => clamp(v, 0, 2)),
      sum([1, 2, 3.5]),
      median([3, 1, 2]),
      median([4, 1, 2, 3]),
      median([5]),
      [0.12, 0.5, 0.975, 1].map(inFives),
      [1.24, 1.25, -0.6].map((v) => roundTo(v, 0.5)),
      [-1, 0, 1, 2.5, 4, 9].map((at) =>
        interpolate(
          [
            { at: 0, value: 10 },
            { at: 2, value: 20 },
            { at: 4, value: 0 },
          ],
          at,
        ),
      ),
      [even(), even(), even()],
    ],
    words: [
      withArticle('arm'),
      withArticle('press'),
      withArticle('hour'),
      degrees(30),
      degrees(-12.4),
      listed([]),
      listed(['a']),
      listed(['a', 'b']),
      listed(['a', 'b', 'c']),
    ],
  });
});
