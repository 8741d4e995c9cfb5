import { freshStores, lossOf, recover, type Stores, tire } from '../set-model';
import { boutsOf, MINUTE_COSTS, type Bout, type OrderPlan } from './plan';

/** Lets stores live through bouts that begin at times of their own clock; what the losses cost. Without what is gone in seconds. */
export function lostIn(bouts: readonly Bout[], stores: Stores, fromS: number): { cost: number; atS: number } {
  let cost = 0;
  let atS = fromS;
  for (const bout of bouts) {
    recover(stores, bout.startS - atS);
    cost += bout.weight * lossOf(stores, bout.credits, true) * Math.exp(bout.own);
    const workS = bout.endS - bout.startS;
    recover(stores, bout.oneSided ? workS / 2 : workS);
    tire(stores, bout, bout.curve);
    if (bout.oneSided) recover(stores, workS / 2);
    atS = bout.endS;
  }
  return { cost, atS };
}

/** What an order costs: shares of max lost by what they are worth, minutes, and rules of order it breaks. Lower is better. */
export function costOf(plan: OrderPlan, order: readonly number[]): number {
  const state = { ...plan.start };
  const stores = freshStores();
  let cost = 0;
  let atS = 0;
  order.forEach((index, place) => {
    const lost = lostIn(boutsOf(plan, index, state), stores, atS);
    atS = lost.atS;
    cost += lost.cost;
    for (let before = 0; before < place; before++) cost += plan.broken[order[before]!]![index]!;
  });
  return cost + ((state.nowS - plan.start.nowS) / 60) * MINUTE_COSTS;
}
