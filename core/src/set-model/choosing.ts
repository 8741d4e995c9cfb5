import type { Belief } from './belief';
import { type AskedSet, type Expected, expectedMiss, liveThrough, outlook } from './expecting';
import { copyOfStores, type Stores } from './stores';
import { setModelTable } from './table';

const { otherThanInHand } = setModelTable.missing;

/** A line's sets, of a lift, by somebody as tired as `stores` say. */
export interface LineAsked {
  lift: number;
  sets: readonly AskedSet[];
  stores: Stores;
  /** Share of the body that moves with the load, kg. */
  bodyKg: number;
  /** What everything that moves comes to in the terms of its lift: another setting of the same class. 1 when left out. */
  scale?: number;
  /** Sets of the line that are done already. */
  done?: number;
}

/** A load tried on a line: what its sets would bring, and how far they miss what is asked, a set. */
export interface Tried {
  kg: number;
  miss: number;
  sets: (Expected & { kg: number })[];
}

/** Everything that moves with a load, in the terms of the lift, kg. */
export const movedBy = ({ bodyKg, scale = 1 }: Pick<LineAsked, 'bodyKg' | 'scale'>, kg: number): number =>
  Math.max(0.1, kg + bodyKg) * scale;

/** The sets of a line with one load, from where the stores stand; the stores stay as they were. */
export function tryLoad(b: Belief, line: LineAsked, kg: number): Tried {
  const stores = copyOfStores(line.stores);
  const movesKg = movedBy(line, kg);
  const sets: Tried['sets'] = [];
  let miss = 0;
  line.sets.forEach((asked, n) => {
    const isFirst = n === 0 && !line.done;
    const seen = outlook(b, line.lift, { movesKg, asked, stores, isFirst });
    miss += expectedMiss(b, line.lift, asked, seen, isFirst);
    const { able, ableSd, reps, left, loss, known } = seen;
    sets.push({ kg, able, ableSd, reps, left, loss });
    liveThrough(b, line.lift, stores, { asked, done: reps, possible: able, over: known.over });
  });
  return { kg, miss: line.sets.length === 0 ? 0 : miss / line.sets.length, sets };
}

/** What makes one load dearer than another beside what its sets bring, and which may not be taken at all. */
export interface Bounds {
  /** The load that stands, and what another has to be better by. */
  keep?: { kg: number; worth: number };
  least?: number;
  most?: number;
}

export const inHand = (kg: number): Bounds => ({ keep: { kg, worth: otherThanInHand } });

const isSame = (a: number, b: number): boolean => Math.abs(a - b) < 1e-6;

/**
 * The load of a kit that comes nearest to what a line asks: the least expected miss over its sets, the lighter of two as
 * good. `kgs` ascending. Null where there is nothing to choose from.
 */
export function chooseOne(
  b: Belief,
  line: LineAsked,
  kgs: readonly number[],
  { keep, least = -Infinity, most = Infinity }: Bounds = {},
): Tried | null {
  const within = kgs.filter((kg) => kg >= least - 1e-6 && kg <= most + 1e-6);
  const open = within.length > 0 ? within : kgs;
  const cost = (t: Tried): number => t.miss + (keep && !isSame(t.kg, keep.kg) ? keep.worth : 0);
  let best: Tried | null = null;
  // The miss falls to one least load and rises again: looked for from the middle of what the estimate says.
  let [low, high] = [0, open.length - 1];
  const known = new Map<number, Tried>();
  const at = (i: number): Tried => {
    let t = known.get(i);
    if (!t) known.set(i, (t = tryLoad(b, line, open[i]!)));
    return t;
  };
  while (high - low > 4) {
    const middle = (low + high) >> 1;
    if (at(middle).miss <= at(middle + 1).miss) high = middle + 1;
    else low = middle;
  }
  const seen = new Set<number>();
  for (let i = Math.max(0, low - 2); i <= Math.min(open.length - 1, high + 2); i += 1) seen.add(i);
  if (keep) {
    const i = open.findIndex((kg) => isSame(kg, keep.kg));
    if (i >= 0) seen.add(i);
  }
  for (const i of [...seen].sort((x, y) => x - y)) {
    const t = at(i);
    if (!best || cost(t) < cost(best) - 1e-9) best = t;
  }
  return best;
}

/** Every set with the load that is best for itself, the sets before it as they are chosen. */
export function chooseEach(b: Belief, line: LineAsked, kgs: readonly number[], bounds: Bounds = {}): Tried | null {
  if (kgs.length === 0) return null;
  const stores = copyOfStores(line.stores);
  const sets: Tried['sets'] = [];
  let miss = 0;
  line.sets.forEach((asked, n) => {
    const before = sets.at(-1);
    const one: LineAsked = { ...line, sets: [asked], stores, done: (line.done ?? 0) + n };
    // Loads come down from set to set, or stay.
    const most = before ? Math.min(before.kg, bounds.most ?? Infinity) : bounds.most;
    const best = chooseOne(b, one, kgs, n === 0 ? bounds : { ...(most === undefined ? {} : { most }) })!;
    const movesKg = movedBy(line, best.kg);
    const { known } = outlook(b, line.lift, { movesKg, asked, stores, isFirst: n === 0 && !line.done });
    const [set] = best.sets;
    sets.push(set!);
    miss += best.miss;
    liveThrough(b, line.lift, stores, { asked, done: set!.reps, possible: set!.able, over: known.over });
  });
  return { kg: sets[0]?.kg ?? kgs[0]!, miss: miss / Math.max(1, sets.length), sets };
}

const { sayEasy, sayHard } = setModelTable.raising;

/** True where the best load of a kit has a first set much easier or harder than asked: that is said at the load. */
export const isOff = (first: Pick<Expected, 'left'>, reserve: number): boolean =>
  first.left - reserve > sayEasy || reserve - first.left > sayHard;
