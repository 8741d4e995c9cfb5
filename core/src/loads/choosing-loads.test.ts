import fc from 'fast-check';
import type { MadeLoad } from '../kit/fitting';
import { likelyOver, windowOf } from './chance';
import { bestDown, bestShared, chancesOf, loadsFor, type Seeking } from './choosing-loads';

const seeking = (lo: number, hi: number, reserve: number, loss: number): Seeking => ({
  window: windowOf({ reps: { lo, hi }, reserve }, loss, 'median', 1),
  bodyKg: 0,
});

const anySets = fc
  .tuple(
    fc.integer({ min: 3, max: 15 }),
    fc.integer({ min: 0, max: 4 }),
    fc.integer({ min: 0, max: 3 }),
    fc.array(fc.double({ min: 0, max: 0.06, noNaN: true }), { minLength: 1, maxLength: 4 }),
  )
  .map(([lo, width, reserve, steps]) => {
    let loss = 0;
    return steps.map((step) => seeking(lo, lo + width, reserve, (loss += step)));
  });
const anyRack = fc
  .array(fc.integer({ min: 20, max: 120 }), { minLength: 1, maxLength: 7 })
  .map((kgs): MadeLoad[] => [...new Set(kgs)].sort((a, b) => a - b).map((kg) => ({ kg })));

test('one load for all is the likeliest of the rack, unless it would more probably than not fall short (brute force)', () => {
  fc.assert(
    fc.property(anySets, anyRack, fc.double({ min: 0.02, max: 0.2, noNaN: true }), (sets, rack, spread) => {
      const likely = likelyOver(100, spread);
      const at = (load: MadeLoad) => chancesOf(sets, () => load.kg, likely);
      const taken = at(bestShared(rack, sets, 100, likely));
      const sure = rack.filter((l) => at(l).sure >= 0.4);
      if (sure.length > 0) {
        expect(taken.sure).toBeGreaterThanOrEqual(0.4);
        const most = Math.max(...sure.map((l) => at(l).inRange));
        // Far from every wish nothing is likely, and the nearest is as good as another.
        expect(taken.inRange).toBeGreaterThanOrEqual(most - 0.01);
      } else expect(taken.sure).toBeCloseTo(Math.max(...rack.map((l) => at(l).sure)), 9);
    }),
    { numRuns: 300 },
  );
});

test('loads that come down are the likeliest way down of all (brute force)', () => {
  const worth = (set: Seeking, kg: number, likely: (kg: number) => number): number => {
    const { sure, inRange } = chancesOf([set], () => kg, likely);
    return sure >= 0.4 ? inRange : sure - 1;
  };
  fc.assert(
    fc.property(anySets, anyRack, (sets, rack) => {
      const likely = likelyOver(100, 0.05);
      const value = (kgs: readonly number[]): number =>
        kgs.reduce(
          (t, kg, i) => t + worth(sets[i]!, kg, likely) - (i > 0 && kg !== kgs[i - 1] ? 0.02 : 0),
          0,
        );
      const ways = (i: number, most: number): number[][] =>
        i === sets.length
          ? [[]]
          : rack.filter((l) => l.kg <= most).flatMap((l) => ways(i + 1, l.kg).map((rest) => [l.kg, ...rest]));
      const found = bestDown(rack, sets, 100, likely).map((l) => l.kg);
      expect([...found].sort((a, b) => b - a)).toEqual(found);
      const best = Math.max(...ways(0, Infinity).map(value));
      expect(value(found)).toBeGreaterThanOrEqual(best - 0.021);
    }),
    { numRuns: 150 },
  );
});

test('one load is kept while it serves every set, and comes down where rests are too short for it', () => {
  const rack: MadeLoad[] = Array.from({ length: 60 }, (_, i) => ({ kg: 40 + i }));
  const likely = likelyOver(100, 0.03);
  const kgs = (sets: Seeking[], asked?: 'one' | 'down') =>
    loadsFor(rack, sets, 100, likely, asked).map((l) => l.kg);
  const easy = [0, 0.02, 0.03].map((loss) => seeking(8, 10, 2, loss));
  expect(new Set(kgs(easy)).size).toBe(1);
  const hard = [0, 0.1, 0.18].map((loss) => seeking(8, 8, 1, loss));
  expect(new Set(kgs(hard)).size).toBeGreaterThan(1);
  expect(new Set(kgs(hard, 'one')).size).toBe(1);
  expect(new Set(kgs(easy, 'down')).size).toBeGreaterThanOrEqual(1);
});
