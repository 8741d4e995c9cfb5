import { type MadeLoad, nearestLoad } from '../kit';
import { clamp } from '../units';
import type { Belief } from './chance';
import { outlookOf, ownWish, sharedWish, type Outlook, type Seeking } from './seeking';

/** Below this chance of not falling short a load is taken only where nothing lighter is there. Own estimate. */
export const LEAST_SURE = 0.25;
/** One load for all sets is kept unless loads that come down are better by this much. Own estimate. */
const WORTH_CHANGING = 0.15;
/** What a change of load between sets has to bring. Own estimate. */
export const A_CHANGE = 0.002;
/** Loads farther from a wish than this share of it are not looked at while nearer ones are there. */
const FAR = 0.15;
/** Where one load keeps this much of what the sets are worth, others are not looked for. */
const GOOD_ENOUGH = 0.95;

/** What it is worth that by the estimate no set falls short; in part where it nearly does. Own estimate. */
const BY_THE_ESTIMATE = 0.15;

/** Outlooks this near each other are as good; of such the one in which by the estimate nothing falls short. */
const AS_GOOD = 0.04;

/** How good an outlook is: the chance of the range, what is kept outside it, and not falling short; unsure ones come last. */
export const scoreOf = ({ sure, inRange, worth }: Outlook): number =>
  sure >= LEAST_SURE ? inRange + worth / 2 + BY_THE_ESTIMATE * clamp((sure - 0.3) / 0.2, 0, 1) : sure - 1;

/** Loads within reach of some wishes, ascending, with those next to them. */
function withinReach(choices: readonly MadeLoad[], wishes: readonly number[]): readonly MadeLoad[] {
  const from = nearestLoad(choices, Math.min(...wishes) * (1 - FAR)).index;
  const to = nearestLoad(choices, Math.max(...wishes) * (1 + FAR)).index;
  return choices.slice(Math.max(0, from - 1), to + 2);
}

/** Where no load keeps anything the nearest to the wish is taken. */
const hopeless = ({ sure, inRange, worth }: Outlook): boolean => sure >= LEAST_SURE && inRange + worth < 1e-6;

/** The load of a kit with the best outlook for sets that share it. */
export function bestShared(
  choices: readonly MadeLoad[],
  sets: readonly Seeking[],
  maxKg: number,
  belief: Belief,
): MadeLoad {
  const wish = sharedWish(sets, maxKg);
  const seen = withinReach(choices, [wish]).map((load) => ({
    load,
    outlook: outlookOf(sets, () => load.kg, belief),
  }));
  const better = (a: (typeof seen)[number], b: (typeof seen)[number]) => {
    if (hopeless(a.outlook) && hopeless(b.outlook))
      return Math.abs(b.load.kg - wish) < Math.abs(a.load.kg - wish) ? b : a;
    return scoreOf(b.outlook) > scoreOf(a.outlook) + 1e-9 ? b : a;
  };
  const best = seen.reduce(better);
  if (best.outlook.sure >= 0.5) return best.load;
  const firm = seen.filter(
    ({ outlook }) => outlook.sure >= 0.5 && scoreOf(outlook) > scoreOf(best.outlook) - AS_GOOD,
  );
  return firm.length > 0 ? firm.reduce(better).load : best.load;
}

/** Loads that never rise from set to set, each with the best outlook of its set: dynamic programming over the kit. */
export function bestDown(
  choices: readonly MadeLoad[],
  sets: readonly Seeking[],
  maxKg: number,
  belief: Belief,
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
    const here = near.map((load, j) => scoreOf(outlookOf([sets[i]!], () => load.kg, belief)) + best[j]!);
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

/** Loads for sets that are meant to share one: one, unless coming down is better by enough or the coach says so. */
export function loadsFor(
  choices: readonly MadeLoad[],
  sets: readonly Seeking[],
  maxKg: number,
  belief: Belief,
  asked: 'one' | 'down' | undefined,
): MadeLoad[] {
  const one = bestShared(choices, sets, maxKg, belief);
  const all = sets.map(() => one);
  if (asked === 'one' || sets.length === 1) return all;
  const serves = outlookOf(sets, () => one.kg, belief);
  if (asked !== 'down' && serves.worth >= GOOD_ENOUGH) return all;
  const down = bestDown(choices, sets, maxKg, belief);
  if (asked === 'down') return down;
  const changed = scoreOf(outlookOf(sets, (i) => down[i]!.kg, belief));
  return changed > scoreOf(serves) + WORTH_CHANGING ? down : all;
}
