import fc from 'fast-check';
import { appraiseAtOnce } from './appraise';
import { entries } from './movements';
import { makeSheet } from './formats';
import { anyContext, anySession } from './testing/any';
import { line, sampleContext, session, soundPush } from './examples';

test('the same session and context give the same appraisal, and neither is touched', () => {
  const before = JSON.stringify([soundPush, sampleContext]);
  expect(JSON.stringify(appraiseAtOnce(soundPush, sampleContext))).toBe(
    JSON.stringify(appraiseAtOnce(soundPush, sampleContext)),
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
        const { totals, timeline, lines: measured } = appraiseAtOnce(session(lines), sampleContext);
        expect(Number.isFinite(totals.minutes)).toBe(true);
        expect(measured).toHaveLength(ids.length);
        const shared = measured.reduce((t, m) => t + m.seconds, 0);
        expect(shared).toBeCloseTo(timeline.totalS, 6);
      },
    ),
    { numRuns: 60 },
  );
});

/** Everything in a value that is no number, with the way to it. */
function notNumbers(value: unknown, way = ''): string[] {
  if (typeof value === 'number') return Number.isFinite(value) ? [] : [`${way}: ${value}`];
  if (value === null || typeof value !== 'object') return [];
  return Object.entries(value).flatMap(([k, v]) => notNumbers(v, `${way}.${k}`));
}

test('whatever session for whomever in whatever gym, every figure is a figure and the words are whole', () => {
  fc.assert(
    fc.property(anySession, anyContext, (s, context) => {
      const appraisal = appraiseAtOnce(s, context);
      expect(notNumbers({ ...appraisal, lines: appraisal.lines.map(({ movement: _, ...m }) => m) })).toEqual(
        [],
      );
      const sheet = JSON.stringify(makeSheet(s, appraisal, context));
      expect(sheet).not.toMatch(/NaN|undefined|Infinity|null kg|null lb/);
    }),
    { numRuns: 60 },
  );
});
