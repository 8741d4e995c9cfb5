import { type Credits, regionIds, regions, type VoiceId } from '../anatomy';
import { fatigueTable } from './calibrated';
import { clamp } from '../units';

/** The constants of the two stores. */
export interface FatigueTable {
  /** Share of capacity lost to one set of ten to failure at full credit, by store. */
  fastPerSet: number;
  slowPerSet: number;
  /** Seconds in which a store falls to 1/e. */
  fastRecoveryS: number;
  slowRecoveryS: number;
  /** How much less a set adds for each repetition left in reserve: e^(−k·reserve), about half at 2. */
  reserveDecay: number;
  /** No region gives up more than this. */
  most: number;
}

/** A set as the stores see it. */
export interface Exertion {
  startS: number;
  endS: number;
  credits: Credits;
  reps: number;
  reserve: number;
}

/** How tired every region is, in the order of `regionIds`. */
export interface Store {
  fast: Float64Array;
  slow: Float64Array;
}

const sparse = new WeakMap<Credits, [number, number][]>();

/** Credits as index and amount, without the zeros. */
function entriesOf(credits: Credits): [number, number][] {
  let list = sparse.get(credits);
  if (!list) {
    list = regionIds.flatMap((id, i): [number, number][] => (credits[id] ? [[i, credits[id]]] : []));
    sparse.set(credits, list);
  }
  return list;
}

export const freshStore = (): Store => ({
  fast: new Float64Array(regionIds.length),
  slow: new Float64Array(regionIds.length),
});

/** Lets a store recover, in place. */
export function recover(store: Store, seconds: number, table: FatigueTable = fatigueTable): void {
  const fast = Math.exp(-seconds / table.fastRecoveryS);
  const slow = Math.exp(-seconds / table.slowRecoveryS);
  for (let i = 0; i < regionIds.length; i++) {
    store.fast[i]! *= fast;
    store.slow[i]! *= slow;
  }
}

const tired = (store: Store, i: number, table: FatigueTable): number =>
  Math.min(table.most, store.fast[i]! + store.slow[i]!);

/** Loss of momentary max: what the movement's most tired important region costs it. */
export function lossOf(store: Store, credits: Credits, table: FatigueTable = fatigueTable): number {
  let loss = 0;
  for (const [i, credit] of entriesOf(credits)) loss = Math.max(loss, credit * tired(store, i, table));
  return loss;
}

/** What a set adds to a store, in place. */
export function tire(
  store: Store,
  { credits, reps, reserve }: Pick<Exertion, 'credits' | 'reps' | 'reserve'>,
  table: FatigueTable = fatigueTable,
): void {
  const effort = Math.exp(-table.reserveDecay * Math.max(0, reserve));
  const amount = effort * clamp(reps / 10, 0.2, 2);
  for (const [i, credit] of entriesOf(credits)) {
    store.fast[i]! += table.fastPerSet * credit * amount;
    store.slow[i]! += table.slowPerSet * credit * amount;
  }
}

export interface FreshnessPoint {
  atS: number;
  /** 1 fresh, 0 spent; the most tired region of the voice. */
  fresh: Record<VoiceId, number>;
}

export interface FatigueRun {
  /** Share of the fresh max lost at the start of each exertion, in the order given. */
  losses: number[];
  curve: FreshnessPoint[];
}

const voiceOf = regionIds.map((id) => regions[id].voice);

function freshness(store: Store, atS: number, table: FatigueTable): FreshnessPoint {
  const fresh = { chest: 1, shoulders: 1, triceps: 1, helpers: 1 };
  for (let i = 0; i < regionIds.length; i++) {
    const left = 1 - tired(store, i, table);
    if (left < fresh[voiceOf[i]!]) fresh[voiceOf[i]!] = left;
  }
  return { atS, fresh };
}

/**
 * Set-to-set fatigue: each region has a fast and a slow store. Runs them over sets in time order;
 * `endS` closes the curve, null leaves the curve out. A model's estimate.
 */
export function runFatigue(
  exertions: readonly Exertion[],
  endS: number | null,
  table: FatigueTable = fatigueTable,
): FatigueRun {
  const store = freshStore();
  const losses: number[] = [];
  const curve: FreshnessPoint[] = endS === null ? [] : [freshness(store, 0, table)];
  let now = 0;
  for (const set of exertions) {
    recover(store, set.startS - now, table);
    losses.push(lossOf(store, set.credits, table));
    if (endS !== null) curve.push(freshness(store, set.startS, table));
    tire(store, set, table);
    now = set.endS;
    if (endS !== null) curve.push(freshness(store, now, table));
  }
  if (endS === null) return { losses, curve };
  recover(store, Math.max(0, endS - now), table);
  curve.push(freshness(store, Math.max(endS, now), table));
  return { losses, curve };
}
