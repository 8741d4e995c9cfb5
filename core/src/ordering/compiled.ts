import { regionIds } from '../anatomy';
import type { ClockState } from '../clock';
import { amountOf, leftAfter, setModelTable } from '../set-model';
import { boutsOf, type Bout, type OrderPlan } from './plan';

/** A bout as plain figures: only regions that any block of the plan touches. */
interface Step {
  /** What is left of each store after the time since the bout before, and after the bout itself. */
  fastLeft: number;
  slowLeft: number;
  fastAfter: number;
  slowAfter: number;
  /** Regions it asks, with what a unit of their tiredness costs it. */
  asks: readonly { region: number; costs: number }[];
  /** What it adds to the two stores of each region, as it stands at the bout's end. */
  addsFast: Float64Array;
  addsSlow: Float64Array;
}

/** A block begun at one state of the clock. */
export interface Passage {
  steps: readonly Step[];
  /** From the end of the block's last bout to the clock after it is nothing; from the clock before it, seconds. */
  lastsS: number;
  next: Omit<ClockState, 'nowS'>;
}

const { fast: FAST, slow: SLOW } = setModelTable.tiring;

/** What a unit of tiredness of a region costs a bout: its share of the loss, by what the bout is worth. */
function costsOf({ credits, own, weight }: Bout, region: number): number {
  const squares = regionIds.reduce((sum, id) => sum + (credits[id] ?? 0) ** 2, 0);
  const credit = credits[regionIds[region]!] ?? 0;
  return squares === 0 ? 0 : (weight * credit * Math.exp(own)) / squares;
}

/** A plan made quick: each block at each state of the clock it can meet is laid out once. */
export class Compiled {
  readonly regions: readonly number[];
  private readonly known = new Map<string, Passage>();

  constructor(readonly plan: OrderPlan) {
    const used = new Set<number>();
    plan.blocks.forEach((_, i) => {
      for (const bout of boutsOf(plan, i, { ...plan.start }))
        regionIds.forEach((id, r) => bout.credits[id] && used.add(r));
    });
    this.regions = [...used].sort((a, b) => a - b);
  }

  /** The block of this index from a state of the clock; the stores are as they were at the end of the bout before. */
  passage(index: number, from: Omit<ClockState, 'nowS'>): Passage {
    const key = `${index} ${from.station} ${from.bench} ${from.owedRestS}`;
    let passage = this.known.get(key);
    if (!passage) this.known.set(key, (passage = this.laid(index, from)));
    return passage;
  }

  private laid(index: number, from: Omit<ClockState, 'nowS'>): Passage {
    const clock: ClockState = { nowS: 0, ...from };
    let atS = 0;
    const steps = boutsOf(this.plan, index, clock).map((bout): Step => {
      const left = leftAfter(bout.startS - atS);
      const workS = bout.endS - bout.startS;
      const after = leftAfter(workS);
      // The other side's half is rest for what this one took out.
      const still = leftAfter(bout.oneSided ? workS / 2 : 0);
      atS = bout.endS;
      const amount = amountOf(bout, bout.curve);
      const adds = (share: number, kept: number): Float64Array =>
        Float64Array.from(this.regions, (r) => share * kept * amount * (bout.credits[regionIds[r]!] ?? 0));
      return {
        fastLeft: left.fast,
        slowLeft: left.slow,
        fastAfter: after.fast,
        slowAfter: after.slow,
        asks: this.regions.flatMap((r, region) => {
          const costs = costsOf(bout, r);
          return costs > 0 ? [{ region, costs }] : [];
        }),
        addsFast: adds(FAST, still.fast),
        addsSlow: adds(SLOW, still.slow),
      };
    });
    const { nowS, ...next } = clock;
    return { steps, lastsS: nowS, next };
  }
}

/** Lives through a block in place; what the losses of its bouts cost. Stores are of the compiled regions. */
export function livedThrough({ steps }: Passage, fast: Float64Array, slow: Float64Array): number {
  let cost = 0;
  for (const step of steps) {
    for (let r = 0; r < fast.length; r++) {
      fast[r]! *= step.fastLeft;
      slow[r]! *= step.slowLeft;
    }
    for (const { region, costs } of step.asks) cost += costs * (fast[region]! + slow[region]!);
    for (let r = 0; r < fast.length; r++) {
      fast[r] = fast[r]! * step.fastAfter + step.addsFast[r]!;
      slow[r] = slow[r]! * step.slowAfter + step.addsSlow[r]!;
    }
  }
  return cost;
}

/** What a block costs as a sum: by itself when begun fresh, and for each unit of a region's two stores it begins with. */
export interface AsSum {
  fresh: number;
  perFast: Float64Array;
  perSlow: Float64Array;
  /** What the block leaves in the two stores when it began fresh. */
  fast: Float64Array;
  slow: Float64Array;
}

/** A block as a sum over regions, exact: what it costs grows in a straight line with how tired anybody comes to it. */
export function asSum(passage: Passage, regions: number): AsSum {
  const none = (): Float64Array => new Float64Array(regions);
  const sum: AsSum = { fresh: 0, perFast: none(), perSlow: none(), fast: none(), slow: none() };
  let fastLeft = 1;
  let slowLeft = 1;
  for (const step of passage.steps) {
    fastLeft *= step.fastLeft;
    slowLeft *= step.slowLeft;
    for (const { region, costs } of step.asks) {
      sum.perFast[region]! += costs * fastLeft;
      sum.perSlow[region]! += costs * slowLeft;
    }
    fastLeft *= step.fastAfter;
    slowLeft *= step.slowAfter;
  }
  sum.fresh = livedThrough(passage, sum.fast, sum.slow);
  return sum;
}
