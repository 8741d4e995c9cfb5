import { usualCurve } from './curve';
import { freshStores, lossOf, recover, tire } from './stores';

const { overAt, repsAt } = usualCurve;

/** Training load chart, Essentials of Strength Training and Conditioning, 4th ed. 2016 (from memory). */
const chart: [number, number][] = [
  [2, 95],
  [3, 93],
  [4, 90],
  [5, 87],
  [6, 85],
  [7, 83],
  [8, 80],
  [9, 77],
  [10, 75],
];
test.each(chart)('%p reps sit within 3 points of %p %% of max', (reps, percent) => {
  expect(Math.abs(100 * Math.exp(-overAt(reps)) - percent)).toBeLessThanOrEqual(3);
});

test('the cost of a repetition at most halves or doubles from one to the next; there is no last one', () => {
  const costs = Array.from({ length: 60 }, (_, i) => overAt(i + 2) - overAt(i + 1));
  costs.slice(1).forEach((cost, i) => {
    expect(cost / costs[i]!).toBeGreaterThan(0.5);
    expect(cost / costs[i]!).toBeLessThan(2);
  });
  expect(repsAt(Math.log(5))).toBeGreaterThan(60);
});

const press = {
  pecMiddle: 1,
  pecLower: 0.75,
  pecUpper: 0.5,
  deltFront: 0.5,
  triLateral: 0.5,
  triMedial: 0.5,
  triLong: 0.25,
};

/** Reps of sets to failure at the load of so many, with a rest between, seconds; three seconds a rep. */
function toFailure(firstReps: number, restS: number, sets: number, reserve = 0): number[] {
  const stores = freshStores();
  const over = overAt(firstReps);
  return Array.from({ length: sets }, () => {
    const possible = repsAt(over - lossOf(stores, press));
    const done = possible - reserve;
    recover(stores, 3 * done);
    tire(stores, { credits: press, done, possible, over, own: 0 }, usualCurve);
    recover(stores, restS);
    return done;
  });
}

/** Ratamess et al. 2007, Eur J Appl Physiol 100:1-17; Senna et al. 2011, J Strength Cond Res 25:3157-3162 (from memory, low confidence). */
test.each([
  [60, [10, 6.5, 4.7, 3.7, 3.2]],
  [180, [10, 9, 8, 7, 6.3]],
  [300, [10, 9.6, 9, 8.6, 8.2]],
])('a ten-rep load at %p s of rest: %p, within a rep', (restS, wanted) => {
  toFailure(10, restS, 5).forEach((reps, i) => expect(Math.abs(reps - wanted[i]!)).toBeLessThanOrEqual(1));
});

/** Willardson & Burkett 2005, J Strength Cond Res 19:23-26, and 2006, 20:400-403 (from memory, low confidence). */
test.each([
  [60, 17],
  [120, 21],
  [300, 26],
])('four sets of an eight-rep load at %p s come to about %p, within three', (restS, wanted) => {
  const all = toFailure(8, restS, 4).reduce((a, b) => a + b, 0);
  expect(Math.abs(all - wanted)).toBeLessThanOrEqual(3);
});

test('a fifteen-rep load at thirty seconds: 15 6 4 3 3, within a rep', () => {
  const wanted = [15, 6, 4, 3, 3];
  toFailure(15, 30, 5).forEach((reps, i) => expect(Math.abs(reps - wanted[i]!)).toBeLessThanOrEqual(1.1));
});

/** Common practice: about 10, 8, 7 at two minutes. */
test('three sets to failure at two minutes, and with two left at most a rep and a half lost', () => {
  const wanted = [10, 8, 7];
  toFailure(10, 120, 3).forEach((reps, i) => expect(Math.abs(reps - wanted[i]!)).toBeLessThan(0.5));
  const kept = toFailure(10, 120, 3, 2);
  expect(kept[0]! - kept[2]!).toBeLessThan(1.5);
});

test('right after the last repetition exactly what was left is left', () => {
  for (const [first, reserve] of [
    [10, 2],
    [6, 1],
    [15, 3],
  ] as const) {
    const stores = freshStores();
    const over = overAt(first);
    tire(stores, { credits: press, done: first - reserve, possible: first, over, own: 0 }, usualCurve);
    expect(repsAt(over - lossOf(stores, press))).toBeCloseTo(reserve, 6);
  }
});

test('ten minutes on something else bring most of it back', () => {
  const stores = freshStores();
  const over = overAt(10);
  tire(stores, { credits: press, done: 10, possible: 10, over, own: 0 }, usualCurve);
  const lost = lossOf(stores, press, true);
  recover(stores, 600);
  expect(lossOf(stores, press)).toBeLessThan(0.2 * lost);
});
