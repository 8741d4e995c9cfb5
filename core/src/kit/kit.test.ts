import fc from 'fast-check';
import { movementOf } from '../movements';
import { kgFromLb, markedUnit } from '../units';
import { sampleKit } from '../examples';
import { makeableLoads, missingFor, nearestLoad } from './fitting';
import { kitSchema, nearestNotch, type Kit } from './kit';
import { barLoads, plateMoves } from './plates';

const platesOf = fc
  .uniqueArray(fc.constantFrom(25, 20, 15, 10, 5, 2.5, 1.25), { minLength: 1, maxLength: 4 })
  .chain((sizes) =>
    fc.tuple(...sizes.map((kg) => fc.integer({ min: 0, max: 3 }).map((pairs) => ({ kg, pairs })))),
  );

/** Every way to load one side, by trying them all. */
function everyWay(plates: { kg: number; pairs: number }[]): { kg: number; counts: number[] }[] {
  return plates.reduce<{ kg: number; counts: number[] }[]>(
    (ways, p) =>
      ways.flatMap((w) =>
        Array.from({ length: p.pairs + 1 }, (_, n) => ({ kg: w.kg + n * p.kg, counts: [...w.counts, n] })),
      ),
    [{ kg: 0, counts: [] }],
  );
}

test('the loads of a bar are exactly those brute force finds, with as few plates', () => {
  fc.assert(
    fc.property(platesOf, (drawn) => {
      const plates = [...drawn].sort((a, b) => b.kg - a.kg);
      const ways = everyWay(plates);
      const loads = barLoads(plates, 20);
      const totals = [...new Set(ways.map((w) => 20 + 2 * w.kg))].sort((a, b) => a - b);
      expect(loads.map((l) => l.totalKg)).toEqual(totals);
      for (const load of loads) {
        const same = ways.filter((w) => Math.abs(20 + 2 * w.kg - load.totalKg) < 1e-9);
        const fewest = Math.min(...same.map((w) => w.counts.reduce((a, b) => a + b, 0)));
        expect(load.pieceCount).toBe(fewest);
        expect(20 + 2 * load.perSide.reduce((t, p) => t + p.kg * p.count, 0)).toBeCloseTo(load.totalKg, 9);
      }
    }),
    { numRuns: 60 },
  );
});

test('plates marked in kilograms and in pounds are both used, never on one sleeve', () => {
  const plates = [
    { kg: 20, pairs: 1 },
    { kg: 10, pairs: 1 },
    { kg: kgFromLb(45), pairs: 1 },
    { kg: kgFromLb(10), pairs: 2 },
  ];
  const loads = barLoads(plates, 20);
  const lb = everyWay(plates.slice(2)).map((w) => Math.round((20 + 2 * w.kg) * 100));
  const kg = everyWay(plates.slice(0, 2)).map((w) => Math.round((20 + 2 * w.kg) * 100));
  expect(loads.map((l) => Math.round(l.totalKg * 100))).toEqual(
    [...new Set([...kg, ...lb])].sort((a, b) => a - b),
  );
  for (const load of loads)
    expect(new Set(load.perSide.map((p) => markedUnit(p.kg, 'kg'))).size).toBeLessThanOrEqual(1);
});

test('a pulley of two to one says where the pin goes', () => {
  const cables = makeableLoads(sampleKit, movementOf('cable-fly'));
  expect(cables.find((l) => l.kg === 10)).toEqual({ kg: 10, pinKg: 20 });
  const direct = { ...sampleKit, stacks: [{ ...sampleKit.stacks[0]!, ratio: 1 }] };
  expect(makeableLoads(direct, movementOf('cable-fly')).find((l) => l.kg === 10)).toEqual({ kg: 10 });
});

test('among equals the larger plates go first', () => {
  const loads = barLoads(
    [
      { kg: 20, pairs: 1 },
      { kg: 15, pairs: 2 },
      { kg: 10, pairs: 1 },
    ],
    20,
  );
  expect(loads.find((l) => l.totalKg === 80)!.perSide).toEqual([
    { kg: 20, count: 1 },
    { kg: 10, count: 1 },
  ]);
});

