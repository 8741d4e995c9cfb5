import fc from 'fast-check';
import { makeableLoads, nearestLoad, plateMoves } from '../kit';
import { findEntry, movementOf } from '../movements';
import { sampleKit } from '../examples';
import { choicesOf } from './choices';
import { fewestMoves, rampSets } from './ramp';

const loads = makeableLoads(sampleKit, movementOf('barbell-press'));
const moves = (path: { perSide?: { kg: number; count: number }[] }[]): number =>
  path.reduce((t, l, i) => t + plateMoves(i === 0 ? [] : (path[i - 1]!.perSide ?? []), l.perSide ?? []), 0);

test('the ramp takes the fewest plate moves of all that come within a twentieth of their targets (brute force)', () => {
  fc.assert(
    fc.property(fc.integer({ min: 50, max: 180 }), (wish) => {
      const work = nearestLoad(loads, wish).load;
      const targets = [0.5, 0.7, 0.85].map((s) => s * work.kg);
      const found = fewestMoves(loads, targets, work);
      fc.pre(found.length === 3);
      const serve = (t: number) => {
        const near = loads.filter((l) => Math.abs(l.kg - t) <= 0.05 * t + 1e-9 && l.kg <= 0.92 * work.kg);
        return near.length > 0 ? near : [nearestLoad(loads, t).load];
      };
      let best = Infinity;
      for (const a of serve(targets[0]!))
        for (const b of serve(targets[1]!))
          for (const c of serve(targets[2]!))
            if (a.kg < b.kg && b.kg < c.kg) best = Math.min(best, moves([a, b, c, work]));
      expect(moves([...found, work])).toBe(best);
    }),
    { numRuns: 60 },
  );
});

test('a ladder begins with the bar alone, rises, stays below the work, and says the plates', () => {
  const ramp = rampSets(loads, 100, 'barbell', true);
  expect(ramp[0]).toMatchObject({ kg: 20, reps: 10, perSide: [] });
  for (let i = 1; i < ramp.length; i++) {
    expect(ramp[i]!.kg).toBeGreaterThan(ramp[i - 1]!.kg);
    expect(ramp[i]!.kg).toBeLessThan(92.01);
    expect(ramp[i]!.perSide!.length).toBeGreaterThan(0);
  }
  [0.5, 0.7, 0.85].forEach((share, i) =>
    expect(Math.abs(ramp[i + 1]!.kg / (100 * share) - 1)).toBeLessThanOrEqual(0.0501),
  );
});

test('two sets of twelve to fifteen instead, one step for a lift that is warm, none too near the work', () => {
  expect(rampSets(loads, 100, 'barbell', true, 'two sets').map((r) => r.reps)).toEqual([15, 12]);
  expect(rampSets(loads, 100, 'barbell', false)).toHaveLength(1);
  expect(rampSets(loads, 20, 'barbell', true)).toEqual([]);
  expect(rampSets([], 100, 'barbell', true)).toEqual([]);
});

test('nobody changes bars on the way up: with 15 kg and 20 kg bars in the hall a ramp stays on the one of the working sets', () => {
  const kit = {
    ...sampleKit,
    bars: [...sampleKit.bars, { id: 'bar-15', name: 'Light bar', kg: 15, use: 'straight' as const }],
  };
  const { movement } = findEntry('barbell-bench-press')!;
  for (const workKg of [60, 100, 140]) {
    const ramps = rampSets(choicesOf(kit, movement)!, workKg, 'barbell', true);
    for (const { kg, perSide } of ramps)
      expect(kg - 2 * perSide!.reduce((sum, p) => sum + p.kg * p.count, 0)).toBe(20);
  }
});
