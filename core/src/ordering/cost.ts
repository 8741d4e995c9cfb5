import { freshStore, lossOf, recover, type Store, tire } from '../fatigue';
import { boutsOf, MINUTE_COSTS, type Bout, type OrderPlan } from './plan';

/** Lets a store live through bouts that begin at times of its own clock; what their losses cost. */
export function lostIn(bouts: readonly Bout[], store: Store, fromS: number): { cost: number; atS: number } {
  let cost = 0;
  let atS = fromS;
  for (const bout of bouts) {
    recover(store, bout.startS - atS);
    cost += bout.weight * lossOf(store, bout.credits);
    tire(store, bout);
    atS = bout.endS;
  }
  return { cost, atS };
}

/** What an order costs: shares of max lost by what they are worth, minutes, and rules of order it breaks. Lower is better. */
export function costOf(plan: OrderPlan, order: readonly number[]): number {
  const state = { ...plan.start };
  const store = freshStore();
  let cost = 0;
  let atS = 0;
  order.forEach((index, place) => {
    const lost = lostIn(boutsOf(plan, index, state), store, atS);
    atS = lost.atS;
    cost += lost.cost;
    for (let before = 0; before < place; before++) cost += plan.broken[order[before]!]![index]!;
  });
  return cost + ((state.nowS - plan.start.nowS) / 60) * MINUTE_COSTS;
}
