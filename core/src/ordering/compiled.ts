import { regionIds } from '../anatomy';
import type { ClockState } from '../clock';
import { fatigueTable, freshStore, tire } from '../fatigue';
import { boutsOf, type OrderPlan } from './plan';

/** A bout as plain figures: only regions that any block of the plan touches. */
interface Step {
  /** What is left of each store after the time since the bout before. */
  fastLeft: number;
  slowLeft: number;
  /** Regions it asks, with their credit. */
  asks: readonly { region: number; credit: number }[];
  weight: number;
  /** What it adds to the two stores of each region. */
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

const { fastRecoveryS, slowRecoveryS, most } = fatigueTable;
export const leftAfter = (seconds: number): { fast: number; slow: number } => ({
  fast: Math.exp(-seconds / fastRecoveryS),
  slow: Math.exp(-seconds / slowRecoveryS),
});

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
      atS = bout.endS;
      const added = freshStore();
      tire(added, bout);
      return {
        fastLeft: left.fast,
        slowLeft: left.slow,
        weight: bout.weight,
        asks: this.regions.flatMap((r, region) => {
          const credit = bout.credits[regionIds[r]!];
          return credit ? [{ region, credit }] : [];
        }),
        addsFast: Float64Array.from(this.regions, (r) => added.fast[r]!),
        addsSlow: Float64Array.from(this.regions, (r) => added.slow[r]!),
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
    let loss = 0;
    for (const { region, credit } of step.asks) {
      const tired = fast[region]! + slow[region]!;
      const asked = credit * (tired < most ? tired : most);
      if (asked > loss) loss = asked;
    }
    cost += step.weight * loss;
    for (let r = 0; r < fast.length; r++) {
      fast[r]! += step.addsFast[r]!;
      slow[r]! += step.addsSlow[r]!;
    }
  }
  return cost;
}

/** What a block costs in one region alone, as a sum: fresh, and for each unit the two stores begin with. */
export interface InOne {
  fresh: number;
  perFast: number;
  perSlow: number;
  /** What the block leaves in the two stores when it began fresh. */
  fast: number;
  slow: number;
}

/**
 * A block in one region alone. Where no region comes to the most it gives up, that never costs more than the block
 * does, and adds up over whatever came before.
 */
export function inOneRegion({ steps }: Passage, region: number): InOne {
  const sum: InOne = { fresh: 0, perFast: 0, perSlow: 0, fast: 0, slow: 0 };
  let fastLeft = 1;
  let slowLeft = 1;
  for (const step of steps) {
    sum.fast *= step.fastLeft;
    sum.slow *= step.slowLeft;
    fastLeft *= step.fastLeft;
    slowLeft *= step.slowLeft;
    const credit = step.asks.find((a) => a.region === region)?.credit ?? 0;
    sum.fresh += step.weight * credit * (sum.fast + sum.slow);
    sum.perFast += step.weight * credit * fastLeft;
    sum.perSlow += step.weight * credit * slowLeft;
    sum.fast += step.addsFast[region]!;
    sum.slow += step.addsSlow[region]!;
  }
  return sum;
}

/** Regions that cannot come to the most they give up, whatever the order: the fast store where sets follow soonest, all of the slow one. */
export function neverSpent(passages: readonly Passage[], regions: number): boolean[] {
  const steps = passages.flatMap((p) => p.steps);
  const soonest = Math.max(0, ...steps.map((s) => s.fastLeft));
  return Array.from({ length: regions }, (_, r) => {
    const adds = Math.max(0, ...steps.map((s) => s.addsFast[r]!));
    const slow = steps.reduce((sum, s) => sum + s.addsSlow[r]!, 0);
    return soonest < 1 && adds / (1 - soonest) + slow < most;
  });
}
