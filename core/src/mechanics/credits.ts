import {
  type Body,
  type Credits,
  type PressingRegion,
  pressingRegions,
  type RegionId,
  regionIds,
} from '../anatomy';
import { anchoredCredits, fullRig, meantAt, type Movement, type Rig } from '../movements';
import { clamp, roundTo } from '../units';
import { smoothstep } from './rounding';
import { safeMoves } from './safe-moves';
import { workOf, type PerRegion } from './work';

/** Credits are the same for every client: they are scaled on one average build and load. */
const standard: Body = { statureM: 1.75, massKg: 80 };
const STANDARD_KG = 40;
/** Enough for a ratio of shares. */
const POSTURES = 12;
/** Keeps a share near nothing from doubling a credit. */
const HUSH = 0.05;
/** The knobs move a credit by half as much again at most, or halve it. */
const LEAST = 0.5;
const MOST = 1.5;

/** What one knob does to a region's credit. A model's estimate. */
export interface CreditMove {
  knob: string;
  /** The regions that move together. */
  together: readonly PressingRegion[];
  /** Their share of the work here ÷ with the knob where the table is meant for. */
  scale: number;
}

/** What became of one region's credit at a rig. */
export interface CreditSum {
  /** By the coach's table at this setting, before the mechanics. */
  anchored: number;
  /** Product of the moves, within its limits; 1 where nothing differs. */
  scale: number;
  moves: CreditMove[];
  /** Set by hand. */
  pinned: boolean;
  credit: number;
}

export type CreditSums = Partial<Record<RegionId, CreditSum>>;

const over = (shares: PerRegion, regions: readonly PressingRegion[]): number =>
  regions.reduce((t, r) => t + shares[r], 0);

/** How a sum of shares changed, hushed where there was hardly any of it. */
function change(here: number, meant: number): number {
  const told = smoothstep(meant, 0.02, 0.07);
  return 1 + told * ((here + HUSH) / (meant + HUSH) - 1);
}

/** What the knobs that the model may speak about do at a rig. */
function movesAt(movement: Movement, full: Rig): CreditMove[] {
  const shares = (rig: Rig): PerRegion | undefined =>
    workOf(movement, rig, standard, STANDARD_KG, POSTURES)?.shares;
  // Most rigs stand where the table is meant for: nothing has to be measured there.
  const elsewhere = safeMoves.flatMap(({ knob, holds, sums }) => {
    const meant = holds(movement) ? meantAt(movement, full, knob) : null;
    return meant ? [{ knob, sums, meant }] : [];
  });
  const here = elsewhere.length > 0 ? shares(full) : undefined;
  if (!here) return [];
  return elsewhere.flatMap(({ knob, sums, meant }) => {
    const there = shares(meant);
    if (!there) return [];
    return sums.map((together) => ({
      knob,
      together,
      scale: change(over(here, together), over(there, together)),
    }));
  });
}

function computeSums(movement: Movement, full: Rig): CreditSums {
  const anchored = anchoredCredits(movement, full);
  const all = movesAt(movement, full);
  const sums: CreditSums = {};
  for (const region of regionIds) {
    const pin = movement.credits.pins?.[region];
    const base = anchored[region] ?? 0;
    if (base === 0 && pin === undefined) continue;
    const moves = pressingRegions.includes(region as PressingRegion)
      ? all.filter((m) => m.together.includes(region as PressingRegion))
      : [];
    const scale = clamp(
      moves.reduce((t, m) => t * m.scale, 1),
      LEAST,
      MOST,
    );
    const credit = pin ?? roundTo(clamp(base * scale, 0, 1), 0.05);
    if (credit > 0 || pin !== undefined)
      sums[region] = { anchored: base, scale, moves, pinned: pin !== undefined, credit };
  }
  return sums;
}

const remembered = new WeakMap<Movement, Map<string, CreditSums>>();

/**
 * How each credit of a movement at a rig comes about: the coach's table at its anchors with straight lines
 * between, times what those knobs do that the model may speak about, 0 to 1 in steps of .05.
 */
export function creditSums(movement: Movement, rig: Rig): CreditSums {
  const full = fullRig(movement, rig);
  let known = remembered.get(movement);
  if (!known) remembered.set(movement, (known = new Map()));
  const key = JSON.stringify(full);
  let sums = known.get(key);
  if (!sums) {
    sums = computeSums(movement, full);
    if (known.size > 500) known.clear();
    known.set(key, sums);
  }
  return sums;
}

const credited = new WeakMap<object, Credits>();

/** Sets each region is owed for one hard set of `movement` at `rig`, 0 to 1. */
export function creditsOf(movement: Movement, rig: Rig): Credits {
  const sums = creditSums(movement, rig);
  let credits = credited.get(sums);
  if (!credits) {
    credits = Object.fromEntries(
      Object.entries(sums)
        .filter(([, s]) => s.credit > 0)
        .map(([id, s]) => [id, s.credit]),
    ) as Credits;
    credited.set(sums, credits);
  }
  return credits;
}
