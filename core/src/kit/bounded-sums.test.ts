import fc from 'fast-check';
import { boundedSums, type Pieces } from './bounded-sums';

const anyPieces = fc.array(
  fc.record({ size: fc.integer({ min: 1, max: 40 }), count: fc.integer({ min: 0, max: 4 }) }),
  { minLength: 0, maxLength: 4 },
);

/** Every way to take the pieces, by listing them all: the best of each sum. */
function listed(pieces: readonly Pieces[], most: number): Map<number, number[]> {
  const ways = pieces.reduce<number[][]>(
    (known, p) => known.flatMap((w) => Array.from({ length: p.count + 1 }, (_, n) => [...w, n])),
    [[]],
  );
  const total = (counts: number[]): number => counts.reduce((a, b) => a + b, 0);
  const best = new Map<number, number[]>();
  for (const way of ways) {
    const sum = way.reduce((n, count, i) => n + count * pieces[i]!.size, 0);
    const held = best.get(sum);
    const first = way.findIndex((n, i) => n !== held?.[i]);
    if (
      sum <= most &&
      (!held || total(way) < total(held) || (total(way) === total(held) && way[first]! > held[first]!))
    )
      best.set(sum, way);
  }
  return best;
}

test('sums are exactly those that listing every way finds, each with its best way', () => {
  fc.assert(
    fc.property(anyPieces, fc.integer({ min: 0, max: 300 }), (pieces, most) => {
      const found = boundedSums(pieces, most);
      expect(found.map((s) => s.sum)).toEqual([...listed(pieces, most).keys()].sort((a, b) => a - b));
      for (const { sum, pieceCount, counts } of found) {
        expect(counts()).toEqual(listed(pieces, most).get(sum));
        expect(pieceCount).toBe(counts().reduce((a, b) => a + b, 0));
      }
    }),
    { numRuns: 300 },
  );
});

test('thirty odd sizes of eighty pieces each are no more than a table', () => {
  const odd = Array.from({ length: 30 }, (_, i) => ({ size: 1_000 + i * 37, count: 80 }));
  const sums = boundedSums(odd, 40_000);
  expect(sums.at(-1)!.sum).toBeLessThanOrEqual(40_000);
  for (const { sum, counts } of sums.filter((_, i) => i % 97 === 0))
    expect(counts().reduce((n, count, i) => n + count * odd[i]!.size, 0)).toBe(sum);
});
