import fc from 'fast-check';
import { z } from 'zod';
import { fullRig, movements } from '../movements';
import { anyKit } from '../testing/any';
import { sampleKit } from '../examples';
import { expectPinned, expectPinnedMany } from '../testing/pinned';
import { boundedSums } from './bounded-sums';
import { handsOf, makeableLoads, missingFor, nearestLoad, stacksAt } from './fitting';
import { kitSchema, metresApart, nearestNotch, notchesOf, pinsOf } from './kit';
import { bandPointsText, readAngles, readBandPoints, readSizes, sizesText } from './lists';
import { barLoads, beltLoads, MOST_LOADS, oneEndLoads, plateMoves, thinned } from './plates';

const kits = [sampleKit, ...fc.sample(anyKit, { seed: 3, numRuns: 4 })];

test('what a gym can hold, and what can be made of it, is what it was', () => {
  expectPinned(import.meta.dirname, 'bounds', { kit: z.toJSONSchema(kitSchema), most: MOST_LOADS });
  expectPinned(
    import.meta.dirname,
    'loads',
    Object.fromEntries(
      kits.flatMap((kit, k) => [
        ...movements.map((m) => {
          const loads = makeableLoads(kit, m);
          const some = loads.filter((_, i) => i % 7 === 0 || i === loads.length - 1);
          const near = loads.length > 0 ? [31, 57.4].map((kg) => nearestLoad(loads, kg)) : [];
          const rig = fullRig(m, {});
          return [
            `${m.id} in ${k}`,
            [loads.length, some, near, missingFor(kit, m, rig), handsOf(m)],
          ] as const;
        }),
        [`notches in ${k}`, [notchesOf(kit), [12, 33, 70].map((deg) => nearestNotch(kit, deg))]] as const,
        [`stacks in ${k}`, ['cable', 'pulley', 'machine'].map((at) => stacksAt(kit, at).length)] as const,
      ]),
    ),
  );
});

test('plates and lists are reckoned and read as they were', () => {
  const { plates } = sampleKit;
  const loads = barLoads(plates, 20);
  const [light, middle, heavy] = [loads[2]!, loads[Math.floor(loads.length / 2)]!, loads.at(-1)!];
  const sizes = [
    '1.25 x 4, 2.5, 5x2',
    '45 lb, 25lb',
    '2-20 by 2',
    '10 - 30 step 2.5',
    '5, 5, x',
    '0',
    '2,5 kg',
    '',
  ];
  const angles = ['0, 15, 30', 'flat 30 45', '-15', '0-90 by 15', 'x', '95'];
  const bands = ['0.3: 5, 0.6: 12', '30 cm 5 kg, 60 cm 12', 'x', ''];
  expectPinned(import.meta.dirname, 'plates', {
    bar: loads.filter((_, i) => i % 9 === 0),
    end: oneEndLoads(plates, 20).filter((_, i) => i % 9 === 0),
    belt: beltLoads(plates).slice(0, 40),
    moves: [
      plateMoves(light.perSide, middle.perSide),
      plateMoves(middle.perSide, heavy.perSide),
      plateMoves(heavy.perSide, light.perSide, 1),
    ],
    thinned: thinned(
      Array.from({ length: 900 }, (_, i) => ({ kg: i / 2, pieceCount: i % 7 })),
      ({ kg }) => kg,
    ).filter((_, i) => i % 37 === 0),
    sums: boundedSums(
      [
        { size: 20, count: 2 },
        { size: 10, count: 3 },
        { size: 5, count: 1 },
      ],
      30,
    ),
    pins: [pinsOf({ firstKg: 5, stepKg: 5, maxKg: 100 }), pinsOf({ firstKg: 4, stepKg: 2.5, maxKg: 50 })],
    apart: [metresApart(sampleKit, 'bench', 'cable'), metresApart(sampleKit, 'cable', 'bench')],
    ...Object.fromEntries(
      sizes.flatMap((text) =>
        (['kg', 'lb'] as const).map((unit) => {
          const read = readSizes(text, unit);
          return [`sizes ${text} ${unit}`, [read, read && sizesText(read, unit)]];
        }),
      ),
    ),
    ...Object.fromEntries(angles.map((text) => [`angles ${text}`, readAngles(text)])),
    ...Object.fromEntries(
      bands.map((text) => {
        const read = readBandPoints(text);
        return [`band ${text}`, [read, read && bandPointsText(read)]];
      }),
    ),
  });
});

test('what many gyms can make is what it was', () => {
  const many = fc.sample(anyKit, { seed: 8, numRuns: 24 });
  expectPinnedMany(
    [import.meta.dirname, 'many'],
    many,
    (_, k) => `gym ${k}`,
    (kit, k) => [
      movements.map((m) => {
        const loads = makeableLoads(kit, m);
        return [loads, missingFor(kit, m, fullRig(m, {})), loads.length > 0 && nearestLoad(loads, 20 + k)];
      }),
      beltLoads(kit.plates),
      notchesOf(kit),
      [-10, 0, 20, 44, 90].map((deg) => nearestNotch(kit, deg)),
    ],
  );
});
