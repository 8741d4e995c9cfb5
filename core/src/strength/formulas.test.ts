import fc from 'fast-check';
import {
  estimatedMax,
  estimateError,
  formulaIds,
  maxOverLoad,
  repsAtLoad,
  type FormulaChoice,
} from './formulas';

/** Computed by hand from the published formulas named in formulas.ts, 100 kg for ten at failure. */
test.each([
  ['epley', 133.33],
  ['brzycki', 133.33],
  ['lombardi', 125.89],
  ['mayhew', 130.93],
  ['wathan', 134.75],
  ['oconner', 125.0],
  ['lander', 134.07],
] as const)('100 kg × 10 by %s is %p', (formula, max) => {
  expect(estimatedMax(100, 10, 0, formula)).toBeCloseTo(max, 1);
});

test('a true single is the max itself, whatever the formula', () => {
  for (const choice of ['median', ...formulaIds] as FormulaChoice[])
    expect(estimatedMax(100, 1, 0, choice)).toBe(100);
});

/** Training load chart, Essentials of Strength Training and Conditioning, 4th ed. 2016 (from memory). */
const chart: [number, number][] = [
  [2, 95],
  [3, 93],
  [4, 90],
  [5, 87],
  [6, 85],
  [7, 83],
  [8, 80],
  [9, 77],
  [10, 75],
];
test.each(chart)('%p reps sit within 3 points of %p %% of max', (reps, percent) => {
  expect(Math.abs(100 / maxOverLoad(reps) - percent)).toBeLessThanOrEqual(3);
});

test('more repetitions always mean a higher max, fractions included', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0, max: 35.5, noNaN: true }),
      fc.double({ min: 0.01, max: 0.5, noNaN: true }),
      (r, more) => {
        expect(maxOverLoad(r + more)).toBeGreaterThan(maxOverLoad(r));
      },
    ),
  );
});

test('reps at a load undo the max from a set', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 1, max: 30, noNaN: true }),
      fc.double({ min: 10, max: 200, noNaN: true }),
      (reps, load) => {
        expect(repsAtLoad(estimatedMax(load, reps, 0), load)).toBeCloseTo(reps, 3);
      },
    ),
  );
});

/** The median hands over from seven formulas to four and to two without a step: 22 kg must not "leave 5.3 instead of 3". */
test('the cost of a repetition is between half and twice that of the one beside it', () => {
  const costs = Array.from({ length: 35 }, (_, i) => maxOverLoad(i + 2) - maxOverLoad(i + 1));
  costs.forEach((cost, i) => {
    expect(cost).toBeGreaterThan(0);
    if (i === 0) return;
    expect(cost / costs[i - 1]!).toBeGreaterThan(0.5);
    expect(cost / costs[i - 1]!).toBeLessThan(2);
  });
});

test('a little more weight never costs many repetitions at once', () => {
  for (let load = 65; load < 100; load += 0.1)
    expect(repsAtLoad(100, load) - repsAtLoad(100, load + 0.1)).toBeLessThan(0.12);
});

test('what cannot be said is not said', () => {
  expect(() => maxOverLoad(37)).toThrow(/36/);
  expect(repsAtLoad(100, 140)).toBe(0);
  expect(repsAtLoad(100, 0)).toBe(36);
});

test('the error grows with the repetitions (common practice: 3, 5, 10, 15 %)', () => {
  expect([5, 10, 15, 25].map(estimateError)).toEqual([0.03, 0.05, 0.1, 0.15]);
});
