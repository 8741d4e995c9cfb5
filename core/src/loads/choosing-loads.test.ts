import fc from 'fast-check';
import type { MadeLoad } from '../kit';
import { beliefIn, type Belief } from './chance';
import { A_CHANGE, bestDown, bestShared, LEAST_SURE, loadsFor, scoreOf } from './choosing-loads';
import { outlookOf, ownWish, sharedWish, type Seeking } from './seeking';

const seeking = (lo: number, hi: number, reserve: number, loss: number): Seeking => ({
  reps: { lo, hi },
  reserve,
  loss,
  pace: 1,
  formula: 'median',
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

test('one load for all has the best outlook of the rack, and none in doubt stands beside a lighter one that is sure (brute force)', () => {
  fc.assert(
    fc.property(anySets, anyRack, fc.double({ min: 0.02, max: 0.2, noNaN: true }), (sets, rack, spread) => {
      const belief = beliefIn(100, spread);
      const at = (load: MadeLoad) => outlookOf(sets, () => load.kg, belief);
      const taken = at(bestShared(rack, sets, 100, belief));
      const most = Math.max(...rack.map((l) => scoreOf(at(l))));
      // Far from every wish nothing is kept, and the nearest load is as good as another.
      if (most > 0.2)
        expect(scoreOf(taken)).toBeGreaterThanOrEqual(most - (taken.sure >= 0.5 ? 0.0401 : 1e-6));
      if (rack.some((l) => at(l).sure >= LEAST_SURE)) expect(taken.sure).toBeGreaterThanOrEqual(LEAST_SURE);
    }),
    { numRuns: 300 },
  );
});

test('where every load can be made the wish has the best chance of all sets in range', () => {
  fc.assert(
    fc.property(anySets, (sets) => {
      const belief = beliefIn(100, 0.04);
      const wish = sharedWish(sets, 100);
      const chance = (kg: number): number => outlookOf(sets, () => kg, belief).inRange;
      const most = Math.max(...Array.from({ length: 200 }, (_, i) => chance(20 + i * 0.5)));
      expect(chance(wish)).toBeGreaterThanOrEqual(most - 0.03);
      expect(ownWish(sets[0]!, 100)).toBeGreaterThanOrEqual(ownWish(sets[sets.length - 1]!, 100) - 1e-9);
    }),
    { numRuns: 100 },
  );
});

test('loads that come down are the best way down of all (brute force)', () => {
  const worth = (set: Seeking, kg: number, belief: Belief): number =>
    scoreOf(outlookOf([set], () => kg, belief));
  fc.assert(
    fc.property(anySets, anyRack, (sets, rack) => {
      const belief = beliefIn(100, 0.05);
      const value = (kgs: readonly number[]): number =>
        kgs.reduce(
          (t, kg, i) => t + worth(sets[i]!, kg, belief) - (i > 0 && kg !== kgs[i - 1] ? A_CHANGE : 0),
          0,
        );
      const ways = (i: number, most: number): number[][] =>
        i === sets.length
          ? [[]]
          : rack.filter((l) => l.kg <= most).flatMap((l) => ways(i + 1, l.kg).map((rest) => [l.kg, ...rest]));
      const found = bestDown(rack, sets, 100, belief).map((l) => l.kg);
      expect([...found].sort((a, b) => b - a)).toEqual(found);
      const best = Math.max(...ways(0, Infinity).map(value));
      expect(value(found)).toBeGreaterThanOrEqual(best - 1e-6);
    }),
    { numRuns: 150 },
  );
});

test('one load is kept while it serves every set, and comes down where rests are too short for it', () => {
  const rack: MadeLoad[] = Array.from({ length: 60 }, (_, i) => ({ kg: 40 + i }));
  const belief = beliefIn(100, 0.03);
  const kgs = (sets: Seeking[], asked?: 'one' | 'down') =>
    loadsFor(rack, sets, 100, belief, asked).map((l) => l.kg);
  const easy = [0, 0.02, 0.03].map((loss) => seeking(8, 10, 2, loss));
  expect(new Set(kgs(easy)).size).toBe(1);
  const hard = [0, 0.1, 0.18].map((loss) => seeking(8, 8, 1, loss));
  expect(new Set(kgs(hard)).size).toBeGreaterThan(1);
  expect(new Set(kgs(hard, 'one')).size).toBe(1);
  expect(new Set(kgs(easy, 'down')).size).toBeGreaterThanOrEqual(1);
});
