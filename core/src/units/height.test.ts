import { readHeight } from './height';

test.each([
  ['178', 1.78],
  ['178 cm', 1.78],
  ['1.78', 1.78],
  ['1,78 m', 1.78],
  // 71 inches of 2.54 cm.
  ['5 ft 11', 1.8034],
  ['5’11”', 1.8034],
  ['5\'11"', 1.8034],
  ['71 in', 1.8034],
  ['6 ft', 1.8288],
])('%p is %p m', (text, metres) => expect(readHeight(text)).toBeCloseTo(metres, 9));

test.each(['', 'tall', '90', '240', '4.9', '5 ft 11 kg', '17', '3 ft'])('%p is no height', (text) =>
  expect(readHeight(text)).toBeNull(),
);
