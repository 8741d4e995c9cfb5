import { clockTable, type ClockState } from '../clock/timeline';
import {
  Compiled,
  inOneRegion,
  leftAfter,
  livedThrough,
  neverSpent,
  type InOne,
  type Passage,
} from './compiled';
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

/** What a block takes at least and at most, whatever comes before it. */
interface Reach {
  leastS: number;
  mostS: number;
  /** With the shortest way to its bouts. */
  near: Passage;
  /** By region, with the longest way to its bouts, so that nobody comes to them more rested. */
  inOne: readonly InOne[];
  /** The region that costs it most by itself; what came before is added up in it. */
  region: number;
}

const NOWHERE = ' nowhere';
const NO_BENCH = -999;

/** What the rest of an order costs at least, as far as it follows from which blocks are left. */
interface Rest {
  pairsBroken: number;
  pairsTired: number;
  minutes: number;
  /** Blocks that are left, with what is left of the two stores at the latest they can come. */
  left: readonly { index: number; fast: number; slow: number }[];
}

/** What a little more fatigue now can cost the rest of an order at most, by region. */
interface Sensitivity {
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
  private readonly reach: readonly Reach[];
  private readonly sensitivities = new Map<number, Sensitivity>();
  private readonly rests = new Map<number, Rest>();
  private readonly addsUp: readonly boolean[];
  /** At least so much does a before b cost: the rule it breaks, and b more tired by a, as long after it as can be. */
  private readonly pair: number[][];
  private best: { order: number[]; cost: number };
  looked = 0;

  constructor(private readonly plan: OrderPlan) {
    this.n = plan.blocks.length;
    this.compiled = new Compiled(plan);
    this.reach = plan.blocks.map((_, i) => this.reachOf(i));
    this.addsUp = neverSpent(
      this.reach.map((r) => r.near),
      this.compiled.regions.length,
    );
    this.pair = this.pairs();
    this.best = this.descent(plan.blocks.map((_, i) => i));
  }

  get found(): { order: number[]; cost: number } {
    return this.best;
  }

  private reachOf(index: number): Reach {
    const { plan, compiled } = this;
    const block = plan.blocks[index]!;
    const first = plan.clocks.get(block.lines[0]!.id)!;
    const benches = block.lines.flatMap((l) => plan.clocks.get(l.id)!.benchDeg ?? []);
    const clocks = [...plan.clocks.values()];
    const rests = clocks.map((c) => c.restS);
    const near = compiled.passage(index, {
      station: first.station,
      bench: benches[0] ?? null,
      // All but the first come after a rest, and the first is never among what is left.
      owedRestS: Math.min(...rests),
    });
    const farthest = Math.max(0, ...clocks.map((c) => plan.distances(c.station, first.station) ?? 0));
    const settingUp = clockTable.moveOn + clockTable.usualWayM + clockTable.benchAngle + first.loadingS;
    const owedRestS = Math.max(settingUp, ...rests) + Math.max(0, farthest - clockTable.usualWayM);
    const far = compiled.passage(index, { station: NOWHERE, bench: NO_BENCH, owedRestS });
    const inOne = compiled.regions.map((_, r) => inOneRegion(far, r));
    const region = inOne.reduce((best, one, r) => (one.fresh > inOne[best]!.fresh ? r : best), 0);
    return { leastS: near.lastsS, mostS: far.lastsS, near, inOne, region };
  }

  private pairs(): number[][] {
    const longest = this.reach.reduce((sum, r) => sum + r.mostS, 0);
    const { broken } = this.plan;
    return this.reach.map((a, i) =>
      this.reach.map((b, j) => {
        if (i === j || !this.addsUp[b.region]) return broken[i]![j]!;
        const left = leftAfter(longest - a.leastS - b.leastS);
        const { fast, slow } = a.inOne[b.region]!;
        const { perFast, perSlow } = b.inOne[b.region]!;
        return broken[i]![j]! + fast * left.fast * perFast + slow * left.slow * perSlow;
      }),
    );
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

  private restOf(mask: number): Rest {
    const known = this.rests.get(mask);
    if (known) return known;
    const is: number[] = [];
    let longest = 0;
    for (let i = 0; i < this.n; i++)
      if (!(mask & (1 << i))) {
        is.push(i);
        longest += this.reach[i]!.mostS;
      }
    let pairsBroken = 0;
    let pairsTired = 0;
    for (const i of is) {
      for (const j of is)
        if (j > i) {
          pairsTired += Math.min(this.pair[i]![j]!, this.pair[j]![i]!);
          pairsBroken += Math.min(this.plan.broken[i]![j]!, this.plan.broken[j]![i]!);
        }
      // What stands already and what comes have only one way round.
      for (let j = 0; j < this.n; j++)
        if (mask & (1 << j)) {
          pairsTired += this.plan.broken[j]![i]!;
          pairsBroken += this.plan.broken[j]![i]!;
        }
    }
    const rest: Rest = {
      pairsBroken,
      pairsTired,
      minutes: is.reduce((sum, i) => sum + this.reach[i]!.leastS / 60, 0),
      left: is.map((index) => ({ index, ...leftAfter(longest - this.reach[index]!.mostS) })),
    };
    this.rests.set(mask, rest);
    return rest;
  }

  /**
   * What the rest costs at least, the better of two ways to say it: each block with what is left of the fatigue so
   * far, as long after it as it can come, in the region where that costs most; or in a region of its own, with what
   * the others of the rest add to it, of two blocks the cheaper way round.
   */
  private restAtLeast(mask: number, fast: Float64Array, slow: Float64Array): number {
    const { pairsBroken, pairsTired, minutes, left } = this.restOf(mask);
    let worst = 0;
    let own = 0;
    for (const { index, fast: f, slow: s } of left) {
      const { inOne, region } = this.reach[index]!;
      let most = 0;
      for (let r = 0; r < inOne.length; r++) {
        if (!this.addsUp[r]) continue;
        const one = inOne[r]!;
        const cost = one.fresh + fast[r]! * f * one.perFast + slow[r]! * s * one.perSlow;
        if (cost > most) most = cost;
        if (r === region) own += cost;
      }
      worst += most;
    }
    return Math.max(worst + pairsBroken, own + pairsTired) + minutes * MINUTE_COSTS;
  }

  /**
   * A loss grows by no more than credit times what a region is more tired by. The fast store passes: its whole
   * effect is that on the block that comes next, and a rest of it on each one after.
   */
  private sensitivity(mask: number): Sensitivity {
    const known = this.sensitivities.get(mask);
    if (known) return known;
    const regions = this.compiled.regions.length;
    const fast = new Float64Array(regions);
    const slow = new Float64Array(regions);
    let shortest = Infinity;
    for (let i = 0; i < this.n; i++) {
      if (mask & (1 << i)) continue;
      const { near, leastS } = this.reach[i]!;
      shortest = Math.min(shortest, leastS);
      const next = new Float64Array(regions);
      let left = 1;
      for (const step of near.steps) {
        left *= step.fastLeft;
        for (const { region, credit } of step.asks) {
          next[region]! += step.weight * credit * left;
          slow[region]! += step.weight * credit;
        }
      }
      for (let r = 0; r < regions; r++) fast[r] = Math.max(fast[r]!, next[r]!);
    }
    const after = Number.isFinite(shortest) ? leftAfter(shortest).fast : 0;
    for (let r = 0; r < regions; r++) fast[r]! /= 1 - after;
    const found = { fast, slow };
    this.sensitivities.set(mask, found);
    return found;
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
    const bound = cost + this.restAtLeast(mask, fast, slow);
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
    const sensitivity = this.sensitivity(next.mask);
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
