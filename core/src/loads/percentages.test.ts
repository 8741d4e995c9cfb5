import { makeableLoads } from '../kit';
import { findEntry } from '../movements';
import { sampleKit } from '../examples';
import { percentagesOfMax } from './percentages';

const loads = makeableLoads(sampleKit, findEntry('barbell-bench-press')!.movement);

test('a share of a max is the nearest load the kit makes, found by looking at every load', () => {
  for (const share of percentagesOfMax(103, [95, 80, 72, 60, 41], loads)) {
    const least = Math.min(...loads.map((l) => Math.abs(l.kg - share.wishKg)));
    expect(Math.abs(share.made.kg - share.wishKg)).toBeCloseTo(least, 9);
    expect(share.wishKg).toBeCloseTo(1.03 * share.percent, 9);
  }
});

/** 85 % is 6 and 75 % is 10 in the training load chart (Essentials of Strength Training and Conditioning 2016, from memory). */
test('repetitions at a share follow the load chart, to 3 points of the max or 1.2 repetitions', () => {
  const [heavy, light] = percentagesOfMax(100, [85, 75], loads);
  expect([heavy!.made.kg, light!.made.kg]).toEqual([85, 75]);
  expect(Math.abs(heavy!.reps - 6)).toBeLessThan(1.2);
  expect(Math.abs(light!.reps - 10)).toBeLessThan(1.2);
});

test('without a bar there is nothing to say', () => {
  expect(percentagesOfMax(100, [80], [])).toEqual([]);
});