test('the nearest makeable load, ties down, by trying them all', () => {
  const loads = makeableLoads(sampleKit, movementOf('barbell-press'));
  fc.assert(
    fc.property(fc.double({ min: 0, max: 260, noNaN: true }), (wish) => {
      const { load } = nearestLoad(loads, wish);
      const best = Math.min(...loads.map((l) => Math.abs(l.kg - wish)));
      expect(Math.abs(load.kg - wish)).toBeCloseTo(best, 6);
      expect(loads.some((l) => l.kg < load.kg && Math.abs(Math.abs(l.kg - wish) - best) < 1e-9)).toBe(false);
    }),
  );
  const bells = makeableLoads(sampleKit, movementOf('dumbbell-press'));
  expect(nearestLoad(bells, 23).load.kg).toBe(22);
});

test('a made load is a load of the kit, and fits again to itself', () => {
  fc.assert(
    fc.property(
      fc.constantFrom('barbell-press', 'dumbbell-press', 'cable-fly', 'lying-triceps-extension'),
      fc.double({ min: 1, max: 200, noNaN: true }),
      (id, wish) => {
        const loads = makeableLoads(sampleKit, movementOf(id));
        const { load, index } = nearestLoad(loads, wish);
        expect(loads[index]).toBe(load);
        expect(nearestLoad(loads, load.kg).load.kg).toBe(load.kg);
      },
    ),
  );
});

test('a cable at half ratio is said at the hand, add-ons counted', () => {
  const loads = makeableLoads(sampleKit, movementOf('cable-fly')).map((l) => l.kg);
  expect(loads.slice(0, 4)).toEqual([1.25, 1.875, 2.5, 3.125]);
});

test('of several stacks at a station the first with a cable for each hand is taken', () => {
  const pair = sampleKit.stacks[0]!;
  const single = { ...pair, id: 'single', count: 1, firstKg: 20, ratio: 1, addOnsKg: [] };
  const lightest = (stacks: Kit['stacks'], id: string): number =>
    makeableLoads({ ...sampleKit, stacks }, movementOf(id))[0]!.kg;
  expect(lightest([single, pair], 'cable-fly')).toBe(1.25);
  expect(lightest([single, pair], 'pushdown')).toBe(20);
  expect(missingFor({ ...sampleKit, stacks: [single] }, movementOf('cable-fly'))).toBe(
    'a second cable stack',
  );
  expect(missingFor({ ...sampleKit, stacks: [single, pair] }, movementOf('cable-fly'))).toBeNull();
});

test('what a gym lacks is said in words', () => {
  expect(missingFor(sampleKit, movementOf('chest-press-machine'))).toBe('a chest press machine');
  expect(
    missingFor({ ...sampleKit, rack: { count: 0, safetyArms: false } }, movementOf('barbell-press')),
  ).toBe('a rack');
  expect(missingFor(sampleKit, movementOf('push-up'))).toBeNull();
});

test('plates moved from one loading to the next, both sides', () => {
  expect(
    plateMoves(
      [{ kg: 20, count: 1 }],
      [
        { kg: 20, count: 1 },
        { kg: 5, count: 1 },
      ],
    ),
  ).toBe(2);
  expect(plateMoves([{ kg: 20, count: 2 }], [{ kg: 15, count: 1 }])).toBe(6);
});

test('angles snap to the nearest notch, the lower of two', () => {
  expect(nearestNotch(sampleKit, 34)).toBe(30);
  expect(nearestNotch(sampleKit, 37.5)).toBe(30);
});

test('a kit that makes no sense is refused', () => {
  expect(kitSchema.safeParse({ ...sampleKit, plates: [{ kg: -5, pairs: 1 }] }).success).toBe(false);
  expect(kitSchema.safeParse(sampleKit).success).toBe(true);
});
