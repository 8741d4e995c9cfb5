import { schools } from '../schools';
import { byName, afterLogging, loggedDays, randomCases, soundCase } from '../testing/cases';
import { expectPinned } from '../testing/pinned';
import { groupIds } from '../anatomy';
import { bandOf, DIRECT, isHard } from './dose';
import { loggedGroups } from './logged';
import { doseValue, effortWorth, nextSetWorth } from './value';

test('doses, bands and values are what they were', () => {
  expectPinned(import.meta.dirname, 'dose', {
    direct: DIRECT,
    hard: [0, 2, 3, 4, 5].map((reserve) => [
      reserve,
      isHard(reserve, 3),
      isHard(reserve, 4),
      effortWorth(reserve),
    ]),
    values: [0, 1, 3, 6, 10, 20].map((sets) => [
      doseValue(sets, 4),
      nextSetWorth(sets, 4),
      doseValue(sets, 8),
    ]),
    bands: Object.values(schools).map((school) =>
      groupIds.map((group) => [bandOf(school, group, 'chest', 1), bandOf(school, group, null, 0.6)]),
    ),
    ...byName([soundCase, ...randomCases(10)], (one, { dose }) => [
      dose,
      loggedGroups(
        afterLogging(one, loggedDays(one, 5)).context.logged,
        '2026-11-01',
        '2026-11-24',
        schools.evidence,
      ),
    ]),
  });
});
