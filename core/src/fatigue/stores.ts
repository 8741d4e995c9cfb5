import { regionIds, regions, type Credits, type VoiceId } from '../anatomy/regions';
import { clamp } from '../units/numbers';

/**
 * Set-to-set fatigue: each region has a fast and a slow store. A model estimate; the constants are
 * set so that three sets to failure with a 10-rep max give about 10, 8, 7 at two minutes' rest,
 * 10, 7, 5 at one and 10, 9, 8 at four (common practice).
 */
export const fatigueTable = {
  /** Share of capacity lost to one set of ten to failure at full credit. */
  fastPerSet: 0.1,
  slowPerSet: 0.025,
  fastRecoveryS: 87,
  slowRecoveryS: 45 * 60,
  /** How much less a set adds for each repetition left in reserve: e^(−k·reserve), about half at 2. */
  reserveDecay: 0.35,
  /** No region gives up more than this. */
  most: 0.6,
} as const;

/** A set as the stores see it. */
export interface Exertion {
  startS: number;
  endS: number;
  credits: Credits;
  reps: number;
  reserve: number;
}

/** How tired every region is, in the order of `regionIds`. */
interface Store {
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

function recover(store: Store, seconds: number): void {
  const fast = Math.exp(-seconds / fatigueTable.fastRecoveryS);
  const slow = Math.exp(-seconds / fatigueTable.slowRecoveryS);
  for (let i = 0; i < regionIds.length; i++) {
    store.fast[i]! *= fast;
    store.slow[i]! *= slow;
  }
}

const tired = (store: Store, i: number): number =>
  Math.min(fatigueTable.most, store.fast[i]! + store.slow[i]!);

/** Loss of momentary max: what the movement's most tired important region costs it. */
function lossOf(store: Store, credits: Credits): number {
  let loss = 0;
  for (const [i, credit] of entriesOf(credits)) loss = Math.max(loss, credit * tired(store, i));
  return loss;
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

function freshness(store: Store, atS: number): FreshnessPoint {
  const fresh = { chest: 1, shoulders: 1, triceps: 1, helpers: 1 };
  for (let i = 0; i < regionIds.length; i++) {
    const left = 1 - tired(store, i);
    if (left < fresh[voiceOf[i]!]) fresh[voiceOf[i]!] = left;
  }
  return { atS, fresh };
}

/** Runs the stores over sets in time order. `endS` closes the curve; null leaves the curve out. */
export function runFatigue(exertions: readonly Exertion[], endS: number | null): FatigueRun {
  const store = { fast: new Float64Array(regionIds.length), slow: new Float64Array(regionIds.length) };
  const losses: number[] = [];
  const curve: FreshnessPoint[] = endS === null ? [] : [freshness(store, 0)];
  let now = 0;
  for (const set of exertions) {
    recover(store, set.startS - now);
    losses.push(lossOf(store, set.credits));
    if (endS !== null) curve.push(freshness(store, set.startS));
    const effort = Math.exp(-fatigueTable.reserveDecay * Math.max(0, set.reserve));
    const amount = effort * clamp(set.reps / 10, 0.2, 2);
    for (const [i, credit] of entriesOf(set.credits)) {
      store.fast[i]! += fatigueTable.fastPerSet * credit * amount;
      store.slow[i]! += fatigueTable.slowPerSet * credit * amount;
    }
    now = set.endS;
    if (endS !== null) curve.push(freshness(store, now));
  }
  if (endS === null) return { losses, curve };
  recover(store, Math.max(0, endS - now));
  curve.push(freshness(store, Math.max(endS, now)));
  return { losses, curve };
}
