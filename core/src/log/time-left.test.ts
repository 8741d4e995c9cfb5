import fc from 'fast-check';
import { sampleContext, soundPush } from '../examples';
import { measure } from '../measure';
import { applyEdit } from '../session';
import { atOneGo } from '../units';
import { floorSteps, minutesOfSteps } from './floor';
import { fittingRest, minutesLeft, type SoFar } from './time-left';

const measured = measure(soundPush, sampleContext);
const steps = floorSteps(measured);
/** Everything up to a step is done. */
const after = (n: number): SoFar => ({
  ticked: steps.slice(0, n).flatMap((s) => (s.is === 'set' ? [] : [s.id])),
  sets: steps
    .slice(0, n)
    .flatMap((s) => (s.is === 'set' ? [{ lineId: s.line.id, setIndex: s.setIndex }] : [])),
});

test('the steps of a session take together what its clock says', () => {
  expect(minutesOfSteps(steps, () => true)).toBeCloseTo(measured.timeline.totalS / 60, 1);
  expect(minutesLeft(measured, after(0))).toBeCloseTo(measured.timeline.totalS / 60, 1);
  expect(minutesLeft(measured, after(steps.length))).toBe(0);
});

test('every step done leaves less', () => {
  const left = steps.map((_, n) => minutesLeft(measured, after(n)));
  for (let n = 1; n < left.length; n += 1) expect(left[n]).toBeLessThan(left[n - 1]!);
});

test('where there is time enough nothing changes', () => {
  expect(atOneGo(fittingRest(soundPush, sampleContext, after(4), 200))).toBe(null);
});

test('whatever is done, what was done stays, and what is left fits or is as short as it goes', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: steps.length - 1 }),
      fc.integer({ min: 6, max: 30 }),
      (n, minutes) => {
        const soFar = after(n);
        const fitted = atOneGo(fittingRest(soundPush, sampleContext, soFar, minutes));
        const before = minutesLeft(measured, soFar);
        if (!fitted) {
          // Either there was time enough, or nothing is left that may be cut.
          expect(before <= minutes || n > steps.length - 4).toBe(true);
          return;
        }
        const then = measure(applyEdit(soundPush, fitted.edit), sampleContext);
        expect(minutesLeft(then, soFar)).toBeCloseTo(fitted.minutes, 6);
        expect(fitted.minutes).toBeLessThan(before);
        expect(fitted.fits).toBe(fitted.minutes <= minutes);
        const lines = new Map(then.lines.map((m) => [m.id, m]));
        for (const { lineId, setIndex } of soFar.sets) {
          const was = measured.lines.find((m) => m.id === lineId)!;
          expect(lines.get(lineId)!.movement).toBe(was.movement);
          expect(setIndex).toBeLessThan(lines.get(lineId)!.sets.length);
        }
      },
    ),
    { numRuns: 12 },
  );
});
