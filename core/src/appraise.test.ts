import fc from 'fast-check';
import { appraise } from './appraise';
import { entries } from './movements/catalogue';
import { line, sampleContext, session, soundPush } from './testing/samples';

test('the same session and context give the same appraisal, and neither is touched', () => {
  const before = JSON.stringify([soundPush, sampleContext]);
  expect(JSON.stringify(appraise(soundPush, sampleContext))).toBe(
    JSON.stringify(appraise(soundPush, sampleContext)),
  );
  expect(JSON.stringify([soundPush, sampleContext])).toBe(before);
});

test('any entry of the catalogue, at any bench, can be appraised', () => {
  fc.assert(
    fc.property(
      fc.uniqueArray(fc.constantFrom(...entries.map((e) => e.id)), { minLength: 1, maxLength: 6 }),
      fc.integer({ min: -20, max: 90 }),
      (ids, benchDeg) => {
        const lines = ids.map((id) => line(id, {}, { benchDeg }));
        const { totals, timeline, lines: measured } = appraise(session(lines), sampleContext);
        expect(Number.isFinite(totals.minutes)).toBe(true);
        expect(measured).toHaveLength(ids.length);
        const shared = measured.reduce((t, m) => t + m.seconds, 0);
        expect(shared).toBeCloseTo(timeline.totalS, 6);
      },
    ),
    { numRuns: 120 },
  );
});
