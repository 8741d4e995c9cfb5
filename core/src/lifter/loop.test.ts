import { figuresOf, livesOf } from '../testing/loop/figures';
import { trials } from '../testing/loop/plans';

/**
 * A small share of `npm run loop`: simulated clients whose laws are not the product's (`body.ts`) live by what it plans,
 * advises and logs. What is asked of forty over twelve weeks, with room for how few these are.
 */
test('loads come true for those who say what is left', () => {
  const found = figuresOf(
    livesOf(
      trials(10, { honest: true }).filter((_, i) => i % 3 === 0),
      7,
    ),
  );
  expect(Math.abs(found.firstLeft)).toBeLessThan(0.7);
  expect(Math.abs(found.otherLeft)).toBeLessThan(1);
  expect(Math.abs(found.lightLeft)).toBeLessThan(1);
  expect(found.expectedReps).toBeLessThan(1);
  expect(found.counted).toBeGreaterThan(0.88);
  expect(Math.abs(found.workingBias)).toBeLessThan(0.05);
  expect(found.turns).toBeLessThan(0.1);
});
