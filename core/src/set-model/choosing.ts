import { type Belief, formIndex, ownReps } from './belief';
import { type AskedSet, type Expected, expectedMiss, liveThrough, outlook } from './expecting';
import { copyOfStores, felt, lossOf, type Stores } from './stores';
import { setModelTable } from './table';

const { otherThanInHand, leastShare, lateShort } = setModelTable.missing;

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

/** Repetitions to failure, when fresh, between which a load is worth trying on what a line asks. Own estimates. */
const WORTH_TRYING = { fewer: 2, more: 14 };

/** Misses a set beyond the best: no load farther that way is tried. Own estimate. */
const FAR_WORSE = 6;

/** Loads by how many repetitions to failure a fresh first set would have at them, kg as the coach says it. */
function loadAt(b: Belief, line: LineAsked): (reps: number) => number {
  const own = ownReps(b, line.lift);
  const lost = felt(lossOf(line.stores, line.sets[0]!.credits), b.tiring.mean);
  const max = b.state.mean[line.lift]! + b.state.mean[formIndex(b)]! - lost;
  return (reps) => Math.exp(max - b.curve.overAt(reps, own)) / (line.scale ?? 1) - line.bodyKg;
}

/** From which place of a list of loads on, both ways, they are worth trying, and between which ends. */
function worthTrying(
  b: Belief,
  line: LineAsked,
  kgs: readonly number[],
): { from: number; start: number; to: number } {
  const los = line.sets.map((s) => s.lo * s.pace);
  const his = line.sets.map((s) => (s.hi + s.reserve) * s.pace);
  const at = loadAt(b, line);
  const [first] = line.sets;
  const low = at(Math.max(...his) + WORTH_TRYING.more);
  const high = at(Math.max(0.5, Math.min(...los) - WORTH_TRYING.fewer));
  const middle = at(Math.max(1, ((first!.lo + first!.hi) / 2 + first!.reserve) * first!.pace));
  const place = (kg: number, none: number): number => {
    const found = kgs.findIndex((x) => x >= kg);
    return found === -1 ? none : found;
  };
  const last = kgs.length - 1;
  return {
    from: Math.max(0, place(low, last) - 1),
    start: place(middle, last),
    to: place(high, last),
  };
}

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
  if (line.sets.length === 0 || kgs.length === 0) return null;
  const within = kgs.filter((kg) => kg >= least - 1e-6 && kg <= most + 1e-6);
  const open = within.length > 0 ? within : kgs;
  const fewest = line.sets[0]!.lo * leastShare;
  let best: Tried | null = null;
  let lowest = Infinity;
  let lightest: Tried | null = null;
  /** Tries a load; how far it is behind the best. */
  const consider = (kg: number): number => {
    const t = tryLoad(b, line, kg);
    if (!lightest || kg < lightest.kg) lightest = t;
    // A first set that the estimate itself has fall short is no choice while a lighter load is there.
    if (t.sets[0]!.reps < fewest) return Infinity;
    // A later set that the estimate itself has fall short costs the line what it is short of.
    const short = Math.max(0, ...t.sets.slice(1).map(({ reps }, i) => 1 - reps / line.sets[i + 1]!.lo));
    const cost = t.miss + lateShort * short + (keep && !isSame(kg, keep.kg) ? keep.worth : 0);
    const isBetter = cost < lowest - 1e-9 || (best !== null && cost < lowest + 1e-9 && kg < best.kg);
    if (isBetter) [best, lowest] = [t, cost];
    return cost - lowest;
  };
  const { from, start, to } = worthTrying(b, line, open);
  const walk = (at: number, end: number, way: 1 | -1): void => {
    for (let i = at; way > 0 ? i <= end : i >= end; i += way)
      if (consider(open[i]!) > FAR_WORSE && best) return;
  };
  walk(Math.min(start, to), from, -1);
  walk(start + 1, to, 1);
  const kept = keep && open.find((kg) => isSame(kg, keep.kg));
  if (kept !== undefined) consider(kept);
  return best ?? lightest;
}

/** Every set with the load that is best for itself, the sets before it as they are chosen. */
export function chooseEach(
  b: Belief,
  line: LineAsked,
  kgs: readonly number[],
  bounds: Bounds = {},
): Tried | null {
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
