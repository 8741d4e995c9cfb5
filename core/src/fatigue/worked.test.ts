import { freshStore, lossOf, recover, runFatigue, tire } from './stores';

/** Two stores: a set of ten to failure takes a tenth and a fortieth; they fill by 1/e in 84 s and in an hour. */
const chest = { pecMiddle: 1 };

test('one set of ten to failure, and what is left of it after 84 seconds', () => {
  const store = freshStore();
  tire(store, { credits: chest, reps: 10, reserve: 0 });
  expect(lossOf(store, chest)).toBeCloseTo(0.1 + 0.025, 9);
  recover(store, 84);
  // 0.1 / e + 0.025 × e^(−84/3600)
  expect(lossOf(store, chest)).toBeCloseTo(0.0367879 + 0.0244235, 6);
});

test('eight with two left take half of eight tenths', () => {
  const store = freshStore();
  tire(store, { credits: chest, reps: 8, reserve: 2 });
  // (0.1 + 0.025) × 0.8 × e^(−0.35 × 2)
  expect(lossOf(store, chest)).toBeCloseTo(0.125 * 0.8 * 0.4965853, 6);
  // Two repetitions count as two tenths, thirty as two sets; a reserve below none is none.
  for (const [reps, reserve, times] of [
    [1, 0, 0.2],
    [30, 0, 2],
    [10, -1, 1],
  ] as const) {
    const other = freshStore();
    tire(other, { credits: chest, reps, reserve });
    expect(lossOf(other, chest)).toBeCloseTo(0.125 * times, 9);
  }
});

test('a movement loses by its most tired region, by its credit for it; no region gives up more than six tenths', () => {
  const store = freshStore();
  tire(store, { credits: { pecMiddle: 1, triLong: 0.5 }, reps: 10, reserve: 0 });
  expect(lossOf(store, { triLong: 1 })).toBeCloseTo(0.0625, 9);
  expect(lossOf(store, { pecMiddle: 0.5, triLong: 0.5 })).toBeCloseTo(0.0625, 9);
  for (let i = 0; i < 12; i++) tire(store, { credits: chest, reps: 20, reserve: 0 });
  expect(lossOf(store, chest)).toBe(0.6);
});

test('two sets two minutes apart: the second begins with what the first has left', () => {
  const set = { credits: chest, reps: 10, reserve: 0 };
  const { losses } = runFatigue(
    [
      { ...set, startS: 0, endS: 40 },
      { ...set, startS: 160, endS: 200 },
    ],
    null,
  );
  // Spent at its end, 120 s of rest: 0.1 × e^(−120/84) + 0.025 × e^(−120/3600)
  expect(losses[0]).toBe(0);
  expect(losses[1]).toBeCloseTo(0.0239651 + 0.0241804, 6);
});
