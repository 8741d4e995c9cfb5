import fc from 'fast-check';
import { appraiseAtOnce } from '../appraise';
import { type ClockState, layTimeline } from '../clock';
import { freshStores, lossOf, recover, type Stores, tire } from '../set-model';
import { line, sampleContext, session } from '../examples';
import { exertionOf, measure } from '../measure';
import { applyEdit, type Session } from '../session';
import { entries } from '../movements';
import { atOneGo } from '../units';
import { betterOrder } from './better-order';
import { lostIn } from './cost';
import { boutsOf, MINUTE_COSTS, planFor, type OrderPlan } from './plan';
import { bestOrder } from './search';

const pool = entries
  .filter((e) => !['preparation', 'corrective'].includes(e.movement.family))
  .map((e) => e.id);

/** Any few movements as a session, some of them in pairs, with or without something held. */
const anyDay = (least: number, most: number): fc.Arbitrary<Session> =>
  fc
    .record({
      ids: fc.uniqueArray(fc.constantFrom(...pool), { minLength: least, maxLength: most }),
      rests: fc.array(fc.constantFrom(30, 60, 120), { minLength: most, maxLength: most }),
      leave: fc.array(fc.constantFrom(0, 1, 3), { minLength: most, maxLength: most }),
      held: fc.nat(20),
      emphasis: fc.constantFrom('chest' as const, 'triceps' as const, 'deltSide' as const),
    })
    .map(({ ids, rests, leave, held, emphasis }) => {
      const s = session(
        ids.map((id, i) =>
          line(id, { id, restS: rests[i]!, reserve: { first: leave[i]! + 1, last: leave[i]! } }),
        ),
        { emphasis },
      );
      return { ...s, blocks: s.blocks.map((b, i) => (i === held ? { ...b, held: true as const } : b)) };
    });

/** An order weighed by another way: the whole session laid on the clock and run through the fatigue model at once. */
function weighed(plan: OrderPlan, order: readonly number[]): number {
  const blocks = order.map((i) => plan.blocks[i]!);
  const timeline = layTimeline({ warmup: [], blocks }, plan.clocks, plan.distances);
  const sets = timeline.events.filter((e) => e.kind === 'set');
  const stores = freshStores();
  let lost = 0;
  let nowS = 0;
  for (const e of sets) {
    const m = plan.byId.get(e.of!)!;
    const bout = exertionOf(m, e.index);
    recover(stores, e.startS - nowS);
    const loss = lossOf(stores, bout.credits, true) * Math.exp(bout.own);
    lost += loss * plan.weights.get(e.of!)![e.index]!;
    const sides = m.movement.oneSided ? 2 : 1;
    recover(stores, (e.endS - e.startS) / sides);
    tire(stores, bout, m.lift.belief.curve);
    recover(stores, (e.endS - e.startS) * (1 - 1 / sides));
    nowS = e.endS;
  }
  let broken = 0;
  order.forEach((b, place) => order.slice(0, place).forEach((a) => (broken += plan.broken[a]![b]!)));
  return lost + broken + (timeline.totalS / 60) * MINUTE_COSTS;
}

const allowed = (plan: OrderPlan, order: readonly number[]): boolean =>
  order.every((b, place) => !plan.held[b] || b === place);

/** The cost of the best of all orders, each of them walked to its end. */
function bruteForce(plan: OrderPlan): number {
  const n = plan.blocks.length;
  let best = Infinity;
  const walk = (order: number[], cost: number, clock: ClockState, store: Stores, atS: number): void => {
    if (order.length === n) {
      if (allowed(plan, order))
        best = Math.min(best, cost + ((clock.nowS - plan.start.nowS) / 60) * MINUTE_COSTS);
      return;
    }
    for (let next = 0; next < n; next++) {
      if (order.includes(next)) continue;
      const then = { ...clock };
      const tired = { fast: store.fast.slice(), slow: store.slow.slice(), atOnce: store.atOnce.slice() };
      const lost = lostIn(boutsOf(plan, next, then), tired, atS);
      const broken = order.reduce((sum, before) => sum + plan.broken[before]![next]!, 0);
      walk([...order, next], cost + lost.cost + broken, then, tired, lost.atS);
    }
  };
  walk([], 0, plan.start, freshStores(), 0);
  return best;
}

test('the order found is the best of all orders, weighed by another way', () => {
  fc.assert(
    fc.property(anyDay(2, 6), (s) => {
      const plan = planFor(measure(s, sampleContext));
      const found = atOneGo(bestOrder(plan));
      expect(found.bound).toBe(found.cost);
      expect(allowed(plan, found.order)).toBe(true);
      expect(weighed(plan, found.order)).toBeCloseTo(found.cost, 9);
      expect(found.cost).toBeCloseTo(bruteForce(plan), 9);
    }),
    { numRuns: 12 },
  );
});

test('so is that of eight movements', () => {
  const ids = [
    'pushdown',
    'cable-lateral-raise',
    'dumbbell-fly',
    'barbell-bench-press',
    'face-pull',
    'incline-dumbbell-press',
    'standing-barbell-press',
    'lying-triceps-extension',
  ];
  const plan = planFor(measure(session(ids.map((id) => line(id))), sampleContext));
  const found = atOneGo(bestOrder(plan));
  expect(found.cost).toBeCloseTo(bruteForce(plan), 9);
});

test('a search that stops early says how much better an order could be, and never promises too little', () => {
  fc.assert(
    fc.property(anyDay(5, 6), fc.integer({ min: 1, max: 60 }), (s, most) => {
      const plan = planFor(measure(s, sampleContext));
      const found = atOneGo(bestOrder(plan, most));
      const best = bruteForce(plan);
      expect(found.bound).toBeLessThanOrEqual(best + 1e-9);
      expect(found.cost).toBeGreaterThanOrEqual(best - 1e-9);
    }),
    { numRuns: 12 },
  );
});

test('what a better order says it changes is what doing it changes, and doing it twice changes nothing', () => {
  const s = session([line('pushdown'), line('cable-fly-shoulder-height'), line('barbell-bench-press')]);
  const better = atOneGo(betterOrder(s, sampleContext))!;
  expect(better.order[0]).toBe('Barbell bench press');
  expect(better.gone.some((what) => what.startsWith('Triceps pushdown tires the triceps before'))).toBe(true);
  const after = applyEdit(s, better.edit);
  const minutes = (x: Session): number => appraiseAtOnce(x, sampleContext).totals.minutes;
  expect(minutes(after) - minutes(s)).toBeCloseTo(better.minutes, 9);
  expect(better.openBy).toBeNull();
  expect(atOneGo(betterOrder(after, sampleContext))).toBeNull();
});

test('what is held stays where it stands', () => {
  const s = session([line('pushdown'), line('cable-fly-shoulder-height'), line('barbell-bench-press')]);
  const held = { ...s, blocks: s.blocks.map((b, i) => (i === 0 ? { ...b, held: true as const } : b)) };
  expect(atOneGo(betterOrder(held, sampleContext))!.order[0]).toBe('Triceps pushdown');
});
