import { doseValue, effortWorth, nextSetWorth } from './value';

test('the value of sets: one minus e to the minus sets over the scale', () => {
  expect(doseValue(0, 4)).toBe(0);
  expect(doseValue(6, 4)).toBeCloseTo(0.7768698, 6); // 1 − e^(−1.5)
  expect(nextSetWorth(6, 4)).toBeCloseTo(0.8262261 - 0.7768698, 6); // e^(−1.5) − e^(−1.75)
});

test('what a set is worth by what is left, straight between whole repetitions, and no less than at five', () => {
  expect([0, 1, 2, 3, 4, 5].map(effortWorth)).toEqual([1, 0.97, 0.93, 0.88, 0.8, 0.65]);
  expect(effortWorth(1.5)).toBeCloseTo(0.95, 9);
  expect(effortWorth(4.5)).toBeCloseTo(0.725, 9);
  expect(effortWorth(8)).toBe(0.65);
});
