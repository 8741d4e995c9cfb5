import { type Body, type PressingRegion, pressingRegions } from '../anatomy';
import type { Movement, Rig } from '../movements';
import { clamp } from '../units';
import { activityIn, armsIn, regionActivity } from './activity';
import type { Gear } from './loads/changing-loads';
import { disturbedLines } from './muscles/disturbed';
import { muscles } from './muscles/muscles';
import { posturesOf } from './postures';
import { untoldOf, type Met } from './told';
import { workOf, type PerRegion } from './work';

export type EffortLevel = 'high' | 'medium' | 'low' | 'none';

/** How hard a region works against the hardest-working one. A model's estimate. */
export interface Effort {
  /** 0 to 1; null where the model cannot tell. */
  value: number | null;
  level: EffortLevel | null;
  /**
   * Between what it comes out as with the muscles' lines moved a few millimetres; opens to everything where a
   * setting nears the edge behind which nothing is told.
   */
  range: readonly [number, number] | null;
  /** The regions told as one with it, itself left out. */
  with: readonly PressingRegion[];
  /** Why it is told as one with others, not at all, or only within a wide range. */
  why: string | null;
}

export type Efforts = Record<PressingRegion, Effort>;

/** From this effort on a region works at that level. */
const levels: readonly [number, EffortLevel][] = [
  [0.75, 'high'],
  [0.4, 'medium'],
  [0.15, 'low'],
];

export const levelOf = (value: number): EffortLevel =>
  levels.find(([from]) => value >= from - 1e-9)?.[1] ?? 'none';

const forceOf = Object.fromEntries(
  pressingRegions.map((id) => [id, muscles.reduce((t, m) => t + (m.region === id ? m.force : 0), 0)]),
) as PerRegion;

/** What is said of the regions together, or not at all, and how far each of it holds. */
interface Grouping {
  pooled: ReadonlyMap<PressingRegion, { group: readonly PressingRegion[]; share: number }>;
  hidden: ReadonlyMap<PressingRegion, number>;
  why: ReadonlyMap<PressingRegion, string>;
}

function groupingOf(untold: readonly Met[]): Grouping {
  const why = new Map<PressingRegion, string>();
  const pooled = new Map<PressingRegion, { group: readonly PressingRegion[]; share: number }>();
  const hidden = new Map<PressingRegion, number>();
  for (const { together = [], share, why: reason } of untold)
    for (const group of together)
      for (const id of group) {
        if (share < (pooled.get(id)?.share ?? 0)) continue;
        pooled.set(id, { group, share });
        if (!why.has(id)) why.set(id, reason);
      }
  for (const { not = [], share, why: reason } of untold)
    for (const id of not) {
      hidden.set(id, Math.max(share, hidden.get(id) ?? 0));
      why.set(id, reason);
    }
  return { pooled, hidden, why };
}

const chest: readonly PressingRegion[] = ['pecUpper', 'pecMiddle', 'pecLower'];

/**
 * The one figure of regions told as one: of the chest that of its most active head, which is what published
 * levels compare the front delt and the triceps with; of the others their mean by force.
 */
function togetherOf(group: readonly PressingRegion[], of: PerRegion): number {
  if (group.every((id) => chest.includes(id))) return Math.max(...group.map((id) => of[id]));
  const force = group.reduce((t, r) => t + forceOf[r], 0);
  return group.reduce((t, r) => t + forceOf[r] * of[r], 0) / force;
}

/**
 * Efforts of the regions that are told, against the hardest-working of them. What begins to be told as one
 * goes over to the common figure by degrees, and what begins to be untold stops being the measure of others.
 */
function relative(of: PerRegion, { pooled, hidden }: Grouping): Map<PressingRegion, number> {
  const told = new Map<PressingRegion, number>();
  let most = 0;
  for (const id of pressingRegions) {
    const hiddenBy = hidden.get(id) ?? 0;
    if (hiddenBy === 1) continue;
    const { group, share } = pooled.get(id) ?? { group: [id], share: 0 };
    const value = of[id] + share * (togetherOf(group, of) - of[id]);
    told.set(id, value);
    most = Math.max(most, (1 - hiddenBy) * value);
  }
  for (const [id, value] of told) told.set(id, Math.min(1, value / (most || 1)));
  return told;
}

