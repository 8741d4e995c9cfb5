import { entries, fullRig } from '../movements';
import { afterLogging, loggedDays, randomCases, soundCase } from '../testing/cases';
import { expectPinned, expectPinnedMany } from '../testing/pinned';
import { clientMax, clientReadings, clientSlope, clientTrend } from '../measure';
import {
  estimatedMax,
  estimateError,
  estimateWords,
  formulaIds,
  isRough,
  maxOverLoad,
  repsAtLoad,
} from './formulas';
import { ahead, levelSlope, smoothed } from './level-slope';
import { paceOf } from './pace';
import { familyShare, movedShare, neighbours, ratioAt, rigFactor, settingsApart } from './ratios';

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
            rigFactor(movement, full, 0.62, {} as never),
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
            clientReadings(e.movement, e.rig, context).length,
            clientSlope(e.movement, e.rig, context),
            clientTrend(e.movement, e.rig, context).slice(-2),
          ],
        ]),
      ),
    ),
  );
  const readings = [0, 7, 14, 28, 35].map((day, i) => ({
    week: day / 7,
    date: `2026-10-${String(day + 1).padStart(2, '0')}`,
    level: Math.log(100 + 2 * i + (i % 2)),
    variance: 0.0004 * (1 + (i % 3)),
    kg: 100 + 2 * i,
    spread: 0.03,
  }));
  const slope = levelSlope(readings as never, { slope: 0.005, spread: 0.005 });
  expectPinned(import.meta.dirname, 'slopes', {
    slope,
    smoothed: smoothed(readings as never, { slope: 0.005, spread: 0.005 }),
    ahead: slope && [1, 4, 12].map((weeks) => ahead(slope, weeks)),
  });
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
        return [max, clientSlope(e.movement, e.rig, context)];
      }),
  );
});
