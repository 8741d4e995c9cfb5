import { expectPinned } from '../testing/pinned';
import { fatigueTable } from './calibrated';
import { freshStore, lossOf, recover, runFatigue, tire } from './stores';

test('stores are spent and filled as they were', () => {
  const store = freshStore();
  const states: unknown[] = [];
  for (const [i, credits] of [
    { pecMiddle: 1, triLong: 0.5 },
    { deltFront: 1 },
    { triLong: 1, pecUpper: 0.3 },
  ].entries()) {
    tire(store, { credits, reps: 6 + 3 * i, reserve: i });
    states.push(JSON.parse(JSON.stringify(store)), lossOf(store, { pecMiddle: 1 }), lossOf(store, credits));
    recover(store, 45 * (i + 1));
    states.push(JSON.parse(JSON.stringify(store)), lossOf(store, credits));
  }
  const exertions = [0, 1, 2, 3].map((i) => ({
    id: `e${i}`,
    startS: 120 * i,
    endS: 120 * i + 35,
    credits: i % 2 ? { triLong: 1 } : { pecMiddle: 1, triLong: 0.5, deltFront: 0.5 },
    reps: 8 + i,
    reserve: 2 - (i % 3),
  }));
  expectPinned(import.meta.dirname, 'fatigue', {
    table: fatigueTable,
    states,
    run: runFatigue(exertions as never, 900),
    open: runFatigue(exertions as never, null),
  });
});
