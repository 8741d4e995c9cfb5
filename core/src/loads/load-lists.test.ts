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
 * two, kilograms, each hand for bells: read over as a coach would. Common practice, from the ratios.
 */
test.each([
  ['barbell-bench-press', 72.5, 36],
  ['incline-barbell-press', 58.5, 29],
  ['decline-barbell-press', 75, 37.5],
  ['close-grip-bench-press', 65, 32.5],
  ['wide-grip-bench-press', 70, 35],
  ['reverse-grip-bench-press', 57.5, 28.5],
  ['feet-up-bench-press', 68.5, 33.5],
  ['barbell-floor-press', 67.5, 33.5],
  ['pin-press', 65, 32.5],
  ['paused-bench-press', 70, 35],
  ['one-and-a-half-bench-press', 57.5, 28.5],
  ['mid-pin-press', 76, 37.5],
  ['dumbbell-bench-press', 30, 15],
  ['incline-dumbbell-press', 26, 13],
  ['decline-dumbbell-press', 30, 15],
  ['neutral-grip-dumbbell-press', 29, 14.5],
  ['underhand-dumbbell-press', 24, 12],
  ['narrow-tucked-dumbbell-press', 24, 12],
  ['squeeze-press', 21.5, 11],
  ['dumbbell-floor-press', 29, 14.5],
  ['standing-barbell-press', 45, 22.5],
  ['seated-barbell-press', 45, 22.5],
  ['push-press', 56, 28],
  ['seated-dumbbell-press', 19, 9.5],
  ['standing-dumbbell-press', 18, 9],
  ['dumbbell-fly', 14, 7],
  ['incline-dumbbell-fly', 12, 6],
  ['dumbbell-floor-fly', 16, 8],
  ['dumbbell-lateral-raise', 8.5, 4],
  ['seated-lateral-raise', 8, 4],
  ['lying-side-raise', 6, 3],
  ['front-raise', 8.5, 4],
  ['bent-over-rear-raise', 7, 3.5],
  ['lying-triceps-extension', 27.5, 14],
  ['overhead-extension', 20, 10],
  ['single-arm-overhead-extension', 12, 6],
])('%s: about %p kg for the man, %p kg for the woman', (id, his, hers) => {
  expect(Math.abs(loadOf(id, man) - his)).toBeLessThanOrEqual(Math.max(1, 0.04 * his));
  expect(Math.abs(loadOf(id, woman) - hers)).toBeLessThanOrEqual(Math.max(1, 0.04 * hers));
});
