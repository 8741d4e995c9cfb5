import fc from 'fast-check';
import { kgFromLb } from '../units';
import { bandPointsText, readAngles, readBandPoints, readSizes, sizesText } from './lists';

test.each([
  ['2-30 by 2', 15],
  ['2–10 by 2 × 2, 12, 14', 7],
  ['45, 25, 10, 5, 2.5', 5],
  ['20 x 4, 45 lb x 2, 10–30 by 10 lb', 5],
  ['', 0],
])('%p is read', (text, n) => expect(readSizes(text, 'kg')).toHaveLength(n));

test.each(['two', '5-2 by 1', '4 x 0', '2-900 by 0.1', '10,,x'])('%p is no list of sizes', (text) =>
  expect(readSizes(text, 'lb')).toBeNull(),
);

test('a list that is written is read back', () => {
  const list = fc
    .uniqueArray(fc.integer({ min: 1, max: 160 }), { maxLength: 20 })
    .chain((halves) =>
      fc.record({ halves: fc.constant(halves.sort((a, b) => a - b)), count: fc.integer({ min: 1, max: 3 }) }),
    )
    .map(({ halves, count }) =>
      halves.map((h, i) => ({
        kg: i % 3 === 2 ? Number(kgFromLb(h / 2).toFixed(4)) : h / 2,
        pairs: i % 5 === 4 ? 1 : count,
      })),
    )
    .map((sizes) => [...new Map(sizes.map((s) => [s.kg, s])).values()].sort((a, b) => a.kg - b.kg));
  fc.assert(
    fc.property(list, fc.constantFrom('kg' as const, 'lb' as const), (sizes, usual) =>
      expect(readSizes(sizesText(sizes, usual), usual)).toEqual(sizes),
    ),
  );
});

test('angles are sorted, doubles fall together, nonsense is refused', () => {
  expect(readAngles('30, 0 45° 30')).toEqual([0, 30, 45]);
  expect(readAngles('0, 120')).toBeNull();
  expect(readAngles('flat')).toBeNull();
});

test('a band is its pull at lengths that grow', () => {
  expect(readBandPoints('0.5 m 0 N, 1.2 m 170 N')).toEqual([
    { lengthM: 0.5, newtons: 0 },
    { lengthM: 1.2, newtons: 170 },
  ]);
  expect(readBandPoints('.5 0')).toBeNull();
  expect(readBandPoints('0.5 0')).toBeNull();
  expect(readBandPoints('1.2 170, 0.5 0')).toBeNull();
  expect(readBandPoints('0.5 100, 1.2 60')).toBeNull();
  fc.assert(
    fc.property(
      fc.uniqueArray(fc.integer({ min: 1, max: 400 }), { minLength: 2, maxLength: 8 }),
      fc.integer({ min: 0, max: 40 }),
      (lengths, slack) => {
        const points = lengths
          .sort((a, b) => a - b)
          .map((l, i) => ({ lengthM: l / 100, newtons: slack + 7.5 * i }));
        expect(readBandPoints(bandPointsText(points))).toEqual(points);
      },
    ),
  );
});
