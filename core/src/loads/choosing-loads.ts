import { nearestLoad, type MadeLoad } from '../kit/fitting';
import type { Likely, Window } from './chance';

/** A set that finds its own load. */
export interface Seeking {
  window: Window;
  /** What of the body moves with the load, kg. */
  bodyKg: number;
}

/** Below this chance of not falling short a load is taken only where nothing lighter is there. Own estimate. */
const LEAST_SURE = 0.4;
/** One load for all sets is kept unless loads that come down are likelier by this much. Own estimate. */
const WORTH_CHANGING = 0.15;
/** What a change of load between sets has to bring. Own estimate. */
const A_CHANGE = 0.02;
/** Loads farther from a wish than this share of it are not looked at while nearer ones are there. */
const FAR = 0.35;

/** What all sets together want the fresh max to be: the most tired one its own window, the others not too easy. */
function together(sets: readonly Seeking[], kg: (i: number) => number): { low: number; high: number } {
  const moved = sets.map(({ bodyKg }, i) => kg(i) + bodyKg);
  const lows = sets.map(({ window }, i) => moved[i]! * window.low);
  const tightest = lows.indexOf(Math.max(...lows));
  const highs = sets.map(({ window }, i) => moved[i]! * (i === tightest ? window.high : window.easy));
  return { low: lows[tightest]!, high: Math.min(...highs) };
}

/** Chance that no set falls short, and that all end in their range, each at its own load (kg). */
export function chancesOf(
  sets: readonly Seeking[],
  kg: (i: number) => number,
  likely: Likely,
): { sure: number; inRange: number } {
  const { low, high } = together(sets, kg);
  const sure = likely(low);
  return { sure, inRange: high > low ? sure - likely(high) : 0 };
}

/** A load that sets would share, kilograms, if any could be made: all in range as likely as can be, else the last still in it. */
export function sharedWish(sets: readonly Seeking[], maxKg: number): number {
  const bodyKg = sets[0]!.bodyKg;
  const { low, high } = together(sets, () => 1 - bodyKg);
  return Math.max(0, maxKg / (high > low ? Math.sqrt(low * high) : low) - bodyKg);
}

/** The load one set would have by itself, kilograms, if any could be made. */
export const ownWish = ({ window, bodyKg }: Seeking, maxKg: number): number =>
  Math.max(0, maxKg / Math.sqrt(window.low * window.high) - bodyKg);

/** Loads within reach of some wishes, ascending, with those next to them. */
function withinReach(choices: readonly MadeLoad[], wishes: readonly number[]): readonly MadeLoad[] {
  const from = nearestLoad(choices, Math.min(...wishes) * (1 - FAR)).index;
  const to = nearestLoad(choices, Math.max(...wishes) * (1 + FAR)).index;
  return choices.slice(Math.max(0, from - 1), to + 2);
}

/** The better of two: sure enough before unsure, then the likelier to keep the range, then the surer. */
function likelier(a: ReturnType<typeof chancesOf>, b: ReturnType<typeof chancesOf>): boolean {
  const [sureA, sureB] = [a.sure >= LEAST_SURE, b.sure >= LEAST_SURE];
  if (sureA !== sureB) return sureA;
  if (!sureA) return a.sure > b.sure;
  return a.inRange > b.inRange + 1e-12;
}

/** The load of a kit with the best chance that every set that shares it ends in its range. */
export function bestShared(
  choices: readonly MadeLoad[],
  sets: readonly Seeking[],
  maxKg: number,
  likely: Likely,
): MadeLoad {
  const wish = sharedWish(sets, maxKg);
  const near = withinReach(choices, [wish]);
  let best = near[0]!;
  let chances = chancesOf(sets, () => best.kg, likely);
  for (const load of near.slice(1)) {
    const there = chancesOf(sets, () => load.kg, likely);
    // Where no load keeps them all, the one that serves the most tired set.
    if (chances.inRange < 1e-9 && there.inRange < 1e-9 && there.sure >= LEAST_SURE) {
      if (Math.abs(load.kg - wish) < Math.abs(best.kg - wish)) [best, chances] = [load, there];
    } else if (likelier(there, chances)) [best, chances] = [load, there];
  }
  return best;
}

/** What a load is worth to one set: its chance to keep the range; unsure loads come after all others. */
function worth(set: Seeking, kg: number, likely: Likely): number {
  const { sure, inRange } = chancesOf([set], () => kg, likely);
  return sure >= LEAST_SURE ? inRange : sure - 1;
}

/** Loads that never rise from set to set, each with the best chance its set has: dynamic programming over the kit. */
export function bestDown(
  choices: readonly MadeLoad[],
  sets: readonly Seeking[],
  maxKg: number,
  likely: Likely,
): MadeLoad[] {
  const near = withinReach(
    choices,
    sets.map((s) => ownWish(s, maxKg)),
  );
  const n = near.length;
  // best[j]: the most that the sets from i on are worth when the one before took load j.
  let best = new Array<number>(n).fill(0);
  const taken: number[][] = [];
  for (let i = sets.length - 1; i >= 0; i--) {
    const here = near.map((load, j) => worth(sets[i]!, load.kg, likely) + best[j]!);
    const from = new Array<number>(n).fill(0);
    const next = new Array<number>(n).fill(0);
    let top = 0;
    for (let j = 0; j < n; j++) {
      if (here[j]! > here[top]! + 1e-12) top = j;
      // Staying costs nothing; coming down has to be worth a change.
      const stays = i > 0 && here[j]! >= here[top]! - A_CHANGE;
      from[j] = stays ? j : top;
      next[j] = here[from[j]!]! - (stays || i === 0 ? 0 : A_CHANGE);
    }
    taken[i] = from;
    best = next;
  }
  const loads: MadeLoad[] = [];
  let at = n - 1;
  for (let i = 0; i < sets.length; i++) {
    at = taken[i]![at]!;
    loads.push(near[at]!);
  }
  return loads;
}

/** Loads for sets that are meant to share one: one, unless coming down is likelier by enough or the coach says so. */
export function loadsFor(
  choices: readonly MadeLoad[],
  sets: readonly Seeking[],
  maxKg: number,
  likely: Likely,
  asked: 'one' | 'down' | undefined,
): MadeLoad[] {
  const one = bestShared(choices, sets, maxKg, likely);
  const all = sets.map(() => one);
  if (asked === 'one' || sets.length === 1) return all;
  const down = bestDown(choices, sets, maxKg, likely);
  if (asked === 'down') return down;
  const [a, b] = [all, down].map((loads) => chancesOf(sets, (i) => loads[i]!.kg, likely));
  const clearly = b!.inRange > a!.inRange + WORTH_CHANGING || (a!.sure < LEAST_SURE && b!.sure > a!.sure);
  return clearly ? down : all;
}
