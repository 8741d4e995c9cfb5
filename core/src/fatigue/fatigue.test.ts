import type { Credits } from '../anatomy';
import {
  fitFatigue,
  misfit,
  pressAfterTriceps,
  ranges,
  repsOver,
  startingTable,
  wantedReps,
} from '../testing/fatigue-fit';
import { fatigueTable } from './calibrated';
import { runFatigue } from './stores';

const chest: Credits = { pecMiddle: 1 };

/** Common practice; two stores and one curve of reps miss the third set at a minute's rest by nine tenths of a repetition. */
test.each(wantedReps)('three sets to failure at $restS s of rest', ({ restS, reps }) => {
  repsOver(restS, 0).forEach((r, i) => expect(Math.abs(r - reps[i]!)).toBeLessThan(0.95));
});

test('the constants in use are the ones the fit ends at, and no single step betters them', () => {
  expect(fitFatigue(startingTable)).toEqual(fatigueTable);
  const least = misfit(fatigueTable);
  expect(least).toBeLessThan(misfit(startingTable));
  for (const { key, least: low, most: high, step } of ranges)
    for (const way of [-1, 1]) {
      const value = fatigueTable[key] + way * step;
      if (value >= low && value <= high)
        expect(misfit({ ...fatigueTable, [key]: value })).toBeGreaterThan(least - 1e-9);
    }
});

/** Direction: Refalo et al. 2024, J Sports Sci 42:85-101 (from memory). */
test('two in reserve lose about a rep at most, failure loses more', () => {
  const easy = repsOver(120, 2);
  const hard = repsOver(120, 0);
  expect(easy[0]! - easy[2]!).toBeLessThan(1.1);
  expect(hard[0]! - hard[2]!).toBeGreaterThan(easy[0]! - easy[2]!);
});

test('triceps isolation first costs the press one to three and a half of ten reps (common practice)', () => {
  const lost = 10 - pressAfterTriceps();
  expect(lost).toBeGreaterThan(1);
  expect(lost).toBeLessThan(3.5);
});

test('ten minutes on something else bring most of it back, and no region goes below the floor', () => {
  const set = { startS: 0, endS: 30, credits: chest, reps: 10, reserve: 0 };
  const { curve } = runFatigue([set], 630);
  const after = curve.find((p) => p.atS === 30)!.fresh.chest;
  const later = curve[curve.length - 1]!.fresh.chest;
  expect(1 - later).toBeLessThan((1 - after) * 0.3);
  const many = Array.from({ length: 60 }, (_, i) => ({ ...set, startS: i * 31, endS: i * 31 + 30 }));
  expect(Math.min(...runFatigue(many, 2000).curve.map((p) => p.fresh.chest))).toBeGreaterThanOrEqual(0.4);
});
