import type { Kit } from '../kit';
import { type Context, layOut } from '../measure';
import { line, sampleClient, sampleKit, session } from '../examples';

/** A gym with bells by the kilogram and small plates. */
const kit: Kit = {
  ...sampleKit,
  plates: [
    { kg: 20, pairs: 6 },
    { kg: 10, pairs: 2 },
    { kg: 5, pairs: 2 },
    { kg: 2.5, pairs: 2 },
    { kg: 1.25, pairs: 2 },
    { kg: 0.5, pairs: 2 },
  ],
  dumbbells: Array.from({ length: 60 }, (_, i) => ({ kg: i + 1, pairs: 2 })),
};

const withBench = (loadKg: number, massKg: number, statureM: number): Context => ({
  client: {
    ...sampleClient,
    massKg,
    statureM,
    tests: [
      { movement: 'barbell-press', rig: {}, date: '2026-11-23', loadKg, reps: 1, reserve: 0, kind: 'test' },
    ],
  },
  kit,
  logged: [],
  todayIso: '2026-11-24',
});
const man = withBench(100, 80, 1.8);
const woman = withBench(50, 62, 1.66);

const loadOf = (id: string, context: Context): number =>
  layOut(
    session([
      line(id, {
        scheme: { kind: 'straight', sets: 1, reps: { lo: 10, hi: 10 } },
        reserve: { first: 2, last: 2 },
      }),
    ]),
    context,
  ).lines[0]!.sets[0]!.kg!;

/**
 * What a man with a 100 kg bench and a woman with a 50 kg bench would be given for ten repetitions leaving
 * two, kilograms, each hand for bells: 73.7 % of the max by the curve, times the ratio. Common practice.
 */
test.each([
  ['barbell-bench-press', 73.5, 37],
  ['incline-barbell-press', 59.5, 29.5],
  ['decline-barbell-press', 76, 38],
  ['close-grip-bench-press', 66.5, 33],
  ['wide-grip-bench-press', 71.5, 36],
  ['reverse-grip-bench-press', 59, 29.5],
  ['feet-up-bench-press', 69.5, 34.5],
  ['barbell-floor-press', 68.5, 34.5],
  ['pin-press', 66.5, 33],
  ['paused-bench-press', 71, 35.5],
  ['one-and-a-half-bench-press', 59, 29.5],
  ['mid-pin-press', 77.5, 38.5],
  ['dumbbell-bench-press', 30.5, 15.5],
  ['incline-dumbbell-press', 26.5, 13.5],
  ['decline-dumbbell-press', 31, 15.5],
  ['neutral-grip-dumbbell-press', 29.5, 15],
  ['underhand-dumbbell-press', 24.5, 12.5],
  ['narrow-tucked-dumbbell-press', 24, 12],
  ['squeeze-press', 22, 11],
  ['dumbbell-floor-press', 29.5, 15],
  ['standing-barbell-press', 45.5, 23],
  ['seated-barbell-press', 45.5, 22.5],
  ['push-press', 57, 28.5],
  ['seated-dumbbell-press', 19.5, 10],
  ['standing-dumbbell-press', 18.5, 9],
  ['dumbbell-fly', 14, 7],
  ['incline-dumbbell-fly', 12.5, 6.5],
  ['dumbbell-floor-fly', 16, 8],
  ['dumbbell-lateral-raise', 8.5, 4.5],
  ['seated-lateral-raise', 8, 4],
  ['lying-side-raise', 6, 3],
  ['front-raise', 8.5, 4.5],
  ['bent-over-rear-raise', 7.5, 3.5],
  ['lying-triceps-extension', 28, 14],
  ['overhead-extension', 20.5, 10.5],
  ['single-arm-overhead-extension', 10.5, 5],
])('%s: about %p kg for the man, %p kg for the woman', (id, his, hers) => {
  expect(Math.abs(loadOf(id, man) - his)).toBeLessThanOrEqual(Math.max(1, 0.04 * his));
  expect(Math.abs(loadOf(id, woman) - hers)).toBeLessThanOrEqual(Math.max(1, 0.04 * hers));
});
