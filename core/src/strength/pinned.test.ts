import { entries, fullRig } from '../movements';
import { afterLogging, loggedDays, randomCases, soundCase } from '../testing/cases';
import { expectPinned, expectPinnedMany } from '../testing/pinned';
import { clientGrowth, clientMax, clientStanding, clientTrend } from '../measure';
import {
  estimatedMax,
  estimateError,
  estimateWords,
  formulaIds,
  isRough,
  maxOverLoad,
  repsAtLoad,
} from './formulas';
import { paceOf } from './pace';
import { familyShare, inBench, movedShare, neighbours, ratioAt, settingsApart } from './ratios';

test('formulas, their errors and words are what they were', () => {
  const reps = [1, 2, 3, 5, 8, 10, 12, 15, 20, 30];
  expectPinned(import.meta.dirname, 'formulas', {
    ...Object.fromEntries(
      (['median', ...formulaIds] as const).map((id) => [
        id,
        reps.map((n) => [maxOverLoad(n, id), estimatedMax(80, n, 1, id), repsAtLoad(100, 100 - 3 * n, id)]),
      ]),
    ),
    errors: reps.map((n) => [estimateError(n), estimateWords(n), isRough(n)]),
    paces: [1, 2, 4, 6, 10, 20].map(paceOf),
  });
});

test('ratios between lifts and settings are what they were', () => {
  expectPinned(
    import.meta.dirname,
    'ratios',
    Object.fromEntries(
      entries.map((e) => {
        const { movement } = e;
        const full = fullRig(movement, e.rig);
        return [
          e.id,
          [
            movedShare(movement, e.rig),
            ratioAt(movement, full),
            familyShare(movement),
            inBench(movement, full),
            settingsApart(movement, e.rig),
            neighbours(movement, full),
          ],
        ];
      }),
    ),
  );
});

test('maxes, readings and trends of clients are what they were', () => {
  const cases = [soundCase, ...randomCases(6)].map((one) => afterLogging(one, loggedDays(one, 7)));
  const asked = entries.filter((_, i) => i % 5 === 0);
  expectPinned(
    import.meta.dirname,
    'maxes',
    Object.fromEntries(
      cases.flatMap(({ name, context }) =>
        asked.map((e) => [
          `${name} ${e.id}`,
          [
            clientMax(e.movement, e.rig, context),
            clientStanding(e.movement, e.rig, context),
            clientGrowth(e.movement, e.rig, context),
            clientTrend(e.movement, e.rig, context).slice(-2),
          ],
        ]),
      ),
    ),
  );
});

test('maxes of every name for many clients are what they were', () => {
  const cases = randomCases(24).map((one, i) => (i % 2 ? one : afterLogging(one, loggedDays(one, 5))));
  expectPinnedMany(
    [import.meta.dirname, 'many'],
    cases,
    ({ name }) => name,
    ({ context }) =>
      entries.map((e) => {
        const { note: _note, ...max } = clientMax(e.movement, e.rig, context) as { note?: unknown };
        return [max, clientGrowth(e.movement, e.rig, context)];
      }),
  );
});
