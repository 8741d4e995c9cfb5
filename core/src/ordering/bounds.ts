import { clockTable } from '../clock';
import { leftAfter } from '../set-model';
import { asSum, type AsSum, type Compiled, type Passage } from './compiled';
import { MINUTE_COSTS } from './plan';

/** What a block takes at least and at most, whatever comes before it. */
interface Reach {
  leastS: number;
  mostS: number;
  /** With the shortest way to its bouts. */
  near: Passage;
  /** With the longest way to its bouts, so that nobody comes to them more rested. */
  sum: AsSum;
}

const NOWHERE = ' nowhere';
const NO_BENCH = -999;

/** What the rest of an order costs at least, as far as it follows from which blocks are left. */
interface Rest {
  pairs: number;
  minutes: number;
  /** Blocks that are left, with what is left of the two stores at the latest they can come. */
  left: readonly { index: number; fast: number; slow: number }[];
}

/** What a little more fatigue now can cost the rest of an order at most, by region. */
export interface Sensitivity {
  fast: Float64Array;
  slow: Float64Array;
}

/** What somebody as tired as the stores say, less what has come back, costs a block. */
function costsTo(
  { perFast, perSlow }: AsSum,
  { fast, slow }: Pick<AsSum, 'fast' | 'slow'>,
  left: { fast: number; slow: number },
): number {
  let cost = 0;
  for (let r = 0; r < fast.length; r++)
    cost += fast[r]! * left.fast * perFast[r]! + slow[r]! * left.slow * perSlow[r]!;
  return cost;
}

/** What the rest of an order costs at least, and what more fatigue can cost it at most. */
export class Bounds {
  private readonly n: number;
  private readonly plan: Compiled['plan'];
  private readonly reach: readonly Reach[];
  /** At least so much does a before b cost: the rule it breaks, and b more tired by a, as long after it as can be. */
  private readonly pair: number[][];
  private readonly rests = new Map<number, Rest>();
  private readonly sensitivities = new Map<number, Sensitivity>();

  constructor(private readonly compiled: Compiled) {
    this.plan = compiled.plan;
    this.n = this.plan.blocks.length;
    this.reach = this.plan.blocks.map((_, i) => this.reachOf(i));
    this.pair = this.pairs();
  }

  private reachOf(index: number): Reach {
    const { plan, compiled } = this;
    const block = plan.blocks[index]!;
    // What is done in turn is set up from its last movement to its first.
    const first = plan.clocks.get(block.lines.at(-1)!.id)!;
    const benches = block.lines.flatMap((l) => plan.clocks.get(l.id)!.benchDeg ?? []);
    const clocks = [...plan.clocks.values()];
    const rests = clocks.map((c) => c.restS);
    const near = compiled.passage(index, {
      station: first.station,
      bench: benches.at(-1) ?? null,
      // All but the first come after a rest, and the first is never among what is left.
      owedRestS: Math.min(...rests),
    });
    const farthest = Math.max(0, ...clocks.map((c) => plan.distances(c.station, first.station) ?? 0));
    const settingUp = clockTable.moveOn + clockTable.usualWayM + clockTable.benchAngle + first.loadingS;
    const owedRestS = Math.max(settingUp, ...rests) + Math.max(0, farthest - clockTable.usualWayM);
    const far = compiled.passage(index, { station: NOWHERE, bench: NO_BENCH, owedRestS });
    return { leastS: near.lastsS, mostS: far.lastsS, near, sum: asSum(far, compiled.regions.length) };
  }

  private pairs(): number[][] {
    const longest = this.reach.reduce((sum, r) => sum + r.mostS, 0);
    const { broken } = this.plan;
    return this.reach.map((a, i) =>
      this.reach.map((b, j) => {
        if (i === j) return broken[i]![j]!;
        const left = leftAfter(longest - a.leastS - b.leastS);
        return broken[i]![j]! + costsTo(b.sum, a.sum, left);
      }),
    );
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
    let pairs = 0;
    for (const i of is) {
      for (const j of is) if (j > i) pairs += Math.min(this.pair[i]![j]!, this.pair[j]![i]!);
      // What stands already and what comes have only one way round.
      for (let j = 0; j < this.n; j++) if (mask & (1 << j)) pairs += this.plan.broken[j]![i]!;
    }
    const rest: Rest = {
      pairs,
      minutes: is.reduce((sum, i) => sum + this.reach[i]!.leastS / 60, 0),
      left: is.map((index) => ({ index, ...leftAfter(longest - this.reach[index]!.mostS) })),
    };
    this.rests.set(mask, rest);
    return rest;
  }

  /** What the rest costs at least: each block with what is left of the fatigue so far, as long after it as it can come, and of two blocks of the rest the cheaper way round. */
  restAtLeast(mask: number, fast: Float64Array, slow: Float64Array): number {
    const { pairs, minutes, left } = this.restOf(mask);
    let own = 0;
    for (const { index, ...still } of left) {
      const { sum } = this.reach[index]!;
      own += sum.fresh + costsTo(sum, { fast, slow }, still);
    }
    return own + pairs + minutes * MINUTE_COSTS;
  }

  /**
   * A loss grows by what a region costs times what it is more tired by. The fast store passes: its whole
   * effect is that on the block that comes next, and a rest of it on each one after.
   */
  sensitivity(mask: number): Sensitivity {
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
        for (const { region, costs } of step.asks) {
          next[region]! += costs * left;
          slow[region]! += costs;
        }
        left *= step.fastAfter;
      }
      for (let r = 0; r < regions; r++) fast[r] = Math.max(fast[r]!, next[r]!);
    }
    const after = Number.isFinite(shortest) ? leftAfter(shortest).fast : 0;
    for (let r = 0; r < regions; r++) fast[r]! /= 1 - after;
    const found = { fast, slow };
    this.sensitivities.set(mask, found);
    return found;
  }
}
