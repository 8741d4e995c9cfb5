import { type PressingRegion, pressingRegions } from '../../anatomy';
import { activityIn, armsIn, pricesIn, regionActivity } from '../../mechanics/activity';
import type { Muscle } from '../../mechanics/muscles/model';
import { muscles } from '../../mechanics/muscles/muscles';
import { posturesOf, type Posture } from '../../mechanics/postures';
import { length, minus } from '../../mechanics/vector';
import { findEntry, type Rig } from '../../movements';
import type { Person } from './people';

export type Shares = Record<PressingRegion, number>;

/** One repetition as the truths ask about it. */
export interface Answer {
  postures: Posture[];
  activities: Float64Array[];
  shares: Shares;
  travelM: number;
  /** Longest the long head of the triceps gets, metres. */
  longHeadM: number;
}

/** Set-ups the published figures are for, where the catalogue starts from another. */
const startsFrom: Record<string, Rig> = {
  'incline-barbell-press': { gripBiacromial: 1.5 },
  'wide-grip-bench-press': { tuckDeg: 70 },
  'seated-dumbbell-press': { benchDeg: 80 },
  'neutral-overhead-dumbbell-press': { benchDeg: 80 },
  'chest-dip': { tuckDeg: 40 },
  'triceps-dip': { leanDeg: 10, tuckDeg: 20 },
};

/** Stacks whose load is said for both arms; the truths say what one arm moves. */
const saidForBoth = new Set(['machine-fly', 'reverse-machine-fly', 'machine-lateral-raise', 'pushdown']);

const longHead = muscles.findIndex((m) => m.id === 'triceps, long head');

/** How the model is asked: with other muscle lines, or with the back made no cheaper for holding the upper arm. */
interface How {
  lines?: readonly Muscle[];
  holdersCost?: 'as elsewhere';
}

/** Everything about one repetition of a name at a rig. */
export function answer(
  id: string,
  rig: Rig,
  kg: number,
  body: Person['body'],
  count = 20,
  { lines, holdersCost }: How = {},
): Answer {
  const entry = findEntry(id)!;
  const full: Rig = { ...entry.rig, ...startsFrom[id], ...rig };
  const postures = posturesOf(entry.movement, full, body, saidForBoth.has(id) ? 2 * kg : kg, count);
  const arms = postures.map((p) => armsIn(p, lines));
  const activities = postures.map((p, i) =>
    activityIn(p, arms[i]!, holdersCost ? pricesIn(false) : undefined),
  );
  const activity = regionActivity(postures, activities);
  const sum = activity.reduce((a, b) => a + b, 0) || 1;
  let travelM = 0;
  postures.forEach((p, i) => {
    if (i > 0) travelM += length(minus(p.pose.hand, postures[i - 1]!.pose.hand));
  });
  return {
    postures,
    activities,
    shares: Object.fromEntries(pressingRegions.map((r, i) => [r, activity[i]! / sum])) as Shares,
    travelM,
    longHeadM: Math.max(...arms.map((a) => a.lengthM[longHead]!)),
  };
}

/** A person who remembers what was asked of them. */
export class Asked {
  private readonly known = new Map<string, Answer>();
  constructor(
    readonly person: Person,
    private readonly how: How = {},
  ) {}

  of(id: string, rig: Rig, kg: number, count = 20): Answer {
    const key = `${id} ${JSON.stringify(rig)} ${kg} ${count}`;
    let found = this.known.get(key);
    if (!found) this.known.set(key, (found = answer(id, rig, kg, this.person.body, count, this.how)));
    return found;
  }

  /** At the load drawn for this kind of lift. */
  usual(id: string, rig: Rig = {}, count = 20): Answer {
    return this.of(id, rig, this.loadFor(id), count);
  }

  private loadFor(id: string): number {
    const { barKg, bellKg, raiseKg } = this.person;
    if (/push-up|chest-dip|triceps-dip/.test(id)) return 0;
    if (/raise/.test(id)) return raiseKg;
    if (/reverse-machine/.test(id)) return barKg * 0.3;
    if (/pushdown|extension|kickback/.test(id)) return raiseKg * 1.5;
    if (/dumbbell|fly/.test(id)) return bellKg;
    return /standing|seated|overhead/.test(id) ? barKg * 0.6 : barKg;
  }
}

export const triceps = ({ shares }: Answer): number => shares.triLong + shares.triLateral + shares.triMedial;
export const chest = ({ shares }: Answer): number => shares.pecUpper + shares.pecMiddle + shares.pecLower;
export const mostChest = ({ shares }: Answer): number =>
  Math.max(shares.pecUpper, shares.pecMiddle, shares.pecLower);

/** The six shoulder regions' shares among themselves. */
export function six({ shares }: Answer): Shares {
  const regions = pressingRegions.slice(0, 6);
  const sum = regions.reduce((t, r) => t + shares[r], 0) || 1;
  return Object.fromEntries(pressingRegions.map((r, i) => [r, i < 6 ? shares[r] / sum : 0])) as Shares;
}

export const mean = (a: Answer, of: (p: Posture) => number): number =>
  a.postures.reduce((s, p) => s + p.weight * of(p), 0);

/** Values that never fall (or rise) by more than `slack`. */
export const rises = (v: readonly number[], slack = 0): boolean =>
  v.every((x, i) => i === 0 || x >= v[i - 1]! - slack);
export const falls = (v: readonly number[], slack = 0): boolean =>
  v.every((x, i) => i === 0 || x <= v[i - 1]! + slack);