/** How far a region's effort falls and rises with the lines moved; on an average build at a usual load. */
type Spread = ReadonlyMap<PressingRegion, readonly [number, number]>;

const averageBuild: Body = { statureM: 1.75, massKg: 80 };
const USUAL_KG = 30;
const POSTURES = 10;

function computeSpread(movement: Movement, rig: Rig, grouping: Grouping): Spread {
  const postures = posturesOf(movement, rig, averageBuild, USUAL_KG, POSTURES);
  const efforts = [muscles, ...disturbedLines()].map((set) => {
    const activity = regionActivity(
      postures,
      postures.map((p) => activityIn(p, armsIn(p, set))),
    );
    const of = Object.fromEntries(pressingRegions.map((id, i) => [id, activity[i]!])) as PerRegion;
    return relative(of, grouping);
  });
  const [plain, ...moved] = efforts as [Map<PressingRegion, number>, ...Map<PressingRegion, number>[]];
  return new Map(
    [...plain].map(([id, value]) => {
      const all = moved.map((m) => m.get(id)! - value);
      return [id, [Math.min(0, ...all), Math.max(0, ...all)] as const];
    }),
  );
}

const spreads = new WeakMap<Rig, { movement: string; spread: Spread }>();

function spreadOf(movement: Movement, rig: Rig, grouping: Grouping): Spread {
  let known = spreads.get(rig);
  if (known?.movement !== movement.id)
    spreads.set(rig, (known = { movement: movement.id, spread: computeSpread(movement, rig, grouping) }));
  return known.spread;
}

const nothing: Pick<Effort, 'value' | 'level' | 'range'> = { value: null, level: null, range: null };

/** Efforts of a repetition without how sure they are; for comparing many. */
export function effortValues(
  movement: Movement,
  rig: Rig,
  body: Body,
  loadKg: number,
  gear?: Gear,
): ReadonlyMap<PressingRegion, number> {
  const work = workOf(movement, rig, body, loadKg, undefined, gear);
  return work ? relative(work.effort, groupingOf(untoldOf(movement, rig))) : new Map();
}

/**
 * How hard each pressing region works over a repetition, against the hardest-working one, with how sure it
 * is. `loadKg` as the coach says it. Null for things without an arm path.
 *
 * @example effortsOf(benchPress, {}, body, 80)!.pecMiddle // { value: 1, level: 'high', range: [1, 1], … }
 */
export function effortsOf(
  movement: Movement,
  rig: Rig,
  body: Body,
  loadKg: number,
  gear?: Gear,
): Efforts | null {
  const work = workOf(movement, rig, body, loadKg, undefined, gear);
  if (!work) return null;
  const grouping = groupingOf(untoldOf(movement, rig));
  const told = relative(work.effort, grouping);
  const spread = told.size > 0 ? spreadOf(movement, rig, grouping) : null;
  return Object.fromEntries(
    pressingRegions.map((id): [PressingRegion, Effort] => {
      const value = told.get(id);
      const why = grouping.why.get(id) ?? null;
      if (value === undefined) return [id, { ...nothing, with: [], why }];
      const [down, up] = spread?.get(id) ?? [0, 0];
      const hidden = grouping.hidden.get(id) ?? 0;
      const pooled = grouping.pooled.get(id);
      return [
        id,
        {
          value,
          level: levelOf(value),
          range: [clamp(value + down, 0, 1) * (1 - hidden), clamp(value + up, 0, 1) * (1 - hidden) + hidden],
          with: pooled?.share === 1 ? pooled.group.filter((r) => r !== id) : [],
          why,
        },
      ];
    }),
  ) as Efforts;
}
