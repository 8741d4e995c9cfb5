import type { ClockState } from '../clock';
import { Bounds, type Sensitivity } from './bounds';
import { Compiled, livedThrough } from './compiled';
import { costOf } from './cost';
import { MINUTE_COSTS, type OrderPlan } from './plan';

/** What a search found: the best order it knows, and what no order can be better than. */
export interface Found {
  order: number[];
  cost: number;
  /** No order costs less than this; the same as `cost` where it is proven. */
  bound: number;
  /** Beginnings that were looked at. */
  looked: number;
}

/** The beginning of an order: what it cost so far, and everything the rest of it can depend on. */
interface Beginning {
  mask: number;
  last: number;
  before: Beginning | null;
  cost: number;
  bound: number;
  clock: Omit<ClockState, 'nowS'>;
  fast: Float64Array;
  slow: Float64Array;
}

/** True where one beginning, with all its fatigue can still cost, leaves nobody worse off than another of the same blocks. */
function isNoWorse(a: Beginning, b: Beginning, { fast, slow }: Sensitivity): boolean {
  let ahead = b.cost - a.cost + 1e-12;
  if (ahead < 0) return false;
  for (let r = 0; r < fast.length; r++) {
    const f = a.fast[r]! - b.fast[r]!;
    const s = a.slow[r]! - b.slow[r]!;
    if (f > 0) ahead -= f * fast[r]!;
    if (s > 0) ahead -= s * slow[r]!;
    if (ahead < 0) return false;
  }
  return true;
}

function orderOf(beginning: Beginning): number[] {
  const order: number[] = [];
  for (let b: Beginning | null = beginning; b && b.last >= 0; b = b.before) order.push(b.last);
  return order.reverse();
}

class Search {
  private readonly n: number;
  private readonly compiled: Compiled;
  private readonly bounds: Bounds;
  private best: { order: number[]; cost: number };
  looked = 0;

  constructor(private readonly plan: OrderPlan) {
    this.n = plan.blocks.length;
    this.compiled = new Compiled(plan);
    this.bounds = new Bounds(this.compiled);
    this.best = this.descent(plan.blocks.map((_, i) => i));
  }

  get found(): { order: number[]; cost: number } {
    return this.best;
  }

  /** Moves single blocks to better places until none is left: a good order to begin with, proven by nothing. */
  private descent(from: number[]): { order: number[]; cost: number } {
    let best = { order: from, cost: costOf(this.plan, from) };
    for (let changed = true; changed;) {
      changed = false;
      for (let i = 0; i < this.n; i++)
        for (let to = 0; to < this.n; to++) {
          const order = [...best.order];
          const [moved] = order.splice(i, 1);
          order.splice(to, 0, moved!);
          if (!order.every((b, place) => !this.plan.held[b] || b === place)) continue;
          const cost = costOf(this.plan, order);
          if (cost < best.cost - 1e-9) {
            best = { order, cost };
            changed = true;
          }
        }
    }
    return best;
  }

  private extended(beginning: Beginning, index: number): Beginning | null {
    const passage = this.compiled.passage(index, beginning.clock);
    const fast = beginning.fast.slice();
    const slow = beginning.slow.slice();
    let cost = beginning.cost + livedThrough(passage, fast, slow) + (passage.lastsS / 60) * MINUTE_COSTS;
    for (let before = 0; before < this.n; before++)
      if (beginning.mask & (1 << before)) cost += this.plan.broken[before]![index]!;
    if (cost >= this.best.cost) return null;
    const mask = beginning.mask | (1 << index);
    const bound = cost + this.bounds.restAtLeast(mask, fast, slow);
    return { mask, last: index, before: beginning, cost, bound, clock: passage.next, fast, slow };
  }

  private canStand(index: number, place: number): boolean {
    return this.plan.held[index] ? index === place : !this.plan.held[place];
  }

  /** Beginnings of one length after the other, from which those that cannot lead to anything better are gone. */
  *run(most: number): Generator<void, number> {
    const { nowS: _nowS, ...clock } = this.plan.start;
    const none = (): Float64Array => new Float64Array(this.compiled.regions.length);
    let layer: Beginning[] = [
      { mask: 0, last: -1, before: null, cost: 0, bound: 0, clock, fast: none(), slow: none() },
    ];
    for (let place = 0; place < this.n; place++) {
      const kept = new Map<string, Beginning[]>();
      for (const beginning of layer) {
        // The best may have come down since.
        if (beginning.bound >= this.best.cost - 1e-9) continue;
        for (let i = 0; i < this.n; i++) {
          if (beginning.mask & (1 << i) || !this.canStand(i, place)) continue;
          if (this.looked >= most)
            return [...layer, ...[...kept.values()].flat()].reduce(
              (least, b) => Math.min(least, b.bound),
              this.best.cost,
            );
          this.looked += 1;
          if (this.looked % 500 === 0) yield;
          const next = this.extended(beginning, i);
          if (next) this.keep(kept, next);
        }
      }
      layer = [...kept.values()].flat().sort((a, b) => a.bound - b.bound);
      if (place === this.n - 1)
        for (const whole of layer)
          if (whole.cost < this.best.cost) this.best = { order: orderOf(whole), cost: whole.cost };
    }
    return this.best.cost;
  }

  private keep(kept: Map<string, Beginning[]>, next: Beginning): void {
    if (next.bound >= this.best.cost - 1e-9) return;
    // The same blocks, ending with the same one and the same bench: only cost and fatigue can differ.
    const key = `${next.mask} ${next.last} ${next.clock.bench}`;
    const others = kept.get(key);
    if (!others) {
      kept.set(key, [next]);
      return;
    }
    const sensitivity = this.bounds.sensitivity(next.mask);
    if (others.some((other) => isNoWorse(other, next, sensitivity))) return;
    kept.set(key, [...others.filter((other) => !isNoWorse(next, other, sensitivity)), next]);
  }
}

/** Beginnings that are looked at before a search stops with what it knows. */
const MOST_LOOKED = 100_000;
/** A mask has room for so many blocks. */
export const MOST_BLOCKS_ORDERED = 24;

/**
 * The order of the blocks that costs least, by search over beginnings with a bound that never promises too little
 * and without those that another beginning of the same blocks beats. Exact unless it stops early: then `bound`
 * says how much better an order could be at most.
 */
export function* bestOrder(plan: OrderPlan, most = MOST_LOOKED): Generator<void, Found> {
  const search = new Search(plan);
  const bound = yield* search.run(plan.blocks.length > MOST_BLOCKS_ORDERED ? 0 : most);
  return { ...search.found, bound, looked: search.looked };
}
