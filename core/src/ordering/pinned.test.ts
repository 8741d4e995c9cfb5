import { byName, pinMany, randomCases, ruleCases, soundCase } from '../testing/cases';
import { expectPinned } from '../testing/pinned';
import { atOneGo } from '../units';
import { betterOrder } from './better-order';
import { leftAfter } from '../set-model';
import { costOf } from './cost';
import { boutsOf, MINUTE_COSTS, planFor } from './plan';
import { bestOrder, MOST_BLOCKS_ORDERED } from './search';

const cases = [soundCase, ...randomCases(6), ...ruleCases.filter((_, i) => i % 15 === 0)];

test('what orders cost, and which is best, is what it was', () => {
  expectPinned(import.meta.dirname, 'orders', {
    constants: [MINUTE_COSTS, MOST_BLOCKS_ORDERED, [0, 30, 90, 600].map(leftAfter)],
    ...byName(cases, ({ session, context }, measured) => {
      const plan = planFor(measured);
      const order = plan.blocks.map((_, i) => i);
      if (order.length === 0) return null;
      return [
        [...plan.weights].map(([line, weights]) => [line, weights]),
        plan.broken,
        plan.held,
        plan.start,
        costOf(plan, order),
        costOf(plan, [...order].reverse()),
        boutsOf(plan, 0, plan.start).map((b) => Object.values(b).filter((v) => typeof v !== 'object')),
        order.length <= 7 ? atOneGo(bestOrder(plan)) : null,
        order.length <= 7 ? atOneGo(betterOrder(session, context)) : null,
      ];
    }),
  });
});

test('and of many sessions', () => {
  pinMany(import.meta.dirname, randomCases(70), (_, measured) => {
    const plan = planFor(measured);
    const order = plan.blocks.map((_block, i) => i);
    if (order.length === 0) return null;
    return [
      plan.broken,
      [...plan.weights],
      costOf(plan, order),
      costOf(plan, [...order].reverse()),
      order.length <= 5 ? atOneGo(bestOrder(plan)) : null,
    ];
  });
});
